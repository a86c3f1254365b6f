import { z } from "zod";
import { type Plan } from "../document";
import { id, name } from "../fields";
import { loosePieces, pieceRef } from "../pieces";
import { type Loose, type Parts, twiceIn } from "../section";

/** Roofs, decks and pitches, what stands on them, and where the panels lie. Shapes come with the stop. */

const mm = z.number().min(-100_000).max(100_000);

export const version = 1;
export const schema = z.strictObject({
  surfaces: z.array(z.strictObject({ id, name })).max(20),
  obstacles: z.array(z.strictObject({ id, name, surfaceId: id })).max(100),
  /** Where a panel lies on a surface: its corner, and how it is turned there, degrees. */
  places: z
    .array(
      z.strictObject({
        ...pieceRef,
        surfaceId: id,
        xMm: mm,
        yMm: mm,
        turnedDeg: z.number().min(-360).max(360),
      }),
    )
    .max(200),
});

export const empty: z.infer<typeof schema> = { surfaces: [], obstacles: [], places: [] };
export const parts: Parts = { kind: "space", by: "field" };
export const changes = {};

export function looseIn(plan: Plan): Loose | null {
  const { surfaces, obstacles, places } = plan.space;
  const twice = twiceIn("space.surfaces", surfaces) ?? twiceIn("space.obstacles", obstacles);
  if (twice !== null) return twice;
  for (const [path, list] of [
    ["obstacles", obstacles],
    ["places", places],
  ] as const) {
    const lost = list.findIndex(({ surfaceId }) => surfaces.every((surface) => surface.id !== surfaceId));
    if (lost >= 0)
      return {
        path: `space.${path}.${lost}.surfaceId`,
        problem: `no surface "${list[lost]?.surfaceId}" in this plan`,
      };
  }
  return loosePieces(plan, "space.places", places);
}

export function fromVersion3(): unknown {
  return { surfaces: [], obstacles: [], places: [] };
}

export const upgrades = [];
