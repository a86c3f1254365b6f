import { keyOf } from "@/core/engine/array";
import { type Plan } from "../../plan";
import { danglingPieces } from "../../pieces";
import { type DanglingReference, duplicateId } from "../../section";

/** What in it points at something that is not there, or stands twice; null: nothing. */
export function findDangling(plan: Plan): DanglingReference | null {
  const { surfaces, obstacles, zones, places, glands, ways, lockers } = plan.space;
  for (const [path, list] of Object.entries({ surfaces, obstacles, zones, glands, ways, lockers })) {
    const twice = duplicateId(`space.${path}`, list);
    if (twice !== null) return twice;
  }
  for (const [path, list] of [
    ["obstacles", obstacles],
    ["zones", zones],
    ["places", places],
    ["glands", glands],
    ["ways", ways],
  ] as const) {
    const lost = list.findIndex(({ surfaceId }) => surfaces.every((known) => known.id !== surfaceId));
    if (lost >= 0)
      return {
        path: `space.${path}.${lost}.surfaceId`,
        problem: `no surface "${list[lost]?.surfaceId}" in this plan`,
      };
  }
  const again = places.findIndex((at, k) => places.findIndex((other) => keyOf(other) === keyOf(at)) < k);
  if (again >= 0) return { path: `space.places.${again}`, problem: "a panel lies in one place" };
  const positions = new Set(plan.positions.map((position) => position.id));
  for (const [k, { inPositions }] of places.entries()) {
    const path = `space.places.${k}.inPositions`;
    const lost = inPositions.find(({ positionId }) => !positions.has(positionId));
    if (lost !== undefined) return { path, problem: `no position "${lost.positionId}" in this plan` };
    if (new Set(inPositions.map(({ positionId }) => positionId)).size < inPositions.length)
      return { path, problem: "a panel lies in one place in each position" };
  }
  for (const [k, { glandId, from }] of ways.entries()) {
    if (glandId !== null && glands.every((known) => known.id !== glandId))
      return { path: `space.ways.${k}.glandId`, problem: `no gland "${glandId}" in this plan` };
    const loose = from === null ? null : danglingPieces(plan, `space.ways.${k}.from`, [from]);
    if (loose !== null) return loose;
  }
  return danglingPieces(plan, "space.places", places);
}
