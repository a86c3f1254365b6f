import { z } from "zod";
import { keyOf } from "../../wiring";
import { mostOf } from "../bounds";
import { withKeptCopper } from "../copper";
import { type Plan } from "../document";
import { field, id, name, stated } from "../fields";
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
  /** How steep it is, and to which side it falls, clockwise from its front. */
  slopeDeg: field("slopeDeg"),
  fallsToDeg: field("azimuthDeg"),
  /** Ribs that stand up from it: they run from back to front, or across; measured from the left, or from the back. */
  ribs: z
    .strictObject({
      run: z.enum(["along", "across"]),
      firstMm: mm,
      apartMm: sizeMm,
      widthMm: sizeMm,
      heightMm: sizeMm,
    })
    .nullable(),
  /** How much higher its middle is than its left and right edges. */
  camberMm: field("camberMm"),
  /** What it may carry besides itself, as its maker says. */
  loadKg: stated("loadKg"),
  /** How high its edge is above the road or the water. */
  heightMm: stated("surfaceMm"),
  /** A photo from above laid under the drawing: its digest, its size, and where its top left corner lies. */
  photo: z
    .strictObject({
      id: z.string().regex(/^[0-9a-f]{64}$/, "a photo's name is its digest"),
      widthPx: z.number().int().min(1).max(20_000),
      heightPx: z.number().int().min(1).max(20_000),
      mmPerPx: z.number().min(0.01).max(1000),
      xMm: mm,
      yMm: mm,
      turnDeg: turnedDeg,
    })
    .nullable(),
});
export type Surface = z.infer<typeof surface>;

/** A roof so wide and deep, level, with nothing else said of it. */
export function plainSurface(id: string, name: string, wideMm: number, deepMm: number): Surface {
  const corners = [
    [0, 0],
    [wideMm, 0],
    [wideMm, deepMm],
    [0, deepMm],
  ];
  return {
    id,
    name,
    kind: "roof",
    outline: corners.map(([xMm = 0, yMm = 0]) => ({ xMm, yMm })),
    headingDeg: null,
    slopeDeg: 0,
    fallsToDeg: 0,
    ribs: null,
    camberMm: 0,
    loadKg: null,
    heightMm: null,
    photo: null,
  };
}

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

/** `hidden`: something lies under the skin, such as a cable, a beam or a tank. */
export const zoneKinds = ["walkway", "free", "noGlue", "hot", "weak", "hidden"] as const;
const zone = z.strictObject({ id, name, surfaceId: id, kind: z.enum(zoneKinds), outline });
export type Zone = z.infer<typeof zone>;

const lying = {
  /** The middle of the panel, and how far its edge is turned clockwise from the front. */
  xMm: mm,
  yMm: mm,
  turnedDeg,
  /** From the surface to its back. */ gapMm: z.number().min(0).max(5000),
};
const place = z.strictObject({
  ...pieceRef,
  surfaceId: id,
  ...lying,
  /** Where it lies in some poses instead: slid over another, or folded onto it, its cells down. */
  inPoses: z.array(z.strictObject({ poseId: id, ...lying, faceDown: z.boolean() })).max(mostOf.poses),
});
export type Place = z.infer<typeof place>;
export type PlaceInPose = Place["inPoses"][number];

/** Where cables go through a surface, by a hole to be cut or one there is. */
const gland = z.strictObject({
  id,
  name,
  surfaceId: id,
  xMm: mm,
  yMm: mm,
  holeMm: z.number().min(1).max(500),
  existing: z.boolean(),
});
export type Gland = z.infer<typeof gland>;

/** A way a cable goes: over the surface by its corners, through the gland, and on. */
const way = z.strictObject({
  id,
  name,
  surfaceId: id,
  /** From the leads of a panel; null: from its first corner. */
  from: z.strictObject(pieceRef).nullable(),
  corners: z.array(z.strictObject({ xMm: mm, yMm: mm })).max(40),
  /** To a gland; null: to its last corner. */
  glandId: id.nullable(),
  /** From there on, to where it is joined. */
  onMm: z.number().min(0).max(100_000),
  /** What is cut longer than it measures. */
  slackPct: z.number().min(0).max(100),
});
export type CableWay = z.infer<typeof way>;

/** Where folded panels are put away. */
const locker = z.strictObject({
  id,
  name,
  lengthMm: sizeMm,
  widthMm: sizeMm,
  heightMm: sizeMm,
  mostKg: stated("loadKg"),
});
export type Locker = z.infer<typeof locker>;

export const version = 3;
export const schema = z.strictObject({
  surfaces: z.array(surface).max(20),
  obstacles: z.array(obstacle).max(100),
  zones: z.array(zone).max(60),
  places: z.array(place).max(200),
  glands: z.array(gland).max(40),
  ways: z.array(way).max(80),
  lockers: z.array(locker).max(20),
  /** The lowest bridge or barrier on the way. */ clearHeightMm: stated("surfaceMm"),
  /** How long a panel's own leads are, each. */ leadMm: stated("leadMm"),
});
export type Space = z.infer<typeof schema>;

export const empty: Space = {
  surfaces: [],
  obstacles: [],
  zones: [],
  places: [],
  glands: [],
  ways: [],
  lockers: [],
  clearHeightMm: null,
  leadMm: null,
};
export const parts: Parts = { kind: "space", by: "field" };

