import { fitLabel, type PanelLabel } from "@/core/engine/panel";
import { type CauseId, causeIds } from "@/core/measurements";
import {
  createBench,
  leavesOf,
  type Place,
  type ProveTree,
  type Reading,
  healthyArray,
  type Shown,
  type SkyGuess,
  stringsOf,
  type FaultHypothesis,
  expected,
  type ProvedPortArray,
} from "@/core/commissioning";
import { type InputWindow } from "@/core/engine/pv-input";
import { substringCount } from "@/core/engine/net";
import { demoPanels } from "@/demo";
import { type Random } from "@/core/engine/random";

/** Something wrong with an array somewhere, what meters of ±1.5 % then show, and a sky known to ±15 %. */
export type Scenario = {
  readonly tree: ProveTree;
  readonly sky: SkyGuess;
  readonly readings: readonly Reading[];
  readonly window: InputWindow;
  readonly cause: CauseId;
  /** Where it is; of what shows at the input, the array will do as well. */ readonly at: readonly string[];
};

const kinds = ["rigid195", "rigid225", "rigid120", "rigid410", "poly240", "folding160", "flexible100"] as const;

export function randomScenario(draw: Random): Scenario {
  const cause = draw.pick(causeIds);
  const needsStrings = cause === "seriesForParallel" || cause === "stringMissing";
  const needsSeries = cause === "parallelForSeries";
  const strings = draw.whole(needsStrings ? 2 : 1, 3);
  const series = draw.whole(needsSeries || (cause === "reversed" && strings === 1) ? 2 : 1, 3);
  const label = demoPanels[draw.pick(kinds)];
  const { model } = fitLabel(label as unknown as PanelLabel);
  let id = 0;
  const string = (): ProveTree => {
    const members = Array.from({ length: series }, (): ProveTree => ({
      type: "panel",
      id: ++id,
      model,
      light: 1,
      rossK: null,
      vocPctPerC: null,
    }));
    return members.length === 1 ? (members[0] as ProveTree) : { type: "series", members };
  };
  const branches = Array.from({ length: strings }, string);
  const tree: ProveTree = branches.length === 1 ? (branches[0] as ProveTree) : { type: "parallel", members: branches };
  const irradianceWm2 = cause === "weakSun" ? draw.number(110, 370) : draw.number(480, 960);
  const sky = { irradianceWm2, airTempC: draw.number(2, 33), rossK: draw.pick([0.02, 0.03, 0.038, 0.05]) };
  const wide: InputWindow = { minV: 5, maxV: 1000, maxW: 1e5, currentLimits: [], ceilingOnVoc: true };
  const right = createBench(tree, wide).predict(healthyArray(sky));
  const openV = right.array.openV ?? 0;
  const window: InputWindow = {
    ...wide,
    minV: cause === "asleep" ? openV * draw.number(1.1, 1.5) : Math.min(12, 0.4 * openV),
    maxV:
      cause === "overVoltage"
        ? openV * draw.number(0.6, 0.93)
        : openV * draw.number(1.5, 3) * (cause === "seriesForParallel" ? 3 : 1),
    maxW:
      cause === "clipped" && draw.chance(0.5) ? right.freeW * draw.number(0.4, 0.85) : right.freeW * draw.number(2, 4),
    currentLimits: [],
  };
  const limited: InputWindow =
    cause === "clipped" && window.maxW !== null && window.maxW > right.freeW
      ? { ...window, currentLimits: [{ fromV: 0, toV: 1000, amps: (right.array.runA ?? 1) * draw.number(0.4, 0.85) }] }
      : window;
  const leaf = draw.whole(1, id);
  const n = draw.whole(1, strings);
  const { patch, at } = wrong(cause, draw, leaf, n, strings, model, tree, right);
  const world: FaultHypothesis = { ...healthyArray(sky), ...patch };
  const seen = createBench(tree, limited).predict(world);
  const soc = cause === "tapering" ? draw.whole(88, 99) : draw.whole(30, 80);
  const ofRuns = draw.chance(0.6);
  const noisy = (value: number | null) =>
    value === null ? null : Number((value * (1 + draw.number(-0.015, 0.015))).toFixed(2));
  const reading = (place: Place, shown: Shown, withRun: boolean, withAlone = true): Reading => ({
    at: place,
    openV: withAlone ? noisy(shown.openV) : null,
    shortA: withAlone ? noisy(shown.shortA) : null,
    runV: withRun ? noisy(shown.runV) : null,
    runA: withRun ? noisy(shown.runA) : null,
    displayW: null,
    batterySoc: null,
  });
  const isRunSeen = ofRuns || ["looseJoint", "reversed", "ownShadow"].includes(cause);
  const known = needsSky(cause, at) || draw.chance(0.6);
  return {
    tree,
    window: limited,
    cause,
    at,
    sky: {
      irradianceWm2: known ? irradianceWm2 * (1 + draw.number(-0.15, 0.15)) : null,
      cloud: known ? null : "clear",
      airTempC: sky.airTempC,
      rossK: sky.rossK,
    },
    readings: [
      ...leavesOf(tree).flatMap((each) => {
        const shown = seen.panels.get(each.id);
        return shown === undefined ? [] : [reading({ type: "panel", id: each.id }, shown, isRunSeen)];
      }),
      ...(series > 1
        ? stringsOf(tree).map((_, k) => reading({ type: "string", n: k + 1 }, seen.strings[k] as Shown, isRunSeen))
        : []),
      reading({ type: "array" }, seen.array, true),
      { ...reading({ type: "input" }, seen.input, true, false), batterySoc: soc, displayW: noisy(0.95 * seen.takenW) },
    ],
  };
}

