import { dayMs } from "../engine/numeric";
import { type LogShare } from "./plan-log";

/** A reading against one of the month before, at about the same hour. */
export type SameHour = {
  readonly now: LogShare;
  readonly then: LogShare;
  /** Watts now over watts then, and what the sun alone would have made of them. */
  readonly wattsRatio: number;
  readonly dueRatio: number;
  /** Share of what was due, now over then: what is left for dirt, shade and faults. */ readonly ownRatio: number;
};

const monthDays = 30.4;
/** A reading of the month before may be so many days off the very day, and so many hours off the hour. */
const [maxDays, maxHours] = [15, 1.25];
/** An hour off weighs as much as so many days. */
const daysAnHour = 6;

/** The newest reading of watts against the nearest of last month at its hour; null: there is none. */
export function sameHour(shares: readonly LogShare[]): SameHour | null {
  const all = shares.filter(({ unit, isOdd, due, share }) => unit === "W" && !isOdd && due > 0 && share > 0);
  const now = all.reduce<LogShare | null>((last, each) => (last === null || each.atMs > last.atMs ? each : last), null);
  if (now === null) return null;
  const wantedMs = now.atMs - monthDays * dayMs;
  let best: { readonly then: LogShare; readonly off: number } | null = null;
  for (const then of all) {
    const days = Math.abs(then.atMs - wantedMs) / dayMs;
    const hours = hoursApart(then.atMs, now.atMs);
    // another sky says more about the sky than about the array
    const off = days + daysAnHour * hours + (then.cloud === now.cloud ? 0 : maxDays);
    if (days <= maxDays && hours <= maxHours && (best === null || off < best.off)) best = { then, off };
  }
  if (best === null) return null;
  const { then } = best;
  const dueRatio = now.due / then.due;
  const ownRatio = now.share / then.share;
  return { now, then, wattsRatio: dueRatio * ownRatio, dueRatio, ownRatio };
}

/** Hours between two times of day, whatever the days. */
function hoursApart(aMs: number, bMs: number): number {
  const apart = Math.abs((aMs % dayMs) - (bMs % dayMs));
  return Math.min(apart, dayMs - apart) / 3_600_000;
}
