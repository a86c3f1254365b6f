import { type Random } from "@/core/engine/random";
import { type CauseId, unsaidSky } from "@/core/measurements";
import { createBench, provedPortArray, type ProvedPortArray, healthyArray } from "@/core/commissioning";
import { solvableById } from "@/core/plan-model";
import { createPlanes } from "@/core/wiring/year";
import { type SimulatedSky } from "@/simulator";
import { anyPanel, drawsUpTo, drillPlan, grid, portArray, portWith, round, wiredAs, wiringId } from "./build";
import { type BenchCase, type Level, type Repair } from "./case";

/** Drills with a meter: an array with something wrong, or nothing, and what people then do to it. */

type Make = (draw: Random, level: Level) => BenchCase;

const place = { latitudeDeg: 48, longitudeDeg: 8 };
/** Noon of the longest day there. */
const noonMs = Date.UTC(2026, 5, 21, 11, 30);
const offeredToAll: readonly Repair[] = [
  "turnPlug",
  "remakePlug",
  "wash",
  "changePanel",
  "tightenJoint",
  "leaveIt",
  "newController",
];

type Wrong = {
  readonly fault: CauseId;
  /** Strings of so many, so many side by side, by level. */ readonly shape?: readonly [number, number];
  readonly right: readonly Repair[];
  readonly mistake: BenchCase["mistake"];
  readonly of: "panel" | "string" | "none";
  readonly neverPlug?: boolean;
  readonly startsPlugged?: boolean;
  readonly cloud?: SimulatedSky["cloud"];
  /** The input as it differs from one that bears all of it; told the array's open volts and free watts. */
  readonly input?: (array: { readonly openV: number; readonly freeW: number }) => {
    readonly minV?: number;
    readonly maxV?: number;
    readonly maxW?: number;
  };
};

const shapes: Readonly<Record<Level, readonly [number, number]>> = { 1: [2, 1], 2: [2, 2], 3: [3, 2] };

function drill(wrong: Wrong): Make {
  return (draw, level) => {
    const label = anyPanel(draw);
    const [series, strings] = wrong.shape ?? shapes[level];
    const cloud = wrong.cloud ?? "clear";
    const airTempC = draw.whole(8, 28);
    const proved = portArrayOf(label, series, strings, airTempC);
    const sky: SimulatedSky = { clearWm2: proved.clearWm2, cloud, airTempC, seed: draw.whole(1, 9999) };
    const world = { irradianceWm2: proved.clearWm2, airTempC, rossK };
    const { array, freeW } = createBench(proved.tree, null).predict(healthyArray(world));
    const openV = array.openV ?? 0;
    const bears = { minV: 8, maxV: Math.ceil(openV * 2.6), maxW: null, currentLimits: [], ceilingOnVoc: true };
    const window = { ...bears, ...wrong.input?.({ openV, freeW }) };
    const n = wrong.of === "none" ? null : draw.whole(1, wrong.of === "panel" ? series * strings : strings);
    return {
      type: "bench",
      setup: {
        tree: proved.tree,
        window,
        tracking: proved.tracking,
        rossK,
        sky,
        // a fault that is hardly there is the harder one to find
        fault: { id: wrong.fault, n: n ?? 1, strength: level === 1 ? 0.9 : level === 2 ? 0.6 : 0.35 },
      },
      panel: label,
      window,
      panels: series * strings,
      strings,
      right: wrong.right,
      n,
      offered: [...new Set([...wrong.right, ...offeredToAll, ...(wrong.mistake === "plugIn" ? [] : [wrong.mistake])])],
      neverPlug: wrong.neverPlug ?? false,
      startsPlugged: wrong.startsPlugged ?? false,
      mistake: wrong.mistake,
      facts: {
        panels: series * strings,
        series,
        strings,
        n: n ?? 0,
        openV: round(openV, 1),
        freeW: round(freeW),
        maxV: window.maxV,
        minV: window.minV,
        maxW: window.maxW ?? 0,
        airC: airTempC,
        vocV: label.vocV ?? 0,
        iscA: label.iscA ?? 0,
      },
    };
  };
}
const rossK = 0.034;