/** Only with a sky that is known can dirt on all be told. */
function needsSky(cause: CauseId, at: readonly string[]): boolean {
  return cause === "weakSun" || (cause === "dirty" && at[0] === "array");
}

export function wrong(
  cause: CauseId,
  draw: Random,
  leaf: number,
  n: number,
  strings: number,
  model: Parameters<typeof substringCount>[0],
  tree: ProveTree,
  right: { readonly array: Shown },
): { readonly patch: Partial<FaultHypothesis>; readonly at: readonly string[] } {
  const panel = (fault: FaultHypothesis["panels"] extends ReadonlyMap<number, infer F> ? F : never) => ({
    patch: { panels: new Map([[leaf, fault]]) },
    at: [`panel:${leaf}`],
  });
  const input = { patch: {}, at: ["input", "array"] };
  const ohm = (right.array.openV ?? 0) / Math.max(0.1, right.array.shortA ?? 0);
  switch (cause) {
    case "fine":
    case "weakSun":
      return { patch: {}, at: ["array"] };
    case "clipped":
    case "asleep":
    case "overVoltage":
      return input;
    case "tapering":
      return { patch: { taken: draw.number(0.2, 0.8) }, at: input.at };
    case "reversed":
      return panel({ type: "reversed" });
    case "openCircuit":
      return panel({ type: "open" });
    case "bypassedSubstring":
      return panel({ type: "bypassed", count: 1 });
    case "dirty": {
      if (draw.chance(0.5)) return panel({ type: "dim", share: draw.number(0.6, 0.85), substrings: "all" });
      const share = draw.number(0.5, 0.72);
      const all = leavesOf(tree).map((each) => [each.id, { type: "dim", share, substrings: "all" }] as const);
      return { patch: { panels: new Map(all) }, at: ["array"] };
    }
    case "shaded":
      return panel({
        type: "dim",
        share: draw.number(0.1, 0.45),
        substrings: substringCount(model) > 1 ? "one" : "all",
      });
    case "wrongPanel":
      return panel({
        type: "other",
        volts: draw.pick([0.55, 0.7, 0.85, 1.15, 1.4, 1.8]),
        amps: draw.pick([0.6, 0.75, 1.2, 1.4, 1.6]),
      });
    case "regulated":
      return panel({ type: "regulated", volts: draw.number(13.2, 14.6) });
    case "ownShadow":
      return panel({ type: "shadowAlone", share: draw.number(0.25, 0.75) });
    case "stringMissing":
      return { patch: { missing: new Set([n]) }, at: [`string:${n}`] };
    case "parallelForSeries":
      return { patch: { inParallel: new Set([n]) }, at: [`string:${n}`] };
    case "seriesForParallel":
      return { patch: { inSeries: true }, at: ["array"] };
    case "looseJoint":
      return strings > 1 && draw.chance(0.6)
        ? { patch: { stringOhm: new Map([[n, draw.number(0.08, 0.3) * ohm * strings]]) }, at: [`string:${n}`] }
        : { patch: { leadOhm: draw.number(0.06, 0.25) * ohm }, at: ["input", "array"] };
  }
}

/** A random array as a port's port array, on an input that takes all of it. */
export function scenarioPortArray(draw: Random): ProvedPortArray {
  const { tree, window } = randomScenario(draw);
  const leaves = leavesOf(tree);
  const iscA = Math.max(
    ...leaves.map(
      ({ model }) =>
        expected(
          { type: "panel", id: 1, model, light: 1, rossK: null, vocPctPerC: null },
          { irradianceWm2: 1000, airTempC: 25, rossK: 0 },
        ).array.iscA,
    ),
  );
  const wm2 = draw.number(300, 950);
  return {
    tree,
    tiles: leaves.map(({ id }) => ({ type: "panel", panelId: "p", piece: id, bypassed: false })),
    stringIds: stringsOf(tree).map((_, k) => `r${k + 1}`),
    window: { ...window, minV: 1, maxV: 1000, maxW: null, currentLimits: [] },
    tracking: { type: "scan" },
    light: { low: 0.9 * wm2, due: wm2, high: 1.1 * wm2, by: "cloud" },
    sky: { irradianceWm2: wm2, cloud: "clear", airTempC: 18, rossK: 0.038 },
    clearWm2: wm2,
    iscA: { panel: iscA, string: iscA, array: iscA * stringsOf(tree).length },
    batteryV: null,
    recordLowC: 0,
  };
}
