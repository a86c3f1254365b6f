import { type Plan, type Surface } from "../../plan";
import { areaOf, commonOf, hullOf, isApart, minMm2, type Polygon } from "./convex";
import { bodyOf, reachMm } from "./placed-panels";
import { beyondMm2, coveredMm2 } from "./outline";
import { type JudgedPanel, type Laid, roomFaults, type RoomFault } from "./clearances";
import { type Obstacle, type RoofPanel } from "./solids";
import { level, type Point } from "./vector";

/** What is wrong with a layout. Things are named by their ids; of panels by their keys. */
export type LayoutFault =
  | { readonly type: "overlap"; readonly panel: string; readonly other: string; readonly areaMm2: number }
  | { readonly type: "overEdge"; readonly panel: string; readonly areaMm2: number }
  | { readonly type: "onObstacle"; readonly panel: string; readonly obstacleId: string }
  /** It lies beside the thing, but where that has to open or be reached. */
  | { readonly type: "clearance"; readonly panel: string; readonly obstacleId: string; readonly clearanceMm: number }
  | { readonly type: "inZone"; readonly panel: string; readonly zoneId: string; readonly areaMm2: number }
  | RoomFault;

/** A panel seen from above: tilted, it covers less. */
export function footprintOf({
  xMm,
  yMm,
  alongMm,
  acrossMm,
  turnDeg,
  tiltDeg,
  tiltTowardsDeg,
}: Pick<RoofPanel, "xMm" | "yMm" | "alongMm" | "acrossMm" | "turnDeg" | "tiltDeg" | "tiltTowardsDeg">): Polygon {
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
  return isApart(a, b) ? 0 : areaOf(commonOf(a, b));
}

/** Of a panel's frame over its back, mm: one that slides over another lies higher by more. */
export const frameMm = 40;

/** Everything that is wrong with the panels on a surface: overlaps, edges, things in the way, what must stay free, room for hands. */
export function faultsOf(
  { space }: Pick<Plan, "space">,
  surface: Surface,
  panels: readonly JudgedPanel[],
): LayoutFault[] {
  const here = <T extends { readonly surfaceId: string }>(list: readonly T[]) =>
    list.filter(({ surfaceId }) => surfaceId === surface.id);
  const things = here(space.obstacles).map((obstacle) => {
    const body = bodyOf(obstacle);
    return { obstacle, base: baseOf(body), free: baseOf(body, obstacle.clearanceMm) };
  });
  const zones = here(space.zones).filter(({ kind }) => kind !== "hidden");
  const laid = panels.map((panel): Laid => ({ panel, shape: footprintOf(panel) }));
  return laid.flatMap(({ panel, shape }, k): LayoutFault[] => {
    const overlaps = laid.slice(k + 1).flatMap(({ panel: other, shape: otherShape }): LayoutFault[] => {
      if (Math.abs(panel.zMm - other.zMm) >= frameMm) return [];
      const areaMm2 = sharedMm2(shape, otherShape);
      return areaMm2 > minMm2 ? [{ type: "overlap", panel: panel.id, other: other.id, areaMm2 }] : [];
    });
    const beyond = beyondMm2(shape, surface.outline);
    const topMm = topOf(panel);
    const inTheWay = things.flatMap(({ obstacle, base, free }): LayoutFault[] => {
      // what hangs over a panel, such as a boom, is not in its way
      if (obstacle.zMm >= topMm) return [];
      const { id: obstacleId, clearanceMm } = obstacle;
      const under = obstacle.zMm + obstacle.shape.heightMm <= panel.zMm - (topMm - panel.zMm);
      if (!under && sharedMm2(shape, base) > minMm2) return [{ type: "onObstacle", panel: panel.id, obstacleId }];
      // over something low enough it may lie, but not where that has to open
      return clearanceMm > 0 && sharedMm2(shape, free) > minMm2
        ? [{ type: "clearance", panel: panel.id, obstacleId, clearanceMm }]
        : [];
    });
    const onZones = zones.flatMap(({ id: zoneId, outline }): LayoutFault[] => {
      const areaMm2 = coveredMm2(shape, outline);
      return areaMm2 > minMm2 ? [{ type: "inZone", panel: panel.id, zoneId, areaMm2 }] : [];
    });
    return [
      ...overlaps,
      ...(beyond > minMm2 ? [{ type: "overEdge", panel: panel.id, areaMm2: beyond } as const] : []),
      ...inTheWay,
      ...onZones,
      ...roomFaults(surface, { panel, shape }, [
        ...laid.filter((other) => other.panel !== panel).map((other) => ({ id: other.panel.id, shape: other.shape })),
        ...things
          .filter(({ obstacle }) => obstacle.zMm < topMm)
          .map(({ obstacle, base }) => ({ id: obstacle.id, shape: base })),
      ]),
    ];
  });
}

/** How high the highest edge of a panel stands over its surface, mm. */
export function topOf(panel: RoofPanel): number {
  return panel.zMm + reachMm(panel) * Math.sin((panel.tiltDeg * Math.PI) / 180);
}
