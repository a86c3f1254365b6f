import { z } from "zod";
import { field, id, name, stated } from "../fields";
import { mountingMethodIds } from "./mounting-methods";
import { pieceRef } from "./piece";

/**
 * How panels are fixed for good: by which method, on what, with what; which steps are done, and what was measured before what
 * cannot be undone. How hot they get and where they face is told by `mounts`.
 */

export type MountingMethodId = (typeof mountingMethodIds)[number];

/** What a base is fixed to or stands on. */
export const roofSurfaces = [
  "paintedSteel",
  "bareSteel",
  "paintedAluminium",
  "bareAluminium",
  "gelcoat",
  "rubber",
  "wood",
  "bars",
  "canvas",
  "earth",
] as const;

export type RoofSurface = (typeof roofSurfaces)[number];

/** Where a hole or a corner is, from the left and from the back edge, as somebody measured it. */
export const measure = z.strictObject({
  fromLeftMm: field("placeMm"),
  fromBackMm: field("placeMm"),
  by: z.string().max(40),
  atUtc: z.iso.datetime(),
});

export type Measure = z.infer<typeof measure>;

/** What is measured twice before a step that cannot be undone: the hole in the roof, the first corner, the holes in the frame. */
export const gateIds = ["corner", "roofHole", "footHoles", "frameHoles"] as const;

export type GateId = (typeof gateIds)[number];

export const gate = z.strictObject({
  gate: z.enum(gateIds),
  first: measure.nullable(),
  second: measure.nullable(),
  /** Gone on without measuring twice: kept for good. */
  passedOver: z.strictObject({ atUtc: z.iso.datetime(), why: z.string().max(200) }).nullable(),
});

export type Gate = z.infer<typeof gate>;

/** Where on a building's roof panels lie. */
export const roofZones = ["field", "edge"] as const;

export const frontEdges = ["covered", "open", "lifted"] as const;

export const fixing = z.strictObject({
  id,
  name,
  method: z.enum(mountingMethodIds),
  pieces: z.array(z.strictObject(pieceRef)).max(200),
  /** null: not entered. */ roofSurface: z.enum(roofSurfaces).nullable(),
  /** A white roof stays cooler in the sun. */ isWhite: z.boolean(),
  /** How fast it is driven at most; 0: never; null: taken by where it lies. */ speedKmh: stated("speedKmh"),
  /** The strongest gust where it is parked; null: 35 m/s. */ gustMs: stated("gustMs"),
  /** Feet, brackets or fastenings of one panel, and how long and wide each holds; null: as is usual for it. */
  feet: stated("feet"),
  footLongMm: stated("footMm"),
  footWideMm: stated("footMm"),
  /** What the maker's sheet says of tape or glue; null: careful figures. */
  shortTermKpa: stated("kpa"),
  longTermKpa: stated("kpa"),
  ratedC: stated("ratedC"),
  /** What one screw, rivet or clamp bears pulled straight out, as its maker or a test says. */ pullOutN:
    stated("newton"),
  /** null: as the mounts and positions have it. */ tiltDeg: stated("slopeDeg"),
  /** Of a frame that stands free: middle of the panels over the ground, its feet along the wind, what it weighs with its ballast. */
  heightMm: stated("surfaceMm"),
  baseLongMm: stated("surfaceMm"),
  baseKg: stated("baseKg"),
  /** Anchors at each side of it, which are the same at all corners, and what one of them bears as tested; null: 2, none. */
  anchorsPerSide: stated("anchors"),
  anchorEachN: stated("newton"),
  /** Whether a frame on a boat stays up in a gale; null: nobody has said, so that it counts as if it did. */
  staysUp: z.boolean().nullable(),
  /** On a building: where on its roof; null: by its edges, which is the careful guess. */ zone: z
    .enum(roofZones)
    .nullable(),
  /** On the ground, as the place's records or code have it, kN/m²; null: not said. */ snowKnM2: stated("snowKnM2"),
  /** Of tilted panels: how high the feet hold the low edge. */ footHeightMm: stated("footHeightMm"),
  /** Of a glued film: whether its front edge is covered or ramped and all edges sealed; null: nobody has looked. */
  frontEdge: z.enum(frontEdges).nullable(),
  /** Where it is stowed or laid flat at the latest. */ stowKn: stated("knots"),
  /** Whether holes are drilled in the panels' frames; null: as is usual for it. */ frameDrilled: z
    .boolean()
    .nullable(),
  /** While it is done: air, damp, and when it began. */
  airC: stated("airC"),
  humidityPct: stated("sharePct"),
  startsAtUtc: z.iso.datetime().nullable(),
  ticks: z.array(z.strictObject({ step: id, atUtc: z.iso.datetime() })).max(80),
  gates: z.array(gate).max(gateIds.length),
});

export type Fixing = z.infer<typeof fixing>;

export const schema = z.strictObject({
  list: z.array(fixing).max(40),
  /** Gates that were passed over at fixings since taken out: it is not forgotten. */
  passedOver: z
    .array(z.strictObject({ name, gate: z.enum(gateIds), atUtc: z.iso.datetime(), why: z.string().max(200) }))
    .max(400),
});
