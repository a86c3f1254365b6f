import { type Random } from "@/core/engine/random";
import { type InputWindow } from "@/core/engine/pv-input";
import { type CauseId } from "@/core/measurements";
import { fitLabel, type PanelLabel, type PanelModel } from "@/core/engine/panel";
import {
  bothWrong,
  createBench,
  leavesOf,
  type Place,
  placeKey,
  type ProveTree,
  type Reading,
  healthyArray,
  type Shown,
  type SkyGuess,
  stringsOf,
  type FaultHypothesis,
} from "@/core/commissioning";
import { demoPanels } from "@/demo";
import { wrong } from "./scenarios";

/**
 * An array as people find one: every panel off its label by a share of its own and one they have in common, a meter that is off in all its
 * readings, air and sky known roughly or not at all, only some readings taken; with nothing, one thing or two things wrong.
 */
export type HardScenario = {
  readonly group: "healthy" | "single" | "double";
  /** The array as its labels have it. */ readonly tree: ProveTree;
  readonly sky: SkyGuess;
  readonly readings: readonly Reading[];
  readonly window: InputWindow;
  readonly recordLowC: number | null;
  /** Any of these at any of these places is right. */ readonly right: readonly {
    readonly id: CauseId;
    readonly at: string;
  }[];
};

const kinds = ["rigid195", "rigid225", "rigid120", "rigid410", "poly240"] as const;
const singles: readonly [CauseId, ...CauseId[]] = [
  ...(["reversed", "openCircuit", "bypassedSubstring", "dirty", "shaded", "wrongPanel"] as const),
  ...(["regulated", "stringMissing", "parallelForSeries", "seriesForParallel", "looseJoint", "overVoltage"] as const),
];
const inPairs: readonly [CauseId, ...CauseId[]] = [
  ...(["reversed", "openCircuit", "bypassedSubstring", "dirty", "shaded", "stringMissing"] as const),
];

