import { type z } from "zod";
import { keyOf } from "../../engine/array";
import { type Plan } from "../plan";
import { keysIn, danglingPieces } from "../pieces";
import { isJson, listOf, type DanglingReference, type Parts, patchById, duplicateId, renamedInLists } from "../section";
import {
  type schema,
  type MountingMethodId,
  type Measure,
  type GateId,
  type Gate,
  type Fixing,
} from "../schemas/fixings";

export { schema } from "../schemas/fixings";

export const version = 3;

export const empty: z.infer<typeof schema> = { list: [], passedOver: [] };
export const parts: Parts = { kind: "fixing", by: "field" };
/** Plans of version 4 were written before there was this section. */
export const isOptional = true;

/** A mounting of which only the method is known. */
export function plainFixing(
  fixingId: string,
  fixingName: string,
  method: MountingMethodId,
  pieces: Fixing["pieces"],
): Fixing {
  return {
    id: fixingId,
    name: fixingName,
    method,
    pieces,
    roofSurface: null,
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

export function findDangling(plan: Plan): DanglingReference | null {
  const { list } = plan.fixings;
  const twice = duplicateId("fixings.list", list);
  if (twice !== null) return twice;
  const doubled = list.findIndex(({ gates }) => new Set(gates.map(({ gate: which }) => which)).size < gates.length);
  if (doubled >= 0) return { path: `fixings.list.${doubled}.gates`, problem: "a gate is there twice" };
  return danglingPieces(
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

/** Version 3: `school` became `method`, `skin` became `roofSurface`. */
function toVersion3(older: unknown): unknown {
  return renamedInLists(older, { list: { school: "method", skin: "roofSurface" } });
}

export const upgrades = [toVersion2, toVersion3];
