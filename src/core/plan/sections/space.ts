import { z } from "zod";
import { keyOf } from "../../wiring";
import { type Plan } from "../document";
import { id, name, stated } from "../fields";
import { keysIn, loosePieces, pieceRef, type PieceRef } from "../pieces";
import { isJson, listOf, type Loose, type Parts, patchById, twiceIn } from "../section";

/**
 * Roofs, decks and pitches, what stands on them, and where the panels lie. On a surface x runs to the right and y to the front, mm
 * from the back left corner; directions go clockwise from the front.
 */

const mm = z.number().min(-100_000).max(100_000);
const sizeMm = z.number().min(1).max(100_000);
const turnedDeg = z.number().min(-360).max(360);
const outline = z
  .array(z.strictObject({ xMm: mm, yMm: mm }))
  .min(3)
  .max(40);

export const surfaceKinds = ["roof", "deck", "porch", "ground", "frame"] as const;
const surface = z.strictObject({
  id,
  name,
  kind: z.enum(surfaceKinds),
  outline,
  /** Where its front points, degrees from north; null: as the vehicle. */
  headingDeg: stated("azimuthDeg"),
});
export type Surface = z.infer<typeof surface>;

export const obstacleKinds = [
  "hatch",
  "fan",
  "airConditioner",
  "rack",
  "aerial",
  "skylight",
  "cupola",
  "mast",
  "boom",
  "solarTube",
  "own",
] as const;
export type ObstacleKind = (typeof obstacleKinds)[number];

const obstacle = z.strictObject({
  id,
  name,
  surfaceId: id,
  kind: z.enum(obstacleKinds),
  /** Its middle, and how high its foot stands over the surface. */
  xMm: mm,
  yMm: mm,
  zMm: mm,
  shape: z.discriminatedUnion("type", [
    z.strictObject({ type: z.literal("box"), lengthMm: sizeMm, widthMm: sizeMm, heightMm: sizeMm, turnDeg: turnedDeg }),
    z.strictObject({ type: z.literal("pole"), radiusMm: sizeMm, heightMm: sizeMm }),
  ]),
  /** What must stay free round it, so that it opens or can be reached. */
  clearanceMm: z.number().min(0).max(5000),
  /** To come later. */ planned: z.boolean(),
});
export type RoofObstacle = z.infer<typeof obstacle>;

export const zoneKinds = ["walkway", "free", "noGlue", "hot", "weak"] as const;
const zone = z.strictObject({ id, name, surfaceId: id, kind: z.enum(zoneKinds), outline });
export type Zone = z.infer<typeof zone>;

const place = z.strictObject({
  ...pieceRef,
  surfaceId: id,
  /** The middle of the panel, and how far its edge is turned clockwise from the front. */
  xMm: mm,
  yMm: mm,
  turnedDeg,
  /** From the surface to its back. */ gapMm: z.number().min(0).max(5000),
});
export type Place = z.infer<typeof place>;

export const version = 2;
export const schema = z.strictObject({
  surfaces: z.array(surface).max(20),
  obstacles: z.array(obstacle).max(100),
  zones: z.array(zone).max(60),
  places: z.array(place).max(200),
});
export type Space = z.infer<typeof schema>;

export const empty: Space = { surfaces: [], obstacles: [], zones: [], places: [] };
export const parts: Parts = { kind: "space", by: "field" };

type Lists = Pick<Space, "surfaces" | "obstacles" | "zones">;
type Any<T extends Record<keyof Lists, unknown>> = T[keyof Lists];
type Put<List extends keyof Lists> = {
  readonly type: "putInSpace";
  readonly list: List;
  readonly item: Lists[List][number];
};
type Patch<List extends keyof Lists> = {
  readonly type: "patchInSpace";
  readonly list: List;
  readonly id: string;
  readonly patch: Partial<Lists[List][number]>;
};

