import { type Fixing, type Plan } from "../plan";
import { type Parked } from "../roof";
import { type Mount } from "../sky";
import { airOf, type Clock, clockOf } from "./clock";
import { gateStates, type GateState } from "./gates";
import { type Heat, heatOf, mountsUnder, movementOf } from "./heat";
import { feetOf, type Hold, holdOf } from "./hold";
import { type Load, loadOn, surfacesUnder } from "./load";
import { procedureOf, type Way, wayOf } from "./procedure";
import { type StepId, type Tool } from "./steps";
import { type Taken, takesOf, toolsOf } from "./takes";

/** What a fixing is judged by besides the plan itself. */
export type Round = { readonly recordHighC: number; readonly mount: Mount; readonly parked: Parked };

/** Everything Mount tells of some panels that are held alike. Plain data. */
export type MountReport = {
  readonly fixing: Fixing;
  readonly way: Way;
  readonly steps: readonly StepId[];
  readonly gates: readonly GateState[];
  readonly tools: readonly Tool[];
  /** Of the hole that is drawn to be cut where it lies, mm; null: none is. */ readonly holeMm: number | null;
  /** Null while it holds no panel of a known size. */ readonly held: Held | null;
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

export function mountReport(plan: Plan, fixing: Fixing, { recordHighC, mount, parked }: Round): MountReport {
  const way = wayOf(plan, fixing);
  const steps = procedureOf(way);
  const load = loadOn(plan, fixing, parked);
  return {
    fixing,
    way,
    steps,
    gates: gateStates(plan, fixing, steps, parked),
    tools: toolsOf(steps),
    holeMm: holeIn(plan, fixing),
    held: load === null ? null : heldBy(plan, fixing, load, steps, recordHighC, mount),
  };
}

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
  const hold = holdOf(plan, fixing, load);
  const takes = takesOf(plan, fixing, load, hold, steps);
  const mounts = mountsUnder(plan, fixing, usual);
  const hottest = mounts.reduce<Heat | null>((most, mount) => {
    const heat = heatOf(fixing, recordHighC, mount);
    return most === null || (heat !== null && heat.hottestC > most.hottestC) ? heat : most;
  }, null);
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
  const neededShare = held?.hold.type === "bond" ? spareTimes * held.hold.windUse : 1;
  const bed = { longMm: footLongMm, wideMm: footWideMm, neededShare };
  return clockOf(steps, fixing, Math.max(1, fixing.pieces.length), airOf(fixing), bed, startMs, isLight);
}
