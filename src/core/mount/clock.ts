import { type Fixing } from "../plan";
import { sealantHours, tapeHours } from "./cure";
import { type StepId, stepFacts, type Wait } from "./steps";

/** When each step is begun, done and waited for: what is done counts as it was, what is not follows on. */
export type Timed = {
  readonly step: StepId;
  readonly isDone: boolean;
  readonly fromMs: number;
  readonly toMs: number;
  /** The next step not before. */ readonly readyMs: number;
  readonly wait: Wait | null;
};

export type Clock = {
  readonly steps: readonly Timed[];
  readonly endMs: number;
  /** Bond strong enough to drive, and cured to the last; null where nothing cures. */
  readonly driveMs: number | null;
  readonly curedMs: number | null;
};

const minuteMs = 60_000;
const hourMs = 3_600_000;
const primerMinutes = 15;
const trackerMinutes = 0.5;
/** Beads that bury feet and edges are about so thick where air reaches one side. */
const beadMm = 10;

export type Air = { readonly airC: number; readonly humidityPct: number };
export const usualAir: Air = { airC: 20, humidityPct: 50 };

export function airOf({ airC, humidityPct }: Fixing): Air {
  return { airC: airC ?? usualAir.airC, humidityPct: humidityPct ?? usualAir.humidityPct };
}

function waitHours(wait: Wait, { airC, humidityPct }: Air, bedMm: number): number {
  switch (wait) {
    case "primer":
      return primerMinutes / 60;
    case "tracker":
      return trackerMinutes / 60;
    case "tape":
      return tapeHours(airC).most;
    case "sealantSkin":
      return sealantHours(0, airC, humidityPct).skin;
    case "sealantThrough":
      return sealantHours(bedMm, airC, humidityPct).through;
  }
}

/** Waits in which one goes on working on the roof; only driving waits for them. */
const worksOn: readonly Wait[] = ["tape", "sealantThrough", "sealantSkin"];

/**
 * The timetable of a fixing. `bedWideMm`: of what lies in sealant, which cures from its edges inward. `startMs`: when
 * what is not done yet begins at the soonest.
 */
export function clockOf(
  steps: readonly StepId[],
  fixing: Pick<Fixing, "ticks">,
  panels: number,
  air: Air,
  bedWideMm: number,
  startMs: number,
): Clock {
  const doneAt = new Map(fixing.ticks.map(({ step, atUtc }) => [step, Date.parse(atUtc)]));
  const timed: Timed[] = [];
  let now = -Infinity;
  let waits = -Infinity;
  let [drive, all]: [number | null, number | null] = [null, null];
  for (const step of steps) {
    const { minutes, isPerPanel, wait = null } = stepFacts[step];
    const takesMs = minutes * (isPerPanel === true ? panels : 1) * minuteMs;
    const done = doneAt.get(step) ?? null;
    const fromMs = done === null ? Math.max(startMs, now, step === "tightenBrackets" ? waits : 0) : done - takesMs;
    const toMs = done ?? fromMs + takesMs;
    const hours = wait === null ? 0 : waitHours(wait, air, bedWideMm / 2);
    const readyMs = toMs + hours * hourMs;
    timed.push({ step, isDone: done !== null, fromMs, toMs, readyMs, wait });
    now = wait === null || worksOn.includes(wait) ? toMs : readyMs;
    if (wait !== null && worksOn.includes(wait)) {
      waits = Math.max(waits, readyMs);
      const hard =
        wait === "tape"
          ? tapeHours(air.airC).all
          : waitHours("sealantThrough", air, wait === "sealantThrough" ? bedWideMm / 2 : beadMm);
      drive = Math.max(drive ?? 0, readyMs);
      all = Math.max(all ?? 0, toMs + hard * hourMs);
    }
  }
  return { steps: timed, endMs: now, driveMs: drive === null ? null : Math.max(drive, now), curedMs: all };
}
