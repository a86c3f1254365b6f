import { z } from "zod";
import { completeLabel, fitLabel, type PanelLabel } from "../core/engine/panel";
import {
  type Bar,
  type BarReason,
  cloudWords,
  type Cause,
  diagnose,
  expected,
  type ExpectedAll,
  isJoinedRead,
  lastReadings,
  leavesOf,
  nextChecks,
  type Place,
  placeKey,
  type ProveTree,
  type Reading,
  type SkyGuess,
  stringsOf,
} from "../core/commissioning";
import {
  labelSchema,
  type Malformation,
  Malformed,
  orMalformed,
  parse,
  portSchema,
  toPanelsAndNet,
  toWindow,
  type Tree,
} from "./parts";

/** Cases about readings: what a meter should show, and what is wrong where it shows something else. */
const leafSchema = z.strictObject({ panel: z.string(), id: z.number().int().min(0).max(1_000_000) });
type Leaf = { readonly type: "panel"; readonly key: string; readonly id: number; readonly parts: readonly number[] };

const air = { airTempC: z.number().min(-60).max(60), rossK: z.number().min(0).max(0.2) };
const light = z.number().min(0).max(1500);
const common = { panels: z.record(z.string(), labelSchema), net: z.unknown() };
const expectSchema = z.strictObject({
  type: z.literal("expect"),
  ...common,
  sky: z.strictObject({ irradianceWm2: light.positive(), ...air }),
});
const amps = z.number().min(-10_000).max(10_000);
const readShape = {
  ...common,
  sky: z.strictObject({
    irradianceWm2: light.positive().nullable().optional(),
    cloud: z.enum(cloudWords).optional(),
    ...air,
  }),
  readings: z
    .array(
      z.strictObject({
        at: z.string(),
        openV: amps.optional(),
        shortA: amps.optional(),
        runV: amps.optional(),
        runA: amps.optional(),
        displayW: z.number().min(-1e6).max(1e6).optional(),
        batterySoc: z.number().min(0).max(100).optional(),
      }),
    )
    .max(2000),
  port: portSchema.optional(),
};
const diagnoseSchema = z.strictObject({ type: z.literal("diagnose"), ...readShape });
const walkSchema = z.strictObject({
  type: z.literal("walk"),
  ...readShape,
  site: z.strictObject({ recordLowC: z.number().min(-90).max(60).optional() }).optional(),
});

type GivenReading = z.infer<typeof diagnoseSchema>["readings"][number];
function readingOf({ openV, shortA, runV, runA, displayW, batterySoc }: GivenReading, at: Place): Reading {
  return {
    at,
    openV: openV ?? null,
    shortA: shortA ?? null,
    runV: runV ?? null,
    runA: runA ?? null,
    displayW: displayW ?? null,
    batterySoc: batterySoc ?? null,
  };
}

type Answered<A> = { readonly type: "answer"; readonly answer: A } | Malformation;

export function answerExpectCase(value: unknown): Answered<ExpectedAll> {
  return orMalformed(() => {
    const { sky, ...given } = parse(expectSchema, value, "$");
    return { type: "answer", answer: expected(treeOf(given), sky) } as const;
  });
}

export function answerDiagnoseCase(value: unknown): Answered<{ readonly causes: readonly Cause[] }> {
  return orMalformed(() => {
    const { sky, readings, port, ...given } = parse(diagnoseSchema, value, "$");
    const tree = treeOf(given);
    const read = readings.map((each, k) => readingOf(each, placeOf(each.at, tree, `$.readings[${k}].at`)));
    const guess = { ...sky, irradianceWm2: sky.irradianceWm2 ?? null, cloud: sky.cloud ?? null };
    const { causes } = diagnose(tree, guess, merged(read), toWindow(port));
    return { type: "answer", answer: { causes } } as const;
  });
}

export type WalkAnswer = {
  readonly barred: boolean;
  readonly why: BarReason | null;
  readonly next: { readonly at: string; readonly what: string } | null;
  readonly causes: readonly Cause[];
};

