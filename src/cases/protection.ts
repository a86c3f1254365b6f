import { z } from "zod";
import {
  cableStandardIds,
  cablePlaces,
  chooseSize,
  designOf,
  layings,
  type NoSize,
  placeAirC,
  type RunAsk,
  type TerminalC,
} from "../core/engine/cable";
import {
  assumedFuseA,
  batteryFuseA,
  type Branch,
  branchesOf,
  brightSkyFactor,
  chargingV,
  continuousFor,
  type FuseNet,
} from "../core/engine/fuse";
import { solveNet, type Net } from "../core/engine/net";
import { fitLabel, type PanelLabel, type PanelModel, stcIrradianceWm2 } from "../core/engine/panel";
import { labelSchema, Malformed, type Malformation, orMalformed, parse, toPanelsAndNet, type Tree } from "./parts";

/** A case that asks for the fuses and cables of an array, and of its battery. */
const laidShape = {
  school: z.enum(cableStandardIds),
  where: z.enum(cablePlaces).optional(),
  ambientC: z.number().min(-60).max(200).optional(),
  how: z.enum(layings).optional(),
  circuits: z.number().int().min(1).max(100).optional(),
  terminalC: z.union([z.literal(60), z.literal(75)]).optional(),
  metresOneWay: z.number().min(0).max(10_000),
  maxDropPct: z.number().positive().max(100),
};
type LaidCase = z.infer<z.ZodObject<typeof laidShape>>;
/** "array", "string", or the path of a branch: indexes joined by dots. */
const carriesSchema = z.union([z.enum(["array", "string"]), z.string().regex(/^\d+(\.\d+)*$/)]);
const protectSchema = z.strictObject({
  type: z.literal("protect"),
  panels: z.record(z.string(), labelSchema),
  net: z.unknown(),
  recordLowC: z.number().min(-90).max(60),
  recordHighC: z.number().min(-90).max(70).optional(),
  runs: z
    .array(z.strictObject({ ...laidShape, id: z.string(), carries: carriesSchema, use: z.enum(["fixed", "portable"]) }))
    .max(1000),
  battery: z
    .strictObject({
      ...laidShape,
      outputA: z.number().positive().max(240),
      classV: z.union([z.literal(12), z.literal(24), z.literal(48)]),
    })
    .optional(),
});

/** A leaf as nets have it; heat and light are of no account here. */
const leafSchema = z.strictObject({
  panel: z.string(),
  cellTempC: z.number().optional(),
  irradianceWm2: z.array(z.number().min(0)).min(1).optional(),
});
type Leaf = { readonly type: "panel"; readonly key: string; readonly irradianceWm2: readonly number[] };

type Sized = {
  readonly size: string | null;
  readonly reason: NoSize | null;
  readonly ampacityA: number | null;
  readonly dropV: number | null;
  readonly dropPct: number | null;
  readonly lossW: number | null;
};
export type ProtectAnswer = {
  readonly fuseV: number;
  readonly branches: readonly (Pick<
    Branch,
    "iscA" | "backfeedA" | "neededByBackfeed" | "neededByStrict" | "sizeA" | "couldBlow"
  > & { readonly path: string; readonly maxSeriesFuseA: number | null })[];
  readonly runs: readonly (Sized & {
    readonly id: string;
    readonly ambientC: number;
    readonly designA: number;
    readonly faultA: number | null;
  })[];
  readonly battery:
    | (Sized & { readonly designA: number; readonly fuseA: number; readonly fuseV: number; readonly ambientC: number })
    | null;
};

/** The answer, or where in the case the trouble lies. */
export function answerProtectCase(
  value: unknown,
): { readonly type: "answer"; readonly answer: ProtectAnswer } | Malformation {
  return orMalformed(() => ({ type: "answer", answer: answered(value) }) as const);
}

