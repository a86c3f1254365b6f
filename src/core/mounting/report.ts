import { type Tool } from "./step-things";
import { type Fixing, type Plan } from "../plan";
import { type Parked } from "../layout/roof";
import { type Mount } from "../engine/sky";
import { airOf, type Clock, clockOf } from "./clock";
import { gateStates, type GateState } from "./gates";
import { type Heat, heatOf, mountsUnder, movementOf } from "./heat";
import { feetOf, type Hold, holdOf } from "./hold";
import { type Load, loadOn, surfacesUnder } from "./load";
import { type Conditions } from "./methods";
import { conditionsOf, procedureOf } from "./procedure";
import { type StepId } from "./steps";
import { type Taken, takesOf, toolsOf } from "./takes";

/** What a fixing is judged by besides the plan itself. */
export type MountEnvironment = { readonly recordHighC: number; readonly mount: Mount; readonly parked: Parked };

/** Everything Mounting tells of some panels that are held alike. Plain data. */
export type MountReport = {
  readonly fixing: Fixing;
  readonly conditions: Conditions;
  readonly steps: readonly StepId[];
  readonly gates: readonly GateState[];
  readonly tools: readonly Tool[];
  /** Of the hole that is drawn to be cut where it lies, mm; null: none is. */ readonly holeMm: number | null;
  /** What one panel of each kind reads with nothing joined: by its label, hot under a dull sky, cold and bright, V. */
  readonly openVolts: readonly OpenVolts[];
  /** Null while it holds no panel of a known size. */ readonly held: Held | null;
};
export type OpenVolts = {
  readonly name: string;
  readonly vocV: number;
  readonly lowV: number;
  readonly highV: number;
};
export type Held = {
  readonly load: Load;
  readonly hold: Hold;
  readonly heat: Heat | null;
  readonly movement: { readonly mm: number; readonly overMm: number } | null;
  readonly mounts: readonly Mount[];
  readonly takes: readonly Taken[];
  readonly money: number;
  readonly weightKg: number;
};

export function mountReport(plan: Plan, fixing: Fixing, { recordHighC, mount, parked }: MountEnvironment): MountReport {
  const conditions = conditionsOf(plan, fixing);
  const steps = procedureOf(fixing.method, conditions);
  const load = loadOn(plan, fixing, parked);
  return {
    fixing,
    conditions,
    steps,
    gates: gateStates(plan, fixing, steps, parked),
    tools: toolsOf(steps),
    holeMm: holeIn(plan, fixing),
    openVolts: openVoltsOf(plan, fixing),
    held: load === null ? null : heldBy(plan, fixing, load, steps, recordHighC, mount),
  };
}

/** Cells at 75 °C in a fifth of the light, and at −25 °C in full sun: what a good panel may read from one to the other. */
function openVoltsOf({ panels }: Plan, { pieces }: Fixing): OpenVolts[] {
  return panels.flatMap(({ id, label }) => {
    if (label.vocV === null || pieces.every(({ panelId }) => panelId !== id)) return [];
    const perK = (label.tempCoVocPctPerC ?? defaultVocPctPerC) / 100;
    return [
      {
        name: label.name,
        vocV: label.vocV,
        lowV: dullShare * label.vocV * (1 + perK * 50),
        highV: label.vocV * (1 - perK * 50),
      },
    ];
  });
}
const defaultVocPctPerC = -0.29;
/** Voc in a fifth of full sun, as a share of what it is in all of it. */
const dullShare = 0.93;

function holeIn({ space, ...plan }: Plan, fixing: Fixing): number | null {
  const on = surfacesUnder({ space, ...plan }, fixing);
  const cut = space.glands.find(({ surfaceId, existing }) => !existing && on.some(({ id }) => id === surfaceId));
  return cut?.holeMm ?? null;
}

function heldBy(
  plan: Plan,
  fixing: Fixing,
  load: Load,
  steps: readonly StepId[],
  recordHighC: number,
  usual: Mount,
): Held {
  const mounts = mountsUnder(plan, fixing, usual);
  const hottest = mounts.reduce<Heat | null>((most, mount) => {
    const heat = heatOf(fixing, recordHighC, mount);
    return most === null || (heat !== null && heat.hottestC > most.hottestC) ? heat : most;
  }, null);
  const hold = holdOf(plan, fixing, load, hottest?.hottestC ?? null);
  const takes = takesOf(plan, fixing, load, hold, steps);
  return {
    load,
    hold,
    heat: hottest,
    movement: movementOf(plan, fixing, load),
    mounts,
    takes,
    money: takes.reduce((sum, { money }) => sum + money, 0),
    weightKg: takes.reduce((sum, { weightKg }) => sum + weightKg, 0),
  };
}

/** A bond is driven on when what has cured of it bears twice the wind, as half is the most to plan with. */
const spareTimes = 2;

/** The timetable of a fixing from a moment on. */
export function reportClock(
  { fixing, steps, held }: MountReport,
  startMs: number,
  isLight?: (ms: number) => boolean,
): Clock {
  const { footLongMm, footWideMm } = feetOf(fixing, held?.load.longMm ?? Infinity);
  const neededShare = held?.hold.type === "bond" ? spareTimes * (held.hold.windUse ?? 1) : 1;
  const bed = { longMm: footLongMm, wideMm: footWideMm, neededShare };
  return clockOf(steps, fixing, Math.max(1, fixing.pieces.length), airOf(fixing), bed, startMs, isLight);
}
