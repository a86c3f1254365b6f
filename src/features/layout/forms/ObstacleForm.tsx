"use client";

import Box from "@mui/material/Box";
import { type RoofObstacle } from "@/core/plan";
import { useDesk } from "@/features/plan-session";
import { TextButton, TextLine } from "@/ui";
import { MiddleFields, Quantity, two } from "../Quantity";
import { obstacleFormTexts } from "@/messages/en/layout/forms";

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
        label={obstacleFormTexts.name}
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
              label={obstacleFormTexts.length}
              spec="surfaceMm"
              value={shape.lengthMm}
              onValue={(lengthMm) => patch({ shape: { ...shape, lengthMm } }, "length")}
              help={obstacleFormTexts.lengthHelp}
            />
            <Quantity
              label={obstacleFormTexts.width}
              spec="surfaceMm"
              value={shape.widthMm}
              onValue={(widthMm) => patch({ shape: { ...shape, widthMm } }, "width")}
              help={obstacleFormTexts.widthHelp}
            />
            <Quantity
              label={obstacleFormTexts.turnedBy}
              spec="turnedDeg"
              value={shape.turnDeg}
              onValue={(turnDeg) => patch({ shape: { ...shape, turnDeg } }, "turn")}
              help={obstacleFormTexts.turnedByHelp}
            />
          </>
        ) : (
          <Quantity
            label={obstacleFormTexts.radius}
            spec="surfaceMm"
            value={shape.radiusMm}
            onValue={(radiusMm) => patch({ shape: { ...shape, radiusMm } }, "radius")}
            help={obstacleFormTexts.radiusHelp}
          />
        )}
        <Quantity
          label={obstacleFormTexts.height}
          spec="surfaceMm"
          value={shape.heightMm}
          onValue={(heightMm) =>
            patch({ shape: shape.type === "box" ? { ...shape, heightMm } : { ...shape, heightMm } }, "height")
          }
          help={obstacleFormTexts.heightHelp}
        />
        <Quantity
          label={obstacleFormTexts.footAboveTheRoof}
          spec="gapMm"
          value={obstacle.zMm}
          onValue={(zMm) => patch({ zMm }, "foot")}
          help={obstacleFormTexts.footAboveTheRoofHelp}
        />
        <Quantity
          label={obstacleFormTexts.freeSpaceAroundIt}
          spec="gapMm"
          value={obstacle.clearanceMm}
          onValue={(clearanceMm) => patch({ clearanceMm }, "clear")}
          help={obstacleFormTexts.freeSpaceAroundItHelp}
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
          {shape.type === "box" ? obstacleFormTexts.makeItRound : obstacleFormTexts.makeItRectangular}
        </TextButton>
        <TextButton aria-pressed={obstacle.planned} onClick={() => patch({ planned: !obstacle.planned })}>
          {obstacleFormTexts.plannedForLater}
        </TextButton>
        <TextButton
          onClick={() => {
            desk.change({ type: "removeFromSpace", list: "obstacles", id });
            onGone();
          }}
        >
          {obstacleFormTexts.delete}
        </TextButton>
      </Box>
    </Box>
  );
}
