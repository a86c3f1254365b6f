"use client";

import Box from "@mui/material/Box";
import { type RoofObstacle } from "@/core/plan";
import { useDesk } from "@/features/plan-session";
import { TextButton, TextLine } from "@/ui";
import { MiddleFields, Quantity, two } from "../Quantity";

/** Something that stands on a surface, by its numbers. */
export function ObstacleForm({ obstacle, onGone }: { readonly obstacle: RoofObstacle; readonly onGone: () => void }) {
  const desk = useDesk();
  const { id, shape } = obstacle;
  const patch = (change: Partial<RoofObstacle>, gesture?: string) =>
    desk.change(
      { type: "patchInSpace", list: "obstacles", id, patch: change },
      gesture === undefined ? undefined : `obstacle:${id}:${gesture}`,
    );
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <TextLine
        label="Name"
        value={obstacle.name}
        most={80}
        onValue={(name) => patch({ name }, "name")}
        onDone={desk.endGesture}
      />
      <Box sx={two}>
        <MiddleFields xMm={obstacle.xMm} yMm={obstacle.yMm} onPatch={patch} />
        {shape.type === "box" ? (
          <>
            <Quantity
              label="Length"
              spec="surfaceMm"
              value={shape.lengthMm}
              onValue={(lengthMm) => patch({ shape: { ...shape, lengthMm } }, "length")}
              help="From back to front."
            />
            <Quantity
              label="Width"
              spec="surfaceMm"
              value={shape.widthMm}
              onValue={(widthMm) => patch({ shape: { ...shape, widthMm } }, "width")}
              help="From left to right."
            />
            <Quantity
              label="Turned"
              spec="turnedDeg"
              value={shape.turnDeg}
              onValue={(turnDeg) => patch({ shape: { ...shape, turnDeg } }, "turn")}
              help="Degrees clockwise."
            />
          </>
        ) : (
          <Quantity
            label="Radius"
            spec="surfaceMm"
            value={shape.radiusMm}
            onValue={(radiusMm) => patch({ shape: { ...shape, radiusMm } }, "radius")}
            help="Half of how thick it is."
          />
        )}
        <Quantity
          label="Height"
          spec="surfaceMm"
          value={shape.heightMm}
          onValue={(heightMm) =>
            patch({ shape: shape.type === "box" ? { ...shape, heightMm } : { ...shape, heightMm } }, "height")
          }
          help="From its foot to its top: it throws the shadow."
        />
        <Quantity
          label="Foot above the roof"
          spec="gapMm"
          value={obstacle.zMm}
          onValue={(zMm) => patch({ zMm }, "foot")}
          help="0 for what stands on it; a boom hangs."
        />
        <Quantity
          label="Free round it"
          spec="gapMm"
          value={obstacle.clearanceMm}
          onValue={(clearanceMm) => patch({ clearanceMm }, "clear")}
          help="So that it opens, or can be reached."
        />
      </Box>
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        <TextButton
          onClick={() =>
            patch({
              shape:
                shape.type === "box"
                  ? { type: "pole", radiusMm: Math.max(5, shape.widthMm / 2), heightMm: shape.heightMm }
                  : {
                      type: "box",
                      lengthMm: 2 * shape.radiusMm,
                      widthMm: 2 * shape.radiusMm,
                      heightMm: shape.heightMm,
                      turnDeg: 0,
                    },
            })
          }
        >
          {shape.type === "box" ? "Make it round" : "Make it a box"}
        </TextButton>
        <TextButton aria-pressed={obstacle.planned} onClick={() => patch({ planned: !obstacle.planned })}>
          To come later
        </TextButton>
        <TextButton
          onClick={() => {
            desk.change({ type: "removeFromSpace", list: "obstacles", id });
            onGone();
          }}
        >
          Take it away
        </TextButton>
      </Box>
    </Box>
  );
}