export function hardScenario(draw: Random, group: HardScenario["group"]): HardScenario {
  const causes: CauseId[] = group === "healthy" ? [] : [draw.pick(group === "single" ? singles : inPairs)];
  if (group === "double") causes.push(draw.pick(inPairs.filter((id) => id !== causes[0]) as [CauseId, ...CauseId[]]));
  const needsStrings = causes.some((id) => id === "stringMissing" || id === "seriesForParallel");
  const strings = draw.whole(needsStrings ? 2 : 1, 3);
  const needsSeries = causes.includes("parallelForSeries") || (causes.includes("reversed") && strings === 1);
  const series = draw.whole(needsSeries || group === "double" ? 2 : 1, 3);
  const printed = demoPanels[draw.pick(kinds)] as unknown as PanelLabel;
  const [volts, amps] = [0.014, 0.014].map((share) => 1 + draw.number(-share, share));
  const made = (): PanelModel => {
    const [v, a] = [volts, amps].map((shared) => (shared ?? 1) * (1 + draw.number(-0.007, 0.007)));
    return fitLabel(scaled(printed, v ?? 1, a ?? 1)).model;
  };
  const treeOf = (model: () => PanelModel): ProveTree => {
    let id = 0;
    const branch = (): ProveTree => {
      const members = Array.from({ length: series }, (): ProveTree => ({
        type: "panel",
        id: ++id,
        model: model(),
        light: 1,
        rossK: null,
        vocPctPerC: null,
      }));
      return members.length === 1 ? (members[0] as ProveTree) : { type: "series", members };
    };
    const branches = Array.from({ length: strings }, branch);
    return branches.length === 1 ? (branches[0] as ProveTree) : { type: "parallel", members: branches };
  };
  const label = fitLabel(printed).model;
  const tree = treeOf(() => label);
  const real = treeOf(made);
  const sky = {
    irradianceWm2: draw.number(480, 980),
    airTempC: draw.number(2, 33),
    rossK: draw.pick([0.02, 0.03, 0.038, 0.05]),
  };
  const wide: InputWindow = { minV: 5, maxV: 1000, maxW: 1e5, currentLimits: [], ceilingOnVoc: true };
  const right = createBench(real, wide).predict(healthyArray(sky));
  const openV = right.array.openV ?? 0;
  const isOver = causes.includes("overVoltage");
  const window = { ...wide, minV: 0.3 * openV, maxV: openV * (isOver ? draw.number(0.6, 0.9) : 4) };
  const leaves = leavesOf(tree).map(({ id }) => id);
  const found = causes.map((cause) =>
    wrong(
      cause,
      draw,
      leaves[draw.whole(0, leaves.length - 1)] ?? 1,
      draw.whole(1, strings),
      strings,
      label,
      real,
      right,
    ),
  );
  const [first, second] = found.map(({ patch }): FaultHypothesis => ({ ...healthyArray(sky), ...patch }));
  const world = first === undefined ? healthyArray(sky) : second === undefined ? first : bothWrong(first, second);
  // both drew the same panel
  if (world === null) return hardScenario(draw, group);
  const seen = createBench(real, window).predict(world);
  const [meterV, meterA] = [1 + draw.number(-0.007, 0.007), 1 + draw.number(-0.01, 0.01)];
  const few = draw.chance(0.4);
  const isTaken = () => !few || draw.chance(0.7);
  const volt = (value: number | null) =>
    value === null ? null : Number((value * meterV * (1 + draw.number(-0.005, 0.005))).toFixed(2));
  const amp = (value: number | null) =>
    value === null ? null : Number((value * meterA * (1 + draw.number(-0.008, 0.008))).toFixed(2));
  const reading = (at: Place, shown: Shown, withRun: boolean, withAlone = true): Reading => ({
    at,
    openV: withAlone ? volt(shown.openV) : null,
    shortA: withAlone && isTaken() ? amp(shown.shortA) : null,
    runV: withRun ? volt(shown.runV) : null,
    runA: withRun ? amp(shown.runA) : null,
    displayW: null,
    batterySoc: null,
  });
  const isKnown = causes.includes("dirty") || draw.chance(0.55);
  return {
    group,
    tree,
    window,
    recordLowC: null,
    right: found.flatMap(({ at }, k) => {
      const id = causes[k] as CauseId;
      const strung = id === "reversed" || id === "openCircuit" ? at : at;
      return strung.map((each) => ({ id, at: each }));
    }),
    sky: {
      irradianceWm2: isKnown ? sky.irradianceWm2 * (1 + draw.number(-0.13, 0.13)) : null,
      cloud: isKnown ? null : draw.pick(["clear", null]),
      airTempC: sky.airTempC + draw.number(-2.5, 2.5),
      rossK: sky.rossK,
    },
    readings: [
      ...leavesOf(tree).flatMap(({ id }) => {
        const shown = seen.panels.get(id);
        return shown === undefined || !isTaken() ? [] : [reading({ type: "panel", id }, shown, false)];
      }),
      ...(series > 1
        ? stringsOf(tree).flatMap((_, k) =>
            isTaken()
              ? [reading({ type: "string", n: k + 1 }, seen.strings[k] as Shown, causes.includes("looseJoint"))]
              : [],
          )
        : []),
      reading({ type: "array" }, seen.array, true),
      { ...reading({ type: "input" }, seen.input, true, false), batterySoc: draw.whole(30, 80) },
    ],
  };
}

function scaled(label: PanelLabel, volts: number, amps: number): PanelLabel {
  return {
    ...label,
    vocV: label.vocV * volts,
    vmpV: label.vmpV * volts,
    iscA: label.iscA * amps,
    impA: label.impA * amps,
    pmaxW: label.pmaxW * volts * amps,
  };
}

/** Readings more than half as far again from the expected ones as meters, labels, air and sky may be together. */
export function farOff({ tree, sky, window, readings }: HardScenario): readonly string[] {
  if (sky.irradianceWm2 === null) return [];
  const known = { irradianceWm2: sky.irradianceWm2, airTempC: sky.airTempC, rossK: sky.rossK };
  const due = createBench(tree, window).predict(healthyArray(known));
  return readings.flatMap(({ at, openV, shortA }) => {
    const shown =
      at.type === "panel" ? due.panels.get(at.id) : at.type === "string" ? due.strings[at.n - 1] : due.array;
    const isOff = (read: number | null, is: number | null | undefined, share: number) =>
      read !== null && is !== null && is !== undefined && Math.abs(read - is) > share * Math.abs(is) + 0.2;
    return isOff(openV, shown?.openV, 0.1) || isOff(shortA, shown?.shortA, 0.32) ? [placeKey(at)] : [];
  });
}