function portArrayOf(label: BenchCase["panel"], series: number, strings: number, airC: number): ProvedPortArray {
  const open = drillPlan({
    panels: [{ id: "p", label, count: series * strings }],
    ports: [portWith({ minV: 8, maxV: 1000, currentLimits: [drawsUpTo(100)] })],
    recordLowC: -10,
  });
  const plan = wiredAs(open, [portArray(grid(series, strings))]);
  const [context] = solvableById(plan, wiringId).portArrays;
  const moment = { atMs: noonMs, longitudeDeg: place.longitudeDeg };
  const planes = createPlanes(plan, plan.positions[0]?.id ?? "", place.longitudeDeg);
  const found =
    context === undefined ? null : provedPortArray(context, { ...unsaidSky, cloud: "clear", airC }, moment, planes);
  if (found === null) throw new Error("a drill’s array is whole");
  return found;
}

export const benchDrills = {
  reversedPanel: drill({ fault: "reversed", right: ["turnPlug"], mistake: "plugIn", of: "panel", neverPlug: true }),
  turnedModular: drill({
    fault: "reversed",
    shape: [1, 1],
    right: ["turnPlug"],
    mistake: "plugIn",
    of: "panel",
    neverPlug: true,
  }),
  deadPlug: drill({ fault: "openCircuit", right: ["remakePlug"], mistake: "newController", of: "panel" }),
  dirtBlamed: drill({
    fault: "dirty",
    right: ["wash"],
    mistake: "newController",
    of: "panel",
    startsPlugged: true,
  }),
  taperBlamed: drill({
    fault: "tapering",
    right: ["putOnLoad", "leaveIt"],
    mistake: "changePanel",
    of: "none",
    startsPlugged: true,
  }),
  ownShadow: drill({ fault: "ownShadow", right: ["stepAside"], mistake: "changePanel", of: "panel" }),
  regulatedPanel: drill({ fault: "regulated", right: ["bareLeads"], mistake: "changePanel", of: "panel" }),
  partOfPanel: drill({ fault: "bypassedSubstring", right: ["changePanel"], mistake: "wash", of: "panel" }),
  looseJoint: drill({
    fault: "looseJoint",
    right: ["tightenJoint"],
    mistake: "newController",
    of: "none",
    startsPlugged: true,
  }),
  stringNotIn: drill({
    fault: "stringMissing",
    shape: [2, 2],
    right: ["plugString"],
    mistake: "newController",
    of: "string",
    startsPlugged: true,
  }),
  sideBySideForSeries: drill({
    fault: "parallelForSeries",
    shape: [2, 2],
    right: ["wireInSeries"],
    mistake: "changePanel",
    of: "string",
  }),
  seriesForSideBySide: drill({
    fault: "seriesForParallel",
    shape: [1, 2],
    right: ["wireSideBySide"],
    mistake: "newController",
    of: "none",
  }),
  zeroWatts: drill({
    fault: "fine",
    right: ["shorterString"],
    mistake: "newController",
    of: "none",
    startsPlugged: true,
    input: ({ openV }) => ({ maxV: Math.floor(0.93 * openV) }),
  }),
  asleepAllDay: drill({
    fault: "fine",
    shape: [1, 2],
    right: ["wireInSeries"],
    mistake: "newController",
    of: "none",
    startsPlugged: true,
    input: ({ openV }) => ({ minV: Math.ceil(1.12 * openV), maxV: Math.ceil(2.6 * openV) }),
  }),
  dullDay: drill({
    fault: "fine",
    right: ["leaveIt"],
    mistake: "wash",
    of: "none",
    startsPlugged: true,
    cloud: "overcast",
  }),
  flatTop: drill({
    fault: "fine",
    right: ["leaveIt"],
    mistake: "wash",
    of: "none",
    startsPlugged: true,
    input: ({ freeW }) => ({ maxW: Math.round(0.66 * freeW) }),
  }),
} satisfies Record<string, Make>;
