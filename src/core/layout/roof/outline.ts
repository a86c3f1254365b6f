import { type Surface, type Zone } from "../../plan";
import { areaOf, commonOf, type Polygon, without } from "./convex";
import { type Point } from "./vector";

/** Corners of any simple shape, as a plan has them. */
type Corners = Surface["outline"] | Zone["outline"];

export function pointsOf(outline: Corners): Polygon {
  return outline.map(({ xMm, yMm }): Point => [xMm, yMm]);
}

/** Shapes cut into triangles before: an outline is the same object for as long as nobody changes it. */
const cutBefore = new WeakMap<Corners, readonly Polygon[]>();

/** Any simple shape as convex pieces. */
export function piecesOf(outline: Corners): readonly Polygon[] {
  const known = cutBefore.get(outline) ?? trianglesOf(pointsOf(outline));
  cutBefore.set(outline, known);
  return known;
}

/** How much of a convex shape lies over the outline of a surface, whatever shape that has, mm². */
export function beyondMm2(shape: Polygon, outline: Corners): number {
  let left: Polygon[] = [shape];
  for (const triangle of piecesOf(outline)) left = left.flatMap((piece) => without(piece, triangle));
  return left.reduce((sum, piece) => sum + areaOf(piece), 0);
}

/** How much of a convex shape lies on another of any shape, mm². */
export function coveredMm2(shape: Polygon, outline: Corners): number {
  return piecesOf(outline).reduce((sum, piece) => sum + areaOf(commonOf(shape, piece)), 0);
}

/** A simple polygon as triangles, by cutting ears. */
function trianglesOf(points: readonly Point[]): Polygon[] {
  const turn = (a: Point, b: Point, c: Point) => (b[0] - a[0]) * (c[1] - a[1]) - (b[1] - a[1]) * (c[0] - a[0]);
  let left = areaOf(points) < 0 ? points.toReversed() : [...points];
  const found: Polygon[] = [];
  while (left.length > 3) {
    const ear = left.findIndex((point, k) => {
      const before = left[(k + left.length - 1) % left.length] ?? point;
      const after = left[(k + 1) % left.length] ?? point;
      if (turn(before, point, after) <= 0) return false;
      return left.every(
        (other) =>
          other === before ||
          other === point ||
          other === after ||
          turn(before, point, other) < 0 ||
          turn(point, after, other) < 0 ||
          turn(after, before, other) < 0,
      );
    });
    // an outline that crosses itself has no ears left at some point: what was found stands
    if (ear < 0) return found;
    const [before, point, after] = [left.at(ear - 1), left[ear], left[(ear + 1) % left.length]];
    if (before !== undefined && point !== undefined && after !== undefined) found.push([before, point, after]);
    left = left.filter((_, k) => k !== ear);
  }
  if (areaOf(left) > 0) found.push(left);
  return found;
}
