import { type Surface } from "../../plan";
import { rangeOf } from "./convex";
import { pointsOf } from "./outline";
import { distanceMm } from "./reach";
import { type Point } from "./vector";

/** How far in from the edge a cable is clipped, mm. */
const inMm = 40;

/**
 * A way from one point of a surface to another that keeps to its edges: straight to the nearest edge, along the outline the shorter way
 * round, and straight to where it goes. The corners between the two ends, a little in from the edge.
 */
export function alongEdges({ outline }: Pick<Surface, "outline">, from: Point, to: Point): readonly Point[] {
  const corners = pointsOf(outline);
  const [start, end] = [nearestOn(corners, from), nearestOn(corners, to)];
  if (start === null || end === null) return [];
  const around = start.side === end.side ? [] : shorter(corners, start, end);
  return [start.at, ...around, end.at]
    .map((point) => inwards(point, corners))
    .filter((point) => distanceMm(point, from) > 1 && distanceMm(point, to) > 1);
}

type OnEdge = { readonly at: Point; readonly side: number };

/** The point of an outline nearest to another, and the side it lies on. */
function nearestOn(corners: readonly Point[], [x, y]: Point): OnEdge | null {
  let best: (OnEdge & { readonly mm: number }) | null = null;
  for (const [side, [ax, ay]] of corners.entries()) {
    const [bx, by] = corners[(side + 1) % corners.length] ?? [ax, ay];
    const length = (bx - ax) ** 2 + (by - ay) ** 2;
    const share = length === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / length));
    const at: Point = [ax + share * (bx - ax), ay + share * (by - ay)];
    const mm = distanceMm(at, [x, y]);
    if (best === null || mm < best.mm) best = { at, side, mm };
  }
  return best;
}

/** The corners passed from one side to another, the shorter way round. */
function shorter(corners: readonly Point[], start: OnEdge, end: OnEdge): readonly Point[] {
  const count = corners.length;
  const forth: Point[] = [];
  for (let side = start.side; side !== end.side; side = (side + 1) % count)
    forth.push(corners[(side + 1) % count] ?? [0, 0]);
  const back: Point[] = [];
  for (let side = start.side; side !== end.side; side = (side + count - 1) % count) back.push(corners[side] ?? [0, 0]);
  const length = (way: readonly Point[]) =>
    [...way, end.at].reduce((sum, point, k) => sum + distanceMm(way[k - 1] ?? start.at, point), 0);
  return length(forth) <= length(back) ? forth : back;
}

/** A little in from the straight edges of the box round a surface, where a point lies on them. */
function inwards(point: Point, corners: readonly Point[]): Point {
  const moved = ([0, 1] as const).map((axis) => {
    const [least, most] = rangeOf(corners, axis);
    return Math.min(Math.max(point[axis], least + inMm), most - inMm);
  });
  return [moved[0] ?? point[0], moved[1] ?? point[1]];
}
