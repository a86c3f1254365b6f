import { type Plan, type Surface } from "../plan";
import { areaOf, hullOf, type Polygon, without } from "./convex";
import { type Obstacle, type RoofPanel } from "./solids";
import { level, type Point } from "./vector";

/** What is wrong with a layout. Things are named by their ids; of panels by their keys. */
export type LayoutFault =
  | { readonly type: "overlap"; readonly panel: string; readonly other: string; readonly areaMm2: number }
  | { readonly type: "overEdge"; readonly panel: string; readonly areaMm2: number }
  | { readonly type: "onObstacle"; readonly panel: string; readonly obstacleId: string }
  /** It lies beside the thing, but where that has to open or be reached. */
  | { readonly type: "clearance"; readonly panel: string; readonly obstacleId: string }
  | { readonly type: "inZone"; readonly panel: string; readonly zoneId: string };

/** Overlaps smaller than this are those of a pencil's width, mm². */
const leastMm2 = 50;

/** A panel seen from above: tilted, it covers less. */
export function footprintOf({ xMm, yMm, alongMm, acrossMm, turnDeg, tiltDeg, tiltTowardsDeg }: RoofPanel): Polygon {
  const [along, across, sinks] = [level(turnDeg), level(turnDeg + 90), level(tiltTowardsDeg)];
  const shrink = 1 - Math.cos((tiltDeg * Math.PI) / 180);
  const corner = (a: number, c: number): Point => {
    const x = (a * along[0] * alongMm + c * across[0] * acrossMm) / 2;
    const y = (a * along[1] * alongMm + c * across[1] * acrossMm) / 2;
    const down = (x * sinks[0] + y * sinks[1]) * shrink;
    return [xMm + x - down * sinks[0], yMm + y - down * sinks[1]];
  };
  return hullOf([corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)]);
}

/** An obstacle seen from above, with so much added all round. */
export function baseOf(obstacle: Obstacle, roundMm = 0): Polygon {
  const { xMm, yMm } = obstacle;
  if (obstacle.type === "pole")
    return hullOf(
      Array.from({ length: 24 }, (_, k): Point => {
        const [x, y] = level(15 * k);
        return [xMm + x * (obstacle.radiusMm + roundMm), yMm + y * (obstacle.radiusMm + roundMm)];
      }),
    );
  const [length, width] = [level(obstacle.turnDeg), level(obstacle.turnDeg + 90)];
  const corner = (l: number, w: number): Point => {
    const [halfL, halfW] = [obstacle.lengthMm / 2 + roundMm, obstacle.widthMm / 2 + roundMm];
    return [xMm + l * length[0] * halfL + w * width[0] * halfW, yMm + l * length[1] * halfL + w * width[1] * halfW];
  };
  return hullOf([corner(-1, -1), corner(1, -1), corner(1, 1), corner(-1, 1)]);
}

/** What two convex shapes have in common, mm². */
export function sharedMm2(a: Polygon, b: Polygon): number {
  return areaOf(a) - without(a, b).reduce((sum, piece) => sum + areaOf(piece), 0);
}

/** How much of a convex shape lies over the outline of a surface, whatever shape that has: by the outline cut into triangles. */
function beyondMm2(shape: Polygon, outline: Surface["outline"]): number {
  const inside = trianglesOf(outline.map(({ xMm, yMm }): Point => [xMm, yMm]));
  let left: Polygon[] = [shape];
  for (const triangle of inside) left = left.flatMap((piece) => without(piece, triangle));
  return left.reduce((sum, piece) => sum + areaOf(piece), 0);
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

/** Everything that is wrong with the panels on a surface: overlaps, edges, things in the way, what must stay free. */
export function faultsOf(
  { space }: Pick<Plan, "space">,
  surface: Surface,
  panels: readonly RoofPanel[],
  bodyOf: (obstacle: Plan["space"]["obstacles"][number]) => Obstacle,
): LayoutFault[] {
  const footprints = panels.map((panel) => ({ panel, shape: footprintOf(panel) }));
  const here = <T extends { readonly surfaceId: string }>(list: readonly T[]) =>
    list.filter(({ surfaceId }) => surfaceId === surface.id);
  return footprints.flatMap(({ panel, shape }, k): LayoutFault[] => {
    const overlaps = footprints.slice(k + 1).flatMap(({ panel: other, shape: otherShape }): LayoutFault[] => {
      const areaMm2 = sharedMm2(shape, otherShape);
      // one that slides over another lies higher by more than its frame
      const over = Math.abs(panel.zMm - other.zMm) > 60;
      return areaMm2 > leastMm2 && !over ? [{ type: "overlap", panel: panel.id, other: other.id, areaMm2 }] : [];
    });
    const beyond = beyondMm2(shape, surface.outline);
    const obstacles = here(space.obstacles).flatMap((obstacle): LayoutFault[] => {
      const body = bodyOf(obstacle);
      if (sharedMm2(shape, baseOf(body)) > leastMm2)
        return [{ type: "onObstacle", panel: panel.id, obstacleId: obstacle.id }];
      return obstacle.clearanceMm > 0 && sharedMm2(shape, baseOf(body, obstacle.clearanceMm)) > leastMm2
        ? [{ type: "clearance", panel: panel.id, obstacleId: obstacle.id }]
        : [];
    });
    const zones = here(space.zones).flatMap((zone): LayoutFault[] => {
      const area = hullOf(zone.outline.map(({ xMm, yMm }): Point => [xMm, yMm]));
      return sharedMm2(shape, area) > leastMm2 ? [{ type: "inZone", panel: panel.id, zoneId: zone.id }] : [];
    });
    return [
      ...overlaps,
      ...(beyond > leastMm2 ? [{ type: "overEdge", panel: panel.id, areaMm2: beyond } as const] : []),
      ...obstacles,
      ...zones,
    ];
  });
}
