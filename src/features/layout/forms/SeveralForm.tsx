"use client";

import Box from "@mui/material/Box";
import { type Plan } from "@/core/plan";
import { boundsOf, type Bounds, baseOf, bodyOf } from "@/core/layout/roof";
import { useDesk } from "@/features/plan-session";
import { TextButton } from "@/ui";
import { anchorOf, type Chosen, moveChange } from "../chosen";
import { type Layout } from "../layout";
import { severalFormTexts } from "@/messages/en/layout/forms";

type Props = {
  readonly plan: Plan;
  readonly chosen: readonly Chosen[];
  readonly layout: Layout;
  readonly positionId: string;
};

type Axis = "x" | "y";
const sides: readonly { readonly words: string; readonly axis: Axis; readonly of: (box: Bounds) => number }[] = [
  { words: severalFormTexts.alignLeftEdges, axis: "x", of: ({ x }) => x[0] },
  { words: severalFormTexts.alignRightEdges, axis: "x", of: ({ x }) => x[1] },
  { words: severalFormTexts.alignBackEdges, axis: "y", of: ({ y }) => y[0] },
  { words: severalFormTexts.alignFrontEdges, axis: "y", of: ({ y }) => y[1] },
  { words: severalFormTexts.alignMiddlesBackToFront, axis: "x", of: ({ x }) => (x[0] + x[1]) / 2 },
  { words: severalFormTexts.alignMiddlesLeftToRight, axis: "y", of: ({ y }) => (y[0] + y[1]) / 2 },
];

/** Several things chosen: laid in line with the one chosen first, or with the same room between them. */
export function SeveralForm({ plan, chosen, layout, positionId }: Props) {
  const desk = useDesk();
  const boxes = chosen.flatMap((what) => {
    const obstacle = plan.space.obstacles.find(({ id }) => id === what.id);
    const shape =
      what.type === "panel"
        ? layout.panels.find(({ id }) => id === what.id)?.shape
        : obstacle === undefined
          ? undefined
          : baseOf(bodyOf(obstacle));
    return shape === undefined ? [] : [{ what, box: boundsOf(shape) }];
  });
  const shift = (moves: readonly { readonly what: Chosen; readonly axis: Axis; readonly by: number }[]) => {
    const now = desk.now().history.present;
    desk.changeAll(
      moves.flatMap(({ what, axis, by }) => {
        const [x, y] = anchorOf(now, what, positionId);
        return moveChange(now, what, positionId, axis === "x" ? [x + by, y] : [x, y + by]) ?? [];
      }),
    );
  };
  const inLine = (axis: Axis, of: (box: Bounds) => number) => {
    const [first] = boxes;
    if (first === undefined) return;
    shift(boxes.slice(1).map(({ what, box }) => ({ what, axis, by: of(first.box) - of(box) })));
  };
  const evenly = (axis: Axis) => {
    const sorted = boxes.toSorted((a, b) => a.box[axis][0] - b.box[axis][0]);
    const [first, last] = [sorted[0], sorted.at(-1)];
    if (first === undefined || last === undefined || sorted.length < 3) return;
    const taken = sorted.reduce((sum, { box }) => sum + box[axis][1] - box[axis][0], 0);
    const gap = (last.box[axis][1] - first.box[axis][0] - taken) / (sorted.length - 1);
    let at = first.box[axis][0];
    shift(
      sorted.map(({ what, box }) => {
        const by = at - box[axis][0];
        at += box[axis][1] - box[axis][0] + gap;
        return { what, axis, by };
      }),
    );
  };
  return (
    <Box sx={{ display: "grid", gap: 1 }}>
      <strong>{severalFormTexts.chosenCountObjectsSelected(chosen.length)}</strong>
      <Box sx={{ display: "flex", gap: 0.5, flexWrap: "wrap" }}>
        {sides.map(({ words, axis, of }) => (
          <TextButton key={words} disabled={boxes.length < 2} onClick={() => inLine(axis, of)}>
            {words}
          </TextButton>
        ))}
        <TextButton disabled={boxes.length < 3} onClick={() => evenly("x")}>
          {severalFormTexts.equalGapsFromLeftToRight}
        </TextButton>
        <TextButton disabled={boxes.length < 3} onClick={() => evenly("y")}>
          {severalFormTexts.equalGapsFromBackToFront}
        </TextButton>
      </Box>
      <p style={{ margin: 0, fontSize: "0.8125rem" }}>{severalFormTexts.theFirstSelectedObjectStaysWhere}</p>
    </Box>
  );
}
