import { type Plan, pieceName } from "../plan";
import { boundsOf, footprintOf, type LaidPanel } from "../layout/roof";

/** Pieces of one length to be cut, and what they carry. */
export type Cut = { readonly lengthMm: number; readonly count: number; readonly of: string };
/** A bar and the pieces it is cut into. */
export type Bar = { readonly cutsMm: readonly number[]; readonly leftMm: number };
export type CutList = {
  readonly rails: readonly Cut[];
  readonly bars: readonly Bar[];
  /** Pieces longer than a bar. */ readonly tooLong: number;
  /** For who fixes panels by brackets instead: one at each corner, and in the middle of long sides. */
  readonly brackets: number;
};

/** A rail stands over the panels it carries by so much at each end, mm; and a saw takes so much. */
const overMm = 40;
const kerfMm = 3;
/** Panels whose ends are in line within this share their rails, if no more than this lies between them. */
const inLineMm = 10;
const besideMm = 300;
/** Sides longer than this want a bracket in their middle. */
const longSideMm = 1200;

/** Two rails across under each row of panels that lie side by side, and how they come out of bars of a length. First fit, longest first. */
export function cutList(plan: Pick<Plan, "panels">, panels: readonly LaidPanel[], barMm: number): CutList {
  const boxes = panels.map((panel) => {
    const { x, y } = boundsOf(footprintOf(panel));
    return { panel, left: x[0], right: x[1], back: y[0], front: y[1] };
  });
  const rows: (typeof boxes)[] = [];
  for (const box of boxes.toSorted((a, b) => a.back - b.back || a.left - b.left)) {
    const row = rows.find((each) => {
      const last = each.at(-1);
      return (
        last !== undefined &&
        Math.abs(last.back - box.back) <= inLineMm &&
        Math.abs(last.front - box.front) <= inLineMm &&
        box.left - last.right <= besideMm &&
        box.left >= last.right - 1
      );
    });
    if (row === undefined) rows.push([box]);
    else row.push(box);
  }
  const rails = rows.map((row): Cut => ({
    lengthMm: Math.round((row.at(-1)?.right ?? 0) - (row[0]?.left ?? 0) + 2 * overMm),
    count: 2,
    of: row.map(({ panel }) => pieceName(plan, panel.id)).join(", "),
  }));
  const pieces = rails
    .flatMap(({ lengthMm, count }) => Array.from({ length: count }, () => lengthMm))
    .sort((a, b) => b - a);
  const fitting = pieces.filter((piece) => piece <= barMm);
  const bars: { cutsMm: number[]; leftMm: number }[] = [];
  for (const piece of fitting) {
    const bar = bars.find(({ leftMm, cutsMm }) => leftMm >= piece + (cutsMm.length > 0 ? kerfMm : 0));
    if (bar === undefined) bars.push({ cutsMm: [piece], leftMm: barMm - piece });
    else {
      bar.leftMm -= piece + kerfMm;
      bar.cutsMm.push(piece);
    }
  }
  const brackets = panels.reduce(
    (sum, { alongMm, acrossMm }) => sum + 4 + (Math.max(alongMm, acrossMm) > longSideMm ? 2 : 0),
    0,
  );
  return { rails, bars, tooLong: pieces.length - fitting.length, brackets };
}
