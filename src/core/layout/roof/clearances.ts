import { panelKindFacts, type Plan, type Surface } from "../../plan";
import { type Bounds, boundsOf, commonOf, type Polygon, rangeOf } from "./convex";
import { type LaidPanel } from "./placed-panels";
import { pointsOf } from "./outline";
import { dot, level, plus, type Vector } from "./vector";

/** Where a panel fits but cannot be fixed, or reached. */
export type RoomFault =
  /** Its back is lower than the ribs it lies over. */
  | { readonly type: "onRib"; readonly panel: string; readonly gapMm: number; readonly heightMm: number }
  /** The roof bulges more under it than its back is high. */
  | { readonly type: "onCamber"; readonly panel: string; readonly gapMm: number; readonly bulgeMm: number }
  /** No hand gets to the nuts of its adjustable legs. */
  | {
      readonly type: "noHand";
      readonly panel: string;
      readonly by: string;
      readonly freeMm: number;
      readonly neededMm: number;
    };

/** A panel as it is judged: how it lies, whether it bends, and to where its legs tilt it, if it has such. */
export type JudgedPanel = LaidPanel & {
  readonly kind: Plan["panels"][number]["label"]["kind"];
  readonly gapMm: number;
  readonly legsTiltToDeg: number | null;
};
export type Laid = { readonly panel: JudgedPanel; readonly shape: Polygon };

/** What a hand with a spanner takes, mm. */
export const handMm = 120;

export function roomFaults(
  { ribs, camberMm, outline }: Surface,
  { panel, shape }: Laid,
  others: readonly { readonly id: string; readonly shape: Polygon }[],
): RoomFault[] {
  const { id, gapMm, kind } = panel;
  const faults: RoomFault[] = [];
  const box = boundsOf(shape);
  if (ribs !== null && gapMm < ribs.heightMm && crossesRib(ribs, box))
    faults.push({ type: "onRib", panel: id, gapMm, heightMm: ribs.heightMm });
  const [leftMm, rightMm] = rangeOf(pointsOf(outline), 0);
  // a plate on a parabola with its feet at both edges: the bulge under it goes with the square of its width
  const bulgeMm = camberMm * Math.min(1, (box.x[1] - box.x[0]) / (rightMm - leftMm)) ** 2;
  if (bulgeMm > gapMm && !panelKindFacts[kind].bends) faults.push({ type: "onCamber", panel: id, gapMm, bulgeMm });
  if (panel.legsTiltToDeg !== null) {
    const { strip, edge, away } = handStrip(panel, panel.legsTiltToDeg);
    for (const other of others) {
      const met = commonOf(other.shape, strip);
      if (met.length < 3) continue;
      const freeMm = Math.max(0, Math.min(...met.map(([x, y]) => dot(plus([x, y, 0], edge, -1), away))));
      if (freeMm < handMm - 0.5) faults.push({ type: "noHand", panel: id, by: other.id, freeMm, neededMm: handMm });
    }
  }
  return faults;
}

function crossesRib({ run, firstMm, apartMm, widthMm }: NonNullable<Surface["ribs"]>, { x, y }: Bounds): boolean {
  const [from, to] = run === "along" ? x : y;
  // the first rib whose far side is beyond where the panel begins
  const k = Math.max(0, Math.ceil((from - widthMm / 2 - firstMm) / apartMm + 1e-9));
  return firstMm + k * apartMm - widthMm / 2 < to - 1e-6;
}

/** Where a hand has to get in: along the edge that is lifted, the one that looks most away from where the panel is tilted to. */
function handStrip(panel: JudgedPanel, tiltToDeg: number): { strip: Polygon; edge: Vector; away: Vector } {
  const { xMm, yMm, alongMm, acrossMm, turnDeg } = panel;
  const sides = [0, 90, 180, 270].map((deg) => ({ away: level(turnDeg + deg), isEnd: deg % 180 === 0 }));
  const lifted = level(tiltToDeg + 180);
  const { away, isEnd } = sides.reduce((best, side) => (dot(side.away, lifted) > dot(best.away, lifted) ? side : best));
  const [outMm, wideMm] = isEnd ? [alongMm, acrossMm] : [acrossMm, alongMm];
  const edge = plus([xMm, yMm, 0], away, outMm / 2);
  const beside: Vector = [away[1], -away[0], 0];
  const corner = (out: number, side: number) => {
    const [x, y] = plus(plus(edge, away, out), beside, (side * wideMm) / 2);
    return [x, y] as const;
  };
  // counter-clockwise, as all polygons are
  return { strip: [corner(0, 1), corner(handMm, 1), corner(handMm, -1), corner(0, -1)], edge, away };
}
