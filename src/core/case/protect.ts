import { z } from "zod";
import { chooseSize, cableBooks, designOf } from "../cable";
import { assumedFuseA, backfeedOf } from "../fuse";
import { solveNet, type Net } from "../net";
import { fitLabel, type PanelLabel, type PanelModel, stcIrradianceWm2 } from "../panel";
import { labelSchema, type Malformation, orMalformed, parse, toPanelsAndNet, type Tree } from "./parts";

/** A case that asks for the fuses and cables of an array. */
const protectSchema = z.strictObject({
  type: z.literal("protect"),
  panels: z.record(z.string(), labelSchema),
  net: z.unknown(),
  recordLowC: z.number().min(-90).max(60),
  runs: z
    .array(
      z.strictObject({
        id: z.string(),
        metresOneWay: z.number().min(0).max(10_000),
        carries: z.enum(["string", "array"]),
        use: z.enum(["fixed", "portable"]),
        school: z.enum(cableBooks),
        ambientC: z.number().min(-60).max(90),
        maxDropPct: z.number().positive().max(100),
      }),
    )
    .max(1000),
});

/** A leaf as nets have it; heat and light are of no account here. */
const leafSchema = z.strictObject({
  panel: z.string(),
  cellTempC: z.number().optional(),
  irradianceWm2: z.array(z.number().min(0)).min(1).optional(),
});
type Leaf = { readonly type: "panel"; readonly key: string; readonly irradianceWm2: readonly number[] };

type RunAnswer = {
  readonly id: string;
  readonly designA: number;
  readonly size: string | null;
  readonly ampacityA: number | null;
  readonly dropV: number | null;
  readonly dropPct: number | null;
  readonly lossW: number | null;
};
export type ProtectAnswer = {
  readonly strings: number;
  readonly backfeedA: number;
  readonly perString: {
    readonly iscA: number;
    readonly maxSeriesFuseA: number;
    readonly neededByBackfeed: boolean;
    readonly neededByStrict: boolean;
    readonly sizeA: number | null;
    readonly couldBlow: boolean;
  };
  readonly fuseV: number;
  readonly runs: readonly RunAnswer[];
};

/** The answer, or where in the case the trouble lies. */
export function answerProtectCase(
  value: unknown,
): { readonly type: "answer"; readonly answer: ProtectAnswer } | Malformation {
  return orMalformed(() => ({ type: "answer", answer: answered(value) }) as const);
}

function answered(value: unknown): ProtectAnswer {
  const given = parse(protectSchema, value, "$");
  const { panels, net } = toPanelsAndNet<"irradianceWm2", Leaf>(given, "irradianceWm2", (leaf, path) => {
    const read = parse(leafSchema, leaf, path);
    return { type: "panel", key: read.panel, irradianceWm2: read.irradianceWm2 ?? [stcIrradianceWm2] };
  });
  const models = new Map([...panels].map(([key, label]) => [key, fitLabel(label).model]));
  const branches: readonly Tree<Leaf>[] = net.type === "parallel" ? net.members : [net];
  const strings = branches.map((branch) => ({
    ...ampsOf(branch, panels),
    ratingA: leastRating(branch, panels),
    coldV: solveNet(coldNet(branch, models, given.recordLowC)).vocV,
  }));
  const ratingA = Math.min(...strings.map((each) => each.ratingA));
  const { iscA, backfeedA, ...fuse } = backfeedOf(
    strings.map((each) => each.iscA),
    ratingA,
  );
  const vmpV = Math.min(...strings.map((each) => each.vmpV));
  const sum = (of: (each: (typeof strings)[number]) => number) => strings.reduce((total, each) => total + of(each), 0);
  const runs = given.runs.map(({ id, carries, use, school, ...run }): RunAnswer => {
    const ofString = carries === "string";
    const ask = {
      ...run,
      book: school,
      isPortable: use === "portable",
      conductorC: 20,
      iscA: ofString ? iscA : sum((each) => each.iscA),
      impA: ofString ? Math.max(...strings.map((each) => each.impA)) : sum((each) => each.impA),
      vmpV,
    };
    const { size = null, ampacityA = null, dropV = null, dropPct = null, lossW = null } = chooseSize(ask) ?? {};
    return { id, designA: designOf(ask), size: size?.name ?? null, ampacityA, dropV, dropPct, lossW };
  });
  return {
    strings: strings.length,
    backfeedA,
    perString: { iscA, maxSeriesFuseA: ratingA, ...fuse },
    fuseV: Math.max(...strings.map((each) => each.coldV)),
    runs,
  };
}

/** Label amps and volts of a part: in series the strongest short-circuit and the weakest running amps, and all volts. */
function ampsOf(
  net: Tree<Leaf>,
  panels: ReadonlyMap<string, PanelLabel>,
): { iscA: number; impA: number; vmpV: number } {
  if (net.type === "panel") {
    const { iscA, impA, vmpV } = labelOf(net, panels);
    return { iscA, impA, vmpV };
  }
  const parts = net.members.map((member) => ampsOf(member, panels));
  const [isc, imp, vmp] = [parts.map((p) => p.iscA), parts.map((p) => p.impA), parts.map((p) => p.vmpV)];
  const total = (of: readonly number[]) => of.reduce((sum, each) => sum + each, 0);
  return net.type === "series"
    ? { iscA: Math.max(...isc), impA: Math.min(...imp), vmpV: total(vmp) }
    : { iscA: total(isc), impA: total(imp), vmpV: Math.min(...vmp) };
}

function leastRating(net: Tree<Leaf>, panels: ReadonlyMap<string, PanelLabel>): number {
  if (net.type !== "panel") return Math.min(...net.members.map((member) => leastRating(member, panels)));
  const { maxSeriesFuseA, pmaxW } = labelOf(net, panels);
  return maxSeriesFuseA ?? assumedFuseA(pmaxW);
}

function labelOf({ key }: Leaf, panels: ReadonlyMap<string, PanelLabel>): PanelLabel {
  const label = panels.get(key);
  if (label === undefined) throw new Error("every leaf names a panel that was described");
  return label;
}

/** Full sun on cells as cold as the record. */
function coldNet(net: Tree<Leaf>, models: ReadonlyMap<string, PanelModel>, cellTempC: number): Net {
  if (net.type !== "panel")
    return { type: net.type, members: net.members.map((each) => coldNet(each, models, cellTempC)) };
  const model = models.get(net.key);
  if (model === undefined) throw new Error("every panel described has a model");
  return { type: "panel", model, cellTempC, irradianceWm2: [stcIrradianceWm2] };
}