/** What the guided test would do after these readings, taken in their order. */
export function answerWalkCase(value: unknown): Answered<WalkAnswer> {
  return orMalformed(() => {
    const { sky, readings, port, site, ...given } = parse(walkSchema, value, "$");
    if (port === undefined) throw new Malformed("$.port", "a walk ends at a PV input: it is needed");
    const tree = treeOf(given);
    const read = merged(readings.map((each, k) => readingOf(each, placeOf(each.at, tree, `$.readings[${k}].at`))));
    const guess = { ...sky, irradianceWm2: sky.irradianceWm2 ?? null, cloud: sky.cloud ?? null };
    const window = toWindow(port);
    const { causes, bars } = diagnose(tree, guess, read, window, site?.recordLowC ?? null);
    const [bar] = bars;
    return {
      type: "answer",
      answer: {
        barred: bar !== undefined,
        why: bar?.why ?? null,
        next: bar === undefined ? nextOf(tree, guess, read, window) : againOf(bar),
        causes,
      },
    } as const;
  });
}

/** What bars is read again, unless it was read while it ran. */
function againOf({ at, quantity }: Bar): WalkAnswer["next"] {
  return quantity === "openV" || quantity === "shortA" ? { at: placeKey(at), what: quantity } : null;
}

/** What is expected to tell most; nothing runs before what would be plugged in was read open. */
function nextOf(
  tree: ProveTree,
  sky: SkyGuess,
  readings: readonly Reading[],
  window: ReturnType<typeof toWindow>,
): WalkAnswer["next"] {
  const mayRun = isJoinedRead(tree, lastReadings(readings));
  const among = mayRun ? (["openV", "shortA", "runV", "runA"] as const) : (["openV", "shortA"] as const);
  const [next] = nextChecks(tree, sky, readings, window, among);
  return next === undefined ? null : { at: placeKey(next.at), what: next.quantity };
}

/** Readings of one place as one, of each quantity the last. */
function merged(readings: readonly Reading[]): readonly Reading[] {
  const byPlace = new Map<string, Reading>();
  for (const reading of readings) {
    const before = byPlace.get(placeKey(reading.at));
    const said = Object.fromEntries(Object.entries(reading).filter(([, each]) => each !== null));
    byPlace.set(placeKey(reading.at), before === undefined ? reading : { ...before, ...said });
  }
  return [...byPlace.values()];
}

function placeOf(at: string, tree: ProveTree, path: string): Place {
  if (at === "array" || at === "input") return { type: at };
  const [, kind, number] = /^(panel|string):(\d{1,7})$/.exec(at) ?? [];
  const n = Number(number);
  if (kind === "panel" && leavesOf(tree).some(({ id }) => id === n)) return { type: "panel", id: n };
  if (kind === "string" && n >= 1 && n <= stringsOf(tree).length) return { type: "string", n };
  throw new Malformed(
    path,
    `${JSON.stringify(at)} is no place of this array; allowed: panel:ID, string:N, array, input`,
  );
}

/** The net with its panels' models. */
function treeOf(given: {
  readonly panels: Record<string, z.infer<typeof labelSchema>>;
  readonly net?: unknown;
}): ProveTree {
  const ids = new Set<number>();
  const { panels, net } = toPanelsAndNet<"parts", Leaf>(given, "parts", (value, path) => {
    const { panel: key, id } = parse(leafSchema, value, path);
    if (ids.has(id)) throw new Malformed(`${path}.id`, `${id} is there twice`);
    ids.add(id);
    return { type: "panel", key, id, parts: [1] };
  });
  const models = new Map([...panels].map(([key, label]) => [key, fitLabel(label).model]));
  const tree = (part: Tree<Leaf>): ProveTree => {
    if (part.type !== "panel") return { type: part.type, members: part.members.map(tree) };
    const model = models.get(part.key);
    if (model === undefined) throw new Error("every leaf names a panel that was described");
    const vocPctPerC = completeLabel(panels.get(part.key) as PanelLabel).label.tempCoVocPctPerC;
    return { type: "panel", id: part.id, model, light: 1, rossK: null, vocPctPerC };
  };
  return tree(net);
}