type Given = z.infer<typeof protectSchema>;
/** Of a part: label Isc, Imp and Vmp, and the coldest open-circuit volts. */
type Figures = { readonly iscA: number; readonly impA: number; readonly vmpV: number; readonly coldV: number };
type Known = { readonly panels: ReadonlyMap<string, PanelLabel>; readonly coldV: ReadonlyMap<string, number> };

function answered(value: unknown): ProtectAnswer {
  const given = parse(protectSchema, value, "$");
  const { panels, net } = toPanelsAndNet<"irradianceWm2", Leaf>(given, "irradianceWm2", (leaf, path) => {
    const read = parse(leafSchema, leaf, path);
    return { type: "panel", key: read.panel, irradianceWm2: read.irradianceWm2 ?? [stcIrradianceWm2] };
  });
  const known = { panels, coldV: coldVolts(panels, given.recordLowC) };
  const whole = figuresOf(net, known);
  const found = branchesOf(fuseNetOf(net, panels));
  const figures = new Map(found.map((branch) => [branch, figuresOf(at(net, branch.path), known)]));
  return {
    fuseV: whole.coldV,
    branches: found.map(({ path, ratingA, ...branch }) => ({
      path: path.join("."),
      iscA: branch.iscA,
      maxSeriesFuseA: ratingA,
      backfeedA: branch.backfeedA,
      neededByBackfeed: branch.neededByBackfeed,
      neededByStrict: branch.neededByStrict,
      sizeA: branch.sizeA,
      couldBlow: branch.couldBlow,
    })),
    runs: given.runs.map((run, k) => {
      const part = carried(run.carries, `$.runs[${k}].carries`);
      const { ambientC, ...laid } = laidOf(run, given, `$.runs[${k}]`);
      const ask = { ...laid, ...part, ambientC, isBattery: false, isPortable: run.use === "portable", conductorC: 20 };
      return { id: run.id, ambientC, designA: designOf(ask), faultA: part.faultA, ...sized(ask) };
    }),
    battery: given.battery === undefined ? null : batteryOf(given.battery, given),
  };

  /** What a cable carries: the whole, any one of the root's branches, or the branch at a path. */
  function carried(carries: string, path: string): Omit<Figures, "coldV"> & { readonly faultA: number | null } {
    if (carries === "array" || (carries === "string" && net.type !== "parallel")) return { ...whole, faultA: null };
    const branches = found.filter((branch) =>
      carries === "string" ? branch.path.length === 1 : branch.path.join(".") === carries,
    );
    if (branches.length === 0)
      throw new Malformed(path, `no branch "${carries}"; there are ${found.map((b) => b.path.join(".")).join(", ")}`);
    const each = branches.map((branch) => ({ ...(figures.get(branch) ?? whole), faultA: faultOf(branch) }));
    const most = (of: (part: (typeof each)[number]) => number) => Math.max(...each.map(of));
    return {
      iscA: most(({ iscA }) => iscA),
      impA: most(({ impA }) => impA),
      faultA: most(({ faultA }) => faultA),
      vmpV: -most(({ vmpV }) => -vmpV),
    };
  }
}

/** What a fault can push through a branch: its fuse where the usual rule wants one and one fits, else the backfeed of a bright sky. */
function faultOf({ neededByBackfeed, sizeA, backfeedA }: Branch): number {
  return neededByBackfeed && sizeA !== null ? sizeA : brightSkyFactor * backfeedA;
}

function laidOf(run: LaidCase, { recordHighC }: Given, path: string) {
  const how = run.how ?? "touching";
  if ((run.where === "ground") !== (how === "buried") && run.where !== undefined)
    throw new Malformed(`${path}.how`, `"ground" goes with "buried", and "buried" with no other place`);
  if (run.ambientC === undefined && run.where === undefined)
    throw new Malformed(path, "one of where and ambientC is needed");
  if (run.ambientC === undefined && run.where !== "ground" && recordHighC === undefined)
    throw new Malformed("$.recordHighC", "needed where a cable's ambientC is not stated");
  const terminalC: TerminalC = run.terminalC ?? 60;
  return {
    standard: run.school,
    how,
    circuits: run.circuits ?? 1,
    terminalC,
    metresOneWay: run.metresOneWay,
    maxDropPct: run.maxDropPct,
    ambientC: run.ambientC ?? placeAirC(run.where ?? "inside", recordHighC ?? 0),
  };
}

