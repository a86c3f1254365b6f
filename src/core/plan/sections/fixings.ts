import { z } from "zod";
import { keyOf } from "../../wiring";
import { type Plan } from "../document";
import { field, id, name, stated } from "../fields";
import { keysIn, loosePieces, pieceRef } from "../pieces";
import { isJson, listOf, type Loose, type Parts, patchById, twiceIn } from "../section";

/**
 * How panels are fixed for good: by which school, on what, with what; which steps are done, and what was measured before what
 * cannot be undone. How hot they get and where they face is told by `mounts`.
 */

export const schools = [
  "tapedFeet",
  "gluedBrackets",
  "ribRails",
  "film",
  "screwedFeet",
  "groundFrame",
  "boatFrame",
  "foldingLegs",
] as const;
export type School = (typeof schools)[number];

/** What a base is fixed to or stands on. */
export const skins = [
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
export type Skin = (typeof skins)[number];

/** Where a hole or a corner is, from the left and from the back edge, as somebody measured it. */
const measure = z.strictObject({
  fromLeftMm: field("placeMm"),
  fromBackMm: field("placeMm"),
  by: z.string().max(40),
  atUtc: z.iso.datetime(),
});
export type Measure = z.infer<typeof measure>;

/** What is measured twice before a step that cannot be undone: the hole in the roof, the first corner, the holes in the frame. */
export const gateIds = ["corner", "roofHole", "footHoles", "frameHoles"] as const;
export type GateId = (typeof gateIds)[number];

const gate = z.strictObject({
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

const fixing = z.strictObject({
  id,
  name,
  school: z.enum(schools),
  pieces: z.array(z.strictObject(pieceRef)).max(200),
  /** null: nobody has said. */ skin: z.enum(skins).nullable(),
  /** White skins stay cooler in the sun. */ isWhite: z.boolean(),
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
  /** null: as the mounts and poses have it. */ tiltDeg: stated("slopeDeg"),
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

export const version = 2;
export const schema = z.strictObject({
  list: z.array(fixing).max(40),
  /** Gates that were passed over at fixings since taken out: it is not forgotten. */
  passedOver: z
    .array(z.strictObject({ name, gate: z.enum(gateIds), atUtc: z.iso.datetime(), why: z.string().max(200) }))
    .max(400),
});

export const empty: z.infer<typeof schema> = { list: [], passedOver: [] };
export const parts: Parts = { kind: "fixing", by: "field" };
/** Plans of version 4 were written before there was this section. */
export const cameLater = true;

/** A fixing of which only the school is known. */
export function plainFixing(fixingId: string, fixingName: string, school: School, pieces: Fixing["pieces"]): Fixing {
  return {
    id: fixingId,
    name: fixingName,
    school,
    pieces,
    skin: null,
    isWhite: false,
    speedKmh: null,
    gustMs: null,
    feet: null,
    footLongMm: null,
    footWideMm: null,
    shortTermKpa: null,
    longTermKpa: null,
    ratedC: null,
    pullOutN: null,
    tiltDeg: null,
    heightMm: null,
    baseLongMm: null,
    baseKg: null,
    anchorsPerSide: null,
    anchorEachN: null,
    staysUp: null,
    zone: null,
    snowKnM2: null,
    footHeightMm: null,
    frontEdge: null,
    stowKn: null,
    frameDrilled: null,
    airC: null,
    humidityPct: null,
    startsAtUtc: null,
    ticks: [],
    gates: [],
  };
}

type At = { readonly fixingId: string };

export const changes = {
  /** Puts a fixing in, or another in the place of the one of its id. Its panels leave whatever held them. */
  setFixing: (plan: Plan, { fixing: asked }: { readonly type: "setFixing"; readonly fixing: Fixing }): Plan => {
    const known = keysIn(plan);
    const wanted = { ...asked, pieces: asked.pieces.filter((ref) => known.has(keyOf(ref))) };
    const taken = new Set(wanted.pieces.map(keyOf));
    const others = plan.fixings.list.map((other) =>
      other.id === wanted.id ? wanted : { ...other, pieces: other.pieces.filter((ref) => !taken.has(keyOf(ref))) },
    );
    return withList(plan, others.includes(wanted) ? others : [...others, wanted]);
  },
  patchFixing: (
    plan: Plan,
    change: At & {
      readonly type: "patchFixing";
      readonly patch: Partial<Omit<Fixing, "id" | "pieces" | "gates" | "ticks">>;
    },
  ): Plan => patched(plan, change, (one) => ({ ...one, ...change.patch })),
  /** What was passed over there is kept. */
  removeFixing: (plan: Plan, { fixingId }: At & { readonly type: "removeFixing" }): Plan => {
    const gone = plan.fixings.list.find(({ id: known }) => known === fixingId);
    if (gone === undefined) return plan;
    const passed = gone.gates.flatMap(({ gate: which, passedOver }) =>
      passedOver === null ? [] : [{ name: gone.name, gate: which, ...passedOver }],
    );
    return {
      ...plan,
      fixings: {
        list: plan.fixings.list.filter((one) => one !== gone),
        passedOver: [...plan.fixings.passedOver, ...passed],
      },
    };
  },
  /** A step done at a moment, or not done after all. */
  tickStep: (
    plan: Plan,
    change: At & { readonly type: "tickStep"; readonly step: string; readonly atUtc: string | null },
  ): Plan =>
    patched(plan, change, (one) => {
      const others = one.ticks.filter(({ step }) => step !== change.step);
      return {
        ...one,
        ticks: change.atUtc === null ? others : [...others, { step: change.step, atUtc: change.atUtc }],
      };
    }),
  /** What was measured at a gate, the first or the second time. */
  measureGate: (
    plan: Plan,
    change: At & {
      readonly type: "measureGate";
      readonly gate: GateId;
      readonly which: "first" | "second";
      readonly measure: Measure | null;
    },
  ): Plan => withGate(plan, change, (one) => ({ ...one, [change.which]: change.measure })),
  /** Goes on without measuring twice. There is no taking it back but by undo: it happened. */
  passGate: (
    plan: Plan,
    change: At & { readonly type: "passGate"; readonly gate: GateId; readonly atUtc: string; readonly why: string },
  ): Plan =>
    withGate(plan, change, (one) => ({
      ...one,
      passedOver: one.passedOver ?? { atUtc: change.atUtc, why: change.why },
    })),
};

function withList(plan: Plan, list: Fixing[]): Plan {
  return { ...plan, fixings: { ...plan.fixings, list } };
}

function patched(plan: Plan, { fixingId }: At, change: (one: Fixing) => Fixing): Plan {
  return withList(plan, patchById(plan.fixings.list, fixingId, change));
}

function withGate(plan: Plan, at: At & { readonly gate: GateId }, change: (one: Gate) => Gate): Plan {
  return patched(plan, at, (one) => {
    const before = one.gates.find(({ gate: known }) => known === at.gate);
    const next = change(before ?? { gate: at.gate, first: null, second: null, passedOver: null });
    return {
      ...one,
      gates: before === undefined ? [...one.gates, next] : one.gates.map((each) => (each === before ? next : each)),
    };
  });
}

export function looseIn(plan: Plan): Loose | null {
  const { list } = plan.fixings;
  const twice = twiceIn("fixings.list", list);
  if (twice !== null) return twice;
  const doubled = list.findIndex(({ gates }) => new Set(gates.map(({ gate: which }) => which)).size < gates.length);
  if (doubled >= 0) return { path: `fixings.list.${doubled}.gates`, problem: "a gate is there twice" };
  return loosePieces(
    plan,
    "fixings.list",
    list.flatMap(({ pieces }) => pieces),
  );
}

export function fromVersion3(): unknown {
  return empty;
}

/** Version 2: anchors are told one by one, as they stand at all corners; what wind and snow ask besides. */
function toVersion2(older: unknown): unknown {
  if (!isJson(older)) return older;
  const list = listOf(older["list"]).map(({ anchorN, ...one }) => ({
    ...one,
    anchorsPerSide: null,
    anchorEachN: typeof anchorN === "number" ? Math.max(1, anchorN / 2) : null,
    staysUp: null,
    zone: null,
    snowKnM2: null,
    footHeightMm: null,
    frontEdge: null,
  }));
  return { ...older, list };
}

export const upgrades = [toVersion2];
