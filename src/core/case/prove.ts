import { z } from "zod";
import { fitLabel } from "../panel";
import {
  cloudWords,
  type Cause,
  diagnose,
  expected,
  type ExpectedAll,
  leavesOf,
  type Place,
  type ProveTree,
  type Reading,
  stringsOf,
} from "../prove";
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
const diagnoseSchema = z.strictObject({
  type: z.literal("diagnose"),
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
});

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
    const read = readings.map(({ at, ...each }, k): Reading => ({
      at: placeOf(at, tree, `$.readings[${k}].at`),
      openV: each.openV ?? null,
      shortA: each.shortA ?? null,
      runV: each.runV ?? null,
      runA: each.runA ?? null,
      displayW: each.displayW ?? null,
      batterySoc: each.batterySoc ?? null,
    }));
    const guess = { ...sky, irradianceWm2: sky.irradianceWm2 ?? null, cloud: sky.cloud ?? null };
    return { type: "answer", answer: { causes: diagnose(tree, guess, read, toWindow(port)) } } as const;
  });
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
    return { type: "panel", id: part.id, model, light: 1, rossK: null };
  };
  return tree(net);
}
