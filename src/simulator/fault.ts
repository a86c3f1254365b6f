import { type InputWindow } from "@/core/engine/pv-input";
import { type CauseId } from "@/core/measurements";
import {
  type Bench,
  createBench,
  leavesOf,
  type ProveSky,
  type ProveTree,
  healthyArray,
  stringsOf,
  type FaultHypothesis,
} from "@/core/commissioning";
import { substringCount } from "@/core/engine/net";

/** Something put wrong with a simulated array: which cause, at which panel or string (from 1), how badly from 0 to 1. */
export type PutIn = { readonly id: CauseId; readonly n: number; readonly strength: number };

export type FaultPut =
  { readonly type: "put"; readonly fault: PutIn } | { readonly type: "refused"; readonly why: string };

/** Whether an array can have a fault at all: nothing can be missing of one string, nor side by side what is alone. */
export function canHave(tree: ProveTree, id: CauseId, n: number): string | null {
  const strings = stringsOf(tree);
  const leaves = leavesOf(tree);
  const ofString = id === "stringMissing" || id === "parallelForSeries";
  const most = ofString ? strings.length : isOfPanel(id) ? leaves.length : 1;
  if (n < 1 || n > most) return `${ofString ? "string" : "panel"} ${n} is not there; allowed: 1 to ${most}`;
  if ((id === "stringMissing" || id === "seriesForParallel") && strings.length < 2) return "it has one string only";
  if (id === "parallelForSeries" && strings[n - 1]?.type !== "series") return `string ${n} has one panel only`;
  const leaf = leaves[n - 1];
  if (id === "bypassedSubstring" && leaf !== undefined && substringCount(leaf.model) < 2)
    return `panel ${n} has one substring only`;
  return null;
}

export function isOfPanel(id: CauseId): boolean {
  return ofPanels.includes(id);
}
const ofPanels: readonly CauseId[] = [
  "reversed",
  "openCircuit",
  "bypassedSubstring",
  "dirty",
  "shaded",
  "wrongPanel",
  "regulated",
  "ownShadow",
];

/** The array as it is with the fault, under some light. `bench`: of the array as it is meant. */
export function worldWith(bench: Bench, sky: ProveSky, { id, n, strength }: PutIn): FaultHypothesis {
  const world = healthyArray(sky);
  const leaf = bench.leaves[n - 1]?.id ?? 1;
  const dim = (share: number, substrings: "all" | "one"): FaultHypothesis => ({
    ...world,
    panels: new Map([[leaf, { type: "dim", share, substrings }]]),
  });
  switch (id) {
    case "reversed":
      return { ...world, panels: new Map([[leaf, { type: "reversed" }]]) };
    case "openCircuit":
      return { ...world, panels: new Map([[leaf, { type: "open" }]]) };
    case "bypassedSubstring":
      return { ...world, panels: new Map([[leaf, { type: "bypassed", count: 1 }]]) };
    case "dirty":
      return dim(0.85 - 0.25 * strength, "all");
    case "shaded":
      return dim(0.45 - 0.35 * strength, "one");
    case "ownShadow":
      return { ...world, panels: new Map([[leaf, { type: "shadowAlone", share: 0.7 - 0.4 * strength }]]) };
    case "wrongPanel":
      return { ...world, panels: new Map([[leaf, { type: "other", volts: 0.6 + 0.1 * strength, amps: 1.2 }]]) };
    case "regulated":
      return { ...world, panels: new Map([[leaf, { type: "regulated", volts: 13.4 + strength }]]) };
    case "stringMissing":
      return { ...world, missing: new Set([n]) };
    case "parallelForSeries":
      return { ...world, inParallel: new Set([n]) };
    case "seriesForParallel":
      return { ...world, inSeries: true };
    case "looseJoint": {
      const { openV, shortA } = bench.predict(world).array;
      return { ...world, leadOhm: ((0.08 + 0.15 * strength) * (openV ?? 0)) / Math.max(0.1, shortA ?? 0) };
    }
    case "tapering":
      return { ...world, taken: 0.7 - 0.5 * strength };
    case "weakSun":
      return { ...world, sky: { ...sky, irradianceWm2: sky.irradianceWm2 * (0.35 - 0.2 * strength) } };
    case "fine":
    case "clipped":
    case "asleep":
    case "overVoltage":
      return world;
  }
}

/** The input it hangs on: another one where that is the fault. */
export function inputWith(
  tree: ProveTree,
  window: InputWindow | null,
  sky: ProveSky,
  { id, strength }: PutIn,
): InputWindow | null {
  if (id !== "clipped" && id !== "asleep" && id !== "overVoltage") return window;
  const { array, freeW } = createBench(tree, null).predict(healthyArray(sky));
  const openV = array.openV ?? 0;
  const base: InputWindow = window ?? { minV: 5, maxV: 1000, maxW: null, currentLimits: [], ceilingOnVoc: true };
  if (id === "clipped") return { ...base, maxW: (0.8 - 0.4 * strength) * freeW };
  if (id === "asleep") return { ...base, minV: 1.2 * openV, maxV: Math.max(base.maxV, 2 * openV) };
  return { ...base, maxV: (0.92 - 0.2 * strength) * openV, ceilingOnVoc: true };
}