type Lists = Pick<Space, "surfaces" | "obstacles" | "zones" | "glands" | "ways" | "lockers">;
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
    const { shopping } = plan;
    const isShopped = list === "surfaces" && shopping.surfaceId === gone;
    return withKeptCopper({
      ...plan,
      shopping: isShopped ? { ...shopping, surfaceId: null } : shopping,
      space: {
        ...space,
        obstacles: space.obstacles.filter(stays),
        zones: space.zones.filter(stays),
        places: space.places.filter(stays),
        glands: space.glands.filter(stays),
        ways: space.ways
          .filter(stays)
          .map((each) => (list === "glands" && each.glandId === gone ? { ...each, glandId: null } : each)),
      },
    });
  },
  /** What is known for all of it: the lowest bridge, the panels' leads. */
  setSpace: (
    plan: Plan,
    { patch }: { readonly type: "setSpace"; readonly patch: Partial<Pick<Space, "clearHeightMm" | "leadMm">> },
  ): Plan => ({ ...plan, space: { ...plan.space, ...patch } }),
  /** Lays a panel somewhere, wherever it lay before. */
  layPanel: (plan: Plan, { place: at }: { readonly type: "layPanel"; readonly place: Place }): Plan =>
    keysIn(plan).has(keyOf(at)) && plan.space.surfaces.some((known) => known.id === at.surfaceId)
      ? withPlaces(plan, [...plan.space.places.filter((other) => keyOf(other) !== keyOf(at)), at])
      : plan,
  /** Where a panel lies in one pose; null: there as in all others. */
  placeInPose: (
    plan: Plan,
    change: {
      readonly type: "placeInPose";
      readonly ref: PieceRef;
      readonly poseId: string;
      readonly at: Omit<PlaceInPose, "poseId"> | null;
    },
  ): Plan =>
    withPlaces(
      plan,
      plan.space.places.map((at) => {
        if (keyOf(at) !== keyOf(change.ref) || plan.poses.every(({ id: known }) => known !== change.poseId)) return at;
        const others = at.inPoses.filter(({ poseId }) => poseId !== change.poseId);
        return {
          ...at,
          inPoses: change.at === null ? others : [...others, { ...change.at, poseId: change.poseId }],
        };
      }),
    ),
  /** Moves or turns some panels where they lie: in a pose that has another place for them, there. */
  patchPlaces: (
    plan: Plan,
    change: {
      readonly type: "patchPlaces";
      readonly refs: readonly PieceRef[];
      /** The pose looked at; null: how they lie where a pose says nothing else. */ readonly poseId: string | null;
      readonly patch:
        | (Partial<Pick<Place, "xMm" | "yMm" | "turnedDeg" | "gapMm">> & { readonly by?: never })
        | { readonly by: readonly [number, number] };
    },
  ): Plan => {
    const keys = new Set(change.refs.map(keyOf));
    const { patch } = change;
    return withPlaces(
      plan,
      plan.space.places.map((at) => {
        if (!keys.has(keyOf(at))) return at;
        const moved = <T extends { readonly xMm: number; readonly yMm: number }>(from: T): T =>
          patch.by === undefined
            ? { ...from, ...patch }
            : { ...from, xMm: from.xMm + patch.by[0], yMm: from.yMm + patch.by[1] };
        return at.inPoses.some(({ poseId }) => poseId === change.poseId)
          ? { ...at, inPoses: at.inPoses.map((each) => (each.poseId === change.poseId ? moved(each) : each)) }
          : moved(at);
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
  const { surfaces, obstacles, zones, places, glands, ways, lockers } = plan.space;
  for (const [path, list] of Object.entries({ surfaces, obstacles, zones, glands, ways, lockers })) {
    const twice = twiceIn(`space.${path}`, list);
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
  const poses = new Set(plan.poses.map((pose) => pose.id));
  for (const [k, { inPoses }] of places.entries()) {
    const path = `space.places.${k}.inPoses`;
    const lost = inPoses.find(({ poseId }) => !poses.has(poseId));
    if (lost !== undefined) return { path, problem: `no pose "${lost.poseId}" in this plan` };
    if (new Set(inPoses.map(({ poseId }) => poseId)).size < inPoses.length)
      return { path, problem: "a panel lies in one place in each pose" };
  }
  for (const [k, { glandId, from }] of ways.entries()) {
    if (glandId !== null && glands.every((known) => known.id !== glandId))
      return { path: `space.ways.${k}.glandId`, problem: `no gland "${glandId}" in this plan` };
    const loose = from === null ? null : loosePieces(plan, `space.ways.${k}.from`, [from]);
    if (loose !== null) return loose;
  }
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

/** Version 3: slopes, ribs, loads and photos; places in poses; glands, cable ways, lockers; the lowest bridge. */
function toVersion3(older: unknown): unknown {
  if (!isJson(older)) return older;
  const more = {
    slopeDeg: 0,
    fallsToDeg: 0,
    ribs: null,
    camberMm: 0,
    loadKg: null,
    heightMm: null,
    photo: null,
  };
  return {
    ...older,
    surfaces: listOf(older["surfaces"]).map((item) => ({ ...more, ...item })),
    places: listOf(older["places"]).map((item) => ({ inPoses: [], ...item })),
    glands: [],
    ways: [],
    lockers: [],
    clearHeightMm: null,
    leadMm: null,
  };
}

export const upgrades = [toVersion2, toVersion3];
