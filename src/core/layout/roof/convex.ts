import { type Point } from "./vector";

/** A convex polygon, its corners counter-clockwise. */
export type Polygon = readonly Point[];

/** Less than this share of a mm² is nothing. */
const minArea = 1e-6;

export function areaOf(polygon: Polygon): number {
  let twice = 0;
  let before = polygon.at(-1);
  for (const point of polygon) {
    if (before !== undefined) twice += before[0] * point[1] - point[0] * before[1];
    before = point;
  }
  return twice / 2;
}

/** The smallest convex polygon round some points. Andrew's monotone chain (1979). */
export function hullOf(points: readonly Point[]): Polygon {
  const sorted = [...points].sort((a, b) => a[0] - b[0] || a[1] - b[1]);
  const chain = (ordered: readonly Point[]) => {
    const kept: Point[] = [];
    for (const point of ordered) {
      for (let last = kept.at(-1), before = kept.at(-2); last !== undefined && before !== undefined;) {
        if (sideOf(before, last, point) > 0) break;
        kept.pop();
        [last, before] = [kept.at(-1), kept.at(-2)];
      }
      kept.push(point);
    }
    return kept.slice(0, -1);
  };
  return [...chain(sorted), ...chain(sorted.toReversed())];
}

/** Left of the line from a to b: above 0. */
function sideOf(a: Point, b: Point, point: Point): number {
  return (b[0] - a[0]) * (point[1] - a[1]) - (b[1] - a[1]) * (point[0] - a[0]);
}

/** The part of a polygon on one side of the line from a to b: `side` 1 left, −1 right. */
function cut(polygon: Polygon, a: Point, b: Point, side: 1 | -1): Polygon {
  const kept: Point[] = [];
  for (let k = 0; k < polygon.length; k++) {
    const point = polygon[k] as Point;
    const next = polygon[k + 1 === polygon.length ? 0 : k + 1] as Point;
    const here = side * sideOf(a, b, point);
    const there = side * sideOf(a, b, next);
    if (here >= 0) kept.push(point);
    if (here > 0 !== there > 0 && here !== there) {
      const share = here / (here - there);
      kept.push([point[0] + share * (next[0] - point[0]), point[1] + share * (next[1] - point[1])]);
    }
  }
  return kept;
}

/** What is left of a convex polygon when another is taken out of it, as convex pieces. */
export function without(polygon: Polygon, taken: Polygon): Polygon[] {
  const left: Polygon[] = [];
  let rest = polygon;
  for (let k = 0; k < taken.length; k++) {
    const a = taken[k] as Point;
    const b = taken[k + 1 === taken.length ? 0 : k + 1] as Point;
    // most sides of a large shape do not come near a small one
    let [least, most] = [Infinity, -Infinity];
    for (const point of rest) {
      const side = sideOf(a, b, point);
      if (side < least) least = side;
      if (side > most) most = side;
    }
    if (least >= 0) continue;
    if (most <= 0) return [polygon];
    const outside = cut(rest, a, b, -1);
    if (areaOf(outside) > minArea) left.push(outside);
    rest = cut(rest, a, b, 1);
    if (areaOf(rest) <= minArea) return [polygon];
  }
  return left;
}

/** What two convex polygons have in common; empty where that is nothing. */
export function commonOf(a: Polygon, b: Polygon): Polygon {
  let rest = a;
  for (const [k, from] of b.entries()) {
    rest = cut(rest, from, b[(k + 1) % b.length] ?? from, 1);
    if (rest.length < 3) return [];
  }
  return rest;
}

/** Whether the boxes round two shapes do not meet: most pairs are done with by that. */
export function isApart(a: Polygon, b: Polygon): boolean {
  const [ax, ay, bx, by] = [rangeOf(a, 0), rangeOf(a, 1), rangeOf(b, 0), rangeOf(b, 1)];
  return ax[1] <= bx[0] || bx[1] <= ax[0] || ay[1] <= by[0] || by[1] <= ay[0];
}

/** The least and the most of a shape along an axis: 0 across, 1 along. */
export function rangeOf(shape: Polygon, axis: 0 | 1): readonly [number, number] {
  let [least, most] = [Infinity, -Infinity];
  for (const point of shape) {
    least = Math.min(least, point[axis]);
    most = Math.max(most, point[axis]);
  }
  return [least, most];
}

/** The box round a shape. */
export type Bounds = { readonly x: readonly [number, number]; readonly y: readonly [number, number] };

export function boundsOf(shape: Polygon): Bounds {
  return { x: rangeOf(shape, 0), y: rangeOf(shape, 1) };
}

/** What two shapes share that is less than this is a pencil's width, mm². */
export const minMm2 = 50;
