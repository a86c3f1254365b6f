import { type Plan, type Surface } from "../../plan";
import { baseOf, footprintOf, sharedMm2 } from "./check";
import { isApart, minMm2, type Polygon, rangeOf } from "./convex";
import { bodyOf } from "./placed-panels";
import { beyondMm2, coveredMm2, pointsOf } from "./outline";
import { type RoofPanel } from "./solids";
import { type Point } from "./vector";

/** What a panel on a surface must keep clear of. */
export type Ground = {
  readonly outline: Surface["outline"];
  readonly taken: readonly Polygon[];
  readonly zones: readonly Surface["outline"][];
};

/** What is taken on a surface by its things, with what must stay free round them, by its zones, and by other panels. */
export function groundOf(
  { space }: Pick<Plan, "space">,
  surface: Surface,
  others: readonly RoofPanel[],
  handMm = 0,
): Ground {
  const here = ({ surfaceId }: { readonly surfaceId: string }) => surfaceId === surface.id;
  return {
    outline: surface.outline,
    taken: [
      ...space.obstacles.filter(here).map((each) => baseOf(bodyOf(each), Math.max(handMm, each.clearanceMm))),
      ...others.map(footprintOf),
    ],
    zones: space.zones.filter((each) => here(each) && each.kind !== "hidden").map(({ outline }) => outline),
  };
}

export function isFree(shape: Polygon, { outline, taken, zones }: Ground): boolean {
  return (
    taken.every((other) => isApart(shape, other) || sharedMm2(shape, other) <= minMm2) &&
    beyondMm2(shape, outline) <= minMm2 &&
    zones.every((zone) => coveredMm2(shape, zone) <= minMm2)
  );
}

/** Tries before a search for a place is given up; they come nearest first. */
const maxTries = 6000;
/** Between panels, so that each can expand and be lifted, mm. */
const seamMm = 20;

/**
 * The free place nearest to a point for a panel as it is turned and tilted; null where none is found. Tried are places where its
 * sides meet those of something else, or leave a seam beside another panel: where there is room at all, some such place is free
 * as long as all edges run along or across.
 */
export function nearestSpot(panel: RoofPanel, near: Point, ground: Ground): Point | null {
  const at = footprintOf({ ...panel, xMm: 0, yMm: 0 });
  const shapes = [pointsOf(ground.outline), ...ground.taken, ...ground.zones.map(pointsOf)];
  const steps = ([0, 1] as const).map((axis) => {
    const [low, high] = rangeOf(at, axis);
    const edges = shapes.flatMap((shape) => rangeOf(shape, axis));
    const middles = edges.flatMap((edge) => [edge - low, edge - high, edge - low + seamMm, edge - high - seamMm]);
    return [...new Set([near[axis] ?? 0, ...middles])].sort(
      (a, b) => Math.abs(a - (near[axis] ?? 0)) - Math.abs(b - (near[axis] ?? 0)),
    );
  });
  const [xs = [], ys = []] = steps;
  const tries = xs
    .flatMap((x) => ys.map((y): Point => [x, y]))
    .sort((a, b) => Math.hypot(a[0] - near[0], a[1] - near[1]) - Math.hypot(b[0] - near[0], b[1] - near[1]))
    .slice(0, maxTries);
  return (
    tries.find(([x, y]) =>
      isFree(
        at.map(([px, py]): Point => [px + x, py + y]),
        ground,
      ),
    ) ?? null
  );
}
