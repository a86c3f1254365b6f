"use client";

import Box from "@mui/material/Box";
import { type Gland } from "@/core/plan";
import { useDesk } from "@/features/plan-session";
import { TextButton, TextLine } from "@/ui";
import { MiddleFields, Quantity, two } from "../Quantity";
import { glandFormTexts } from "@/messages/en/layout/forms";

/** Where cables go through a surface. */
export function GlandForm({ gland, onGone }: { readonly gland: Gland; readonly onGone: () => void }) {
  const desk = useDesk();
  const { id } = gland;
  const patch = (change: Partial<Gland>, gesture?: string) =>
    desk.change({ type: "patchInSpace", list: "glands", id, patch: change }, gesture && `gland:${id}:${gesture}`);
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <TextLine
        label={glandFormTexts.name}
        value={gland.name}
        most={80}
        onValue={(name) => patch({ name }, "name")}
        onDone={desk.endGesture}
      />
      <Box sx={two}>
        <MiddleFields xMm={gland.xMm} yMm={gland.yMm} onPatch={patch} />
        <Quantity
          label={glandFormTexts.holeDiameter}
          spec="holeMm"
          value={gland.holeMm}
          onValue={(holeMm) => patch({ holeMm }, "hole")}
          help={glandFormTexts.holeDiameterHelp}
        />
      </Box>
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        <TextButton aria-pressed={gland.existing} onClick={() => patch({ existing: !gland.existing })}>
          {glandFormTexts.alreadyThere}
        </TextButton>
        <TextButton
          onClick={() => {
            desk.change({ type: "removeFromSpace", list: "glands", id });
            onGone();
          }}
        >
          {glandFormTexts.delete}
        </TextButton>
      </Box>
      <p style={{ margin: 0, fontSize: "0.8125rem" }}>{glandFormTexts.useOneHoleIfPossibleAndAn}</p>
    </Box>
  );
}
