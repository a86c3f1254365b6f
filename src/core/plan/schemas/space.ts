import { z } from "zod";
import { maxOf } from "../bounds";
import { field, id, name, stated } from "../fields";
import { pieceRef } from "./piece";

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
  /** Where it lies in some positions instead: slid over another, or folded onto it, its cells down. */
  inPositions: z.array(z.strictObject({ positionId: id, ...lying, faceDown: z.boolean() })).max(maxOf.positions),
});
export type Place = z.infer<typeof place>;
export type PlaceInPosition = Place["inPositions"][number];

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
  maxKg: stated("loadKg"),
});
export type Locker = z.infer<typeof locker>;

export const version = 5;
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
