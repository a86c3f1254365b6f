"use client";

import Box from "@mui/material/Box";
import { type Gland } from "@/core/plan";
import { useDesk } from "@/features/plan-session";
import { TextButton, TextLine } from "@/ui";
import { MiddleFields, Quantity, two } from "../Quantity";

/** Where cables go through a surface. */
export function GlandForm({ gland, onGone }: { readonly gland: Gland; readonly onGone: () => void }) {
  const desk = useDesk();
  const { id } = gland;
  const patch = (change: Partial<Gland>, gesture?: string) =>
    desk.change({ type: "patchInSpace", list: "glands", id, patch: change }, gesture && `gland:${id}:${gesture}`);
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <TextLine
        label="Name"
        value={gland.name}
        most={80}
        onValue={(name) => patch({ name }, "name")}
        onDone={desk.endGesture}
      />
      <Box sx={two}>
        <MiddleFields xMm={gland.xMm} yMm={gland.yMm} onPatch={patch} />
        <Quantity
          label="Hole"
          spec="holeMm"
          value={gland.holeMm}
          onValue={(holeMm) => patch({ holeMm }, "hole")}
          help="How wide it is."
        />
      </Box>
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        <TextButton aria-pressed={gland.existing} onClick={() => patch({ existing: !gland.existing })}>
          There already
        </TextButton>
        <TextButton
          onClick={() => {
            desk.change({ type: "removeFromSpace", list: "glands", id });
            onGone();
          }}
        >
          Take it away
        </TextButton>
      </Box>
      <p style={{ margin: 0, fontSize: "0.8125rem" }}>
        One hole if it can be, one that is there before a new one. Look from inside for cables and ribs before you
        drill.
      </p>
    </Box>
  );
}