function batteryOf(battery: NonNullable<Given["battery"]>, given: Given): ProtectAnswer["battery"] {
  const { outputA, classV } = battery;
  const fuseA = batteryFuseA(outputA);
  if (fuseA === null) throw new Malformed("$.battery.outputA", "no battery fuse is made for 1.25 × so much");
  const laid = laidOf(battery, given, "$.battery");
  const ask: RunAsk = {
    ...laid,
    isBattery: true,
    isPortable: false,
    conductorC: 20,
    iscA: 0,
    impA: outputA,
    vmpV: classV,
    faultA: fuseA,
  };
  return {
    designA: continuousFor(outputA),
    fuseA,
    fuseV: chargingV(classV),
    ambientC: laid.ambientC,
    ...sized(ask),
  };
}

function sized(ask: RunAsk): Sized {
  const chosen = chooseSize(ask);
  if (typeof chosen === "string")
    return { size: null, reason: chosen, ampacityA: null, dropV: null, dropPct: null, lossW: null };
  const { size, ampacityA, dropV, dropPct, lossW } = chosen;
  return { size: size.name, reason: null, ampacityA, dropV, dropPct, lossW };
}

function fuseNetOf(net: Tree<Leaf>, panels: ReadonlyMap<string, PanelLabel>): FuseNet {
  if (net.type !== "panel") return { type: net.type, members: net.members.map((each) => fuseNetOf(each, panels)) };
  const { iscA, maxSeriesFuseA, pmaxW } = labelOf(net, panels);
  return { type: "panel", panel: { iscA, ratingA: maxSeriesFuseA ?? assumedFuseA(pmaxW) } };
}

function at(net: Tree<Leaf>, path: readonly number[]): Tree<Leaf> {
  return path.reduce<Tree<Leaf>>((part, k) => (part.type === "panel" ? part : (part.members[k] ?? part)), net);
}

/** In series the strongest short-circuit and the weakest operating amps, and all volts; in parallel all amps, and the lowest Vmp. */
function figuresOf(net: Tree<Leaf>, known: Known): Figures {
  if (net.type === "panel") {
    const { iscA, impA, vmpV } = labelOf(net, known.panels);
    return { iscA, impA, vmpV, coldV: known.coldV.get(net.key) ?? 0 };
  }
  const parts = net.members.map((member) => figuresOf(member, known));
  const sum = (key: keyof Figures) => parts.reduce((total, part) => total + part[key], 0);
  const most = (key: keyof Figures) => Math.max(...parts.map((part) => part[key]));
  const least = (key: keyof Figures) => Math.min(...parts.map((part) => part[key]));
  return net.type === "series"
    ? { iscA: most("iscA"), impA: least("impA"), vmpV: sum("vmpV"), coldV: sum("coldV") }
    : { iscA: sum("iscA"), impA: sum("impA"), vmpV: least("vmpV"), coldV: most("coldV") };
}

function labelOf({ key }: Leaf, panels: ReadonlyMap<string, PanelLabel>): PanelLabel {
  const label = panels.get(key);
  if (label === undefined) throw new Error("every leaf names a panel that was described");
  return label;
}

/** Each panel's open-circuit volts in full sun on cells as cold as the record. */
function coldVolts(panels: ReadonlyMap<string, PanelLabel>, cellTempC: number): ReadonlyMap<string, number> {
  const alone = (model: PanelModel): Net => ({ type: "panel", model, cellTempC, irradianceWm2: [stcIrradianceWm2] });
  return new Map([...panels].map(([key, label]) => [key, solveNet(alone(fitLabel(label).model)).vocV]));
}
