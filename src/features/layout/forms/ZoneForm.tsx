"use client";

import Box from "@mui/material/Box";
import { type Zone, zoneKinds } from "@/core/plan";
import { useDesk } from "@/features/plan-session";
import { ChoiceField, TextButton, TextLine } from "@/ui";
import { CornersForm } from "./CornersForm";

export const zoneNames: Readonly<Record<Zone["kind"], string>> = {
  walkway: "walkway",
  free: "must stay free",
  noGlue: "no glue holds",
  hot: "gets hot",
  weak: "weak",
  hidden: "something under the skin",
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
        label="Name"
        value={zone.name}
        most={80}
        onValue={(name) => patch({ name }, `zone:${id}:name`)}
        onDone={desk.endGesture}
      />
      <ChoiceField
        label="It is"
        value={zone.kind}
        options={zoneKinds.map((value) => ({ value, text: zoneNames[value] }))}
        onChoice={(kind) => patch({ kind })}
        help="No panel is laid on it; no hole is cut where it is weak or something lies under it."
      />
      <CornersForm of={{ list: "zones", id }} least={3} most={40} />
      <Box>
        <TextButton
          onClick={() => {
            desk.change({ type: "removeFromSpace", list: "zones", id });
            onGone();
          }}
        >
          Take it away
        </TextButton>
      </Box>
    </Box>
  );
}
