import { type Wait } from "./step-things";
import { hourMs, minuteMs } from "../engine/numeric";
import { type Fixing } from "../plan";
import { sealantHours, tapeHours } from "./cure";
import { type StepId, stepFacts } from "./steps";

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

const primerMinutes = 15;
const trackerMinutes = 0.5;
/** Beads that bury feet and edges are about so thick where air reaches one side. */
const beadMm = 10;

export type Air = { readonly airC: number; readonly humidityPct: number };
export const defaultAir: Air = { airC: 20, humidityPct: 50 };

export function airOf({ airC, humidityPct }: Fixing): Air {
  return { airC: airC ?? defaultAir.airC, humidityPct: humidityPct ?? defaultAir.humidityPct };
}

/** What lies in sealant cures from its edges inward: how large it is, and how much of it has to hold before it is driven. */
export type Bed = { readonly longMm: number; readonly wideMm: number; readonly neededShare: number };

/** A day's worth is waited for in any case, mm. */
const minRimMm = 3;

/** How far in a bed must have cured so that such a share of it holds: of a rectangle less the rectangle within, mm. */
export function rimFor({ longMm, wideMm, neededShare }: Bed): number {
  const half = Math.min(longMm, wideMm) / 2;
  const share = (mm: number) => 1 - Math.max(0, 1 - (2 * mm) / longMm) * Math.max(0, 1 - (2 * mm) / wideMm);
  let [low, high] = [0, half];
  for (let step = 0; step < 30; step++) {
    const middle = (low + high) / 2;
    if (share(middle) < Math.min(1, neededShare)) low = middle;
    else high = middle;
  }
  return Math.max(Math.min(minRimMm, half), high);
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

const stepMs = 1_800_000;
/** In the far north it may stay dark for longer than anybody waits. */
const longestNightMs = 86_400_000;

/**
 * The timetable of a fixing. `startMs`: when what is not done yet begins at the soonest. `isLight`: whether one sees what one does;
 * nothing is begun in the dark.
 */
export function clockOf(
  steps: readonly StepId[],
  fixing: Pick<Fixing, "ticks">,
  panels: number,
  air: Air,
  bed: Bed,
  startMs: number,
  isLight: (ms: number) => boolean = () => true,
): Clock {
  const inLight = (ms: number) => {
    for (let at = ms; at < ms + longestNightMs; at += stepMs) if (isLight(at)) return at;
    return ms;
  };
  const rimMm = rimFor(bed);
  const doneAt = new Map(fixing.ticks.map(({ step, atUtc }) => [step, Date.parse(atUtc)]));
  const timed: Timed[] = [];
  let now = -Infinity;
  let waits = -Infinity;
  let [drive, all]: [number | null, number | null] = [null, null];
  for (const step of steps) {
    const { minutes, isPerPanel, wait = null } = stepFacts[step];
    const takesMs = minutes * (isPerPanel === true ? panels : 1) * minuteMs;
    const done = doneAt.get(step) ?? null;
    const fromMs =
      done === null ? inLight(Math.max(startMs, now, step === "tightenBrackets" ? waits : 0)) : done - takesMs;
    const toMs = done ?? fromMs + takesMs;
    const hours = wait === null ? 0 : waitHours(wait, air, rimMm);
    const readyMs = toMs + hours * hourMs;
    timed.push({ step, isDone: done !== null, fromMs, toMs, readyMs, wait });
    now = wait === null || worksOn.includes(wait) ? toMs : readyMs;
    if (wait !== null && worksOn.includes(wait)) {
      waits = Math.max(waits, readyMs);
      const hard =
        wait === "tape"
          ? tapeHours(air.airC).all
          : waitHours("sealantThrough", air, wait === "sealantThrough" ? Math.min(bed.longMm, bed.wideMm) / 2 : beadMm);
      drive = Math.max(drive ?? 0, readyMs);
      all = Math.max(all ?? 0, toMs + hard * hourMs);
    }
  }
  return { steps: timed, endMs: now, driveMs: drive === null ? null : Math.max(drive, now), curedMs: all };
}