export const changes = {
  /** Puts a surface, an obstacle or a zone in, at the end of its list. */
  putInSpace: (plan: Plan, { list, item }: Any<{ [List in keyof Lists]: Put<List> }>): Plan =>
    withList(plan, list, (items) => [...items, item]),
  patchInSpace: (plan: Plan, change: Any<{ [List in keyof Lists]: Patch<List> }>): Plan =>
    withList(plan, change.list, (items) =>
      // a list and the patch for it are of one kind: the change says so, which the compiler cannot follow here
      patchById(items, change.id, (item) => ({ ...item, ...change.patch, id: item.id }) as Item),
    ),
  /** Takes one out; what stands on a surface goes with it. */
  removeFromSpace: (
    plan: Plan,
    { list, id: gone }: { readonly type: "removeFromSpace"; readonly list: keyof Lists; readonly id: string },
  ): Plan => {
    const { space } = withList(plan, list, (items) => items.filter((item) => item.id !== gone));
    const stays = ({ surfaceId }: { readonly surfaceId: string }) => list !== "surfaces" || surfaceId !== gone;
    return {
      ...plan,
      space: {
        ...space,
        obstacles: space.obstacles.filter(stays),
        zones: space.zones.filter(stays),
        places: space.places.filter(stays),
      },
    };
  },
  /** Lays a panel somewhere, wherever it lay before. */
  layPanel: (plan: Plan, { place: at }: { readonly type: "layPanel"; readonly place: Place }): Plan =>
    keysIn(plan).has(keyOf(at)) && plan.space.surfaces.some((known) => known.id === at.surfaceId)
      ? withPlaces(plan, [...plan.space.places.filter((other) => keyOf(other) !== keyOf(at)), at])
      : plan,
  /** Moves or turns some panels where they lie. */
  patchPlaces: (
    plan: Plan,
    change: {
      readonly type: "patchPlaces";
      readonly refs: readonly PieceRef[];
      readonly patch:
        | (Partial<Omit<Place, "panelId" | "piece">> & { readonly by?: never })
        | { readonly by: readonly [number, number] };
    },
  ): Plan => {
    const keys = new Set(change.refs.map(keyOf));
    const { patch } = change;
    return withPlaces(
      plan,
      plan.space.places.map((at) => {
        if (!keys.has(keyOf(at))) return at;
        return "by" in patch && patch.by !== undefined
          ? { ...at, xMm: at.xMm + patch.by[0], yMm: at.yMm + patch.by[1] }
          : { ...at, ...patch };
      }),
    );
  },
  liftPanels: (plan: Plan, { refs }: { readonly type: "liftPanels"; readonly refs: readonly PieceRef[] }): Plan => {
    const keys = new Set(refs.map(keyOf));
    return withPlaces(
      plan,
      plan.space.places.filter((at) => !keys.has(keyOf(at))),
    );
  },
};

type Item = Lists[keyof Lists][number];

function withList(plan: Plan, list: keyof Lists, change: (items: Item[]) => Item[]): Plan {
  return { ...plan, space: { ...plan.space, [list]: change(plan.space[list]) } };
}

function withPlaces(plan: Plan, places: Place[]): Plan {
  return { ...plan, space: { ...plan.space, places } };
}

export function looseIn(plan: Plan): Loose | null {
  const { surfaces, obstacles, zones, places } = plan.space;
  const twice =
    twiceIn("space.surfaces", surfaces) ?? twiceIn("space.obstacles", obstacles) ?? twiceIn("space.zones", zones);
  if (twice !== null) return twice;
  for (const [path, list] of [
    ["obstacles", obstacles],
    ["zones", zones],
    ["places", places],
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
  return loosePieces(plan, "space.places", places);
}

export function fromVersion3(): unknown {
  return { surfaces: [], obstacles: [], places: [] };
}

/** Version 2: surfaces have an outline, obstacles a shape, panels a gap; there are zones. */
function toVersion2(older: unknown): unknown {
  if (!isJson(older)) return older;
  const roof = [
    { xMm: 0, yMm: 0 },
    { xMm: 2000, yMm: 0 },
    { xMm: 2000, yMm: 5000 },
    { xMm: 0, yMm: 5000 },
  ];
  return {
    surfaces: listOf(older["surfaces"]).map((item) => ({ kind: "roof", outline: roof, headingDeg: null, ...item })),
    obstacles: listOf(older["obstacles"]).map((item) => ({
      kind: "own",
      xMm: 0,
      yMm: 0,
      zMm: 0,
      shape: { type: "box", lengthMm: 400, widthMm: 400, heightMm: 100, turnDeg: 0 },
      clearanceMm: 0,
      planned: false,
      ...item,
    })),
    zones: [],
    places: listOf(older["places"]).map((item) => ({ gapMm: 40, ...item })),
  };
}

export const upgrades = [toVersion2];
