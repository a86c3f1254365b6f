"use client";

import Box from "@mui/material/Box";
import { type Zone, zoneKinds } from "@/core/plan";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, TextButton, TextLine } from "@/ui";
import { CornersForm } from "./CornersForm";
import { zoneFormTexts } from "@/messages/en/layout/forms";

export const zoneNames: Readonly<Record<Zone["kind"], string>> = {
  walkway: "walkway",
  free: zoneFormTexts.mustStayFree,
  noGlue: zoneFormTexts.adhesiveDoesNotHold,
  hot: "gets hot",
  weak: "weak",
  hidden: zoneFormTexts.hiddenCablesOrRibs,
};

/** A part of a surface that means something, by its name, its kind and its corners. */
export function ZoneForm({ zone, onGone }: { readonly zone: Zone; readonly onGone: () => void }) {
  const desk = useDesk();
  const { id } = zone;
  const patch = (change: Partial<Zone>, gesture?: string) =>
    desk.change({ type: "patchInSpace", list: "zones", id, patch: change }, gesture);
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <TextLine
        label={zoneFormTexts.name}
        value={zone.name}
        most={80}
        onValue={(name) => patch({ name }, `zone:${id}:name`)}
        onDone={desk.endGesture}
      />
      <ChoiceField
        label={zoneFormTexts.kindOfZone}
        value={zone.kind}
        options={zoneKinds.map((value) => ({ value, text: zoneNames[value] }))}
        onChoice={(kind) => patch({ kind })}
        help={zoneFormTexts.kindOfZoneHelp}
      />
      <CornersForm of={{ list: "zones", id }} least={3} most={40} />
      <Box>
        <TextButton
          onClick={() => {
            desk.change({ type: "removeFromSpace", list: "zones", id });
            onGone();
          }}
        >
          {zoneFormTexts.delete}
        </TextButton>
      </Box>
    </Box>
  );
}
