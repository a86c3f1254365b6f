import { type Battery } from "../../plan";
import { type DayOfRun, isMissed, type StoreRun } from "./battery-simulation";

export type StoreYear = {
  readonly batteryId: Battery["id"] | null;
  readonly missedPctByMonth: readonly (number | null)[];
  /** Most days one after another on which the need is not met. */ readonly longestRun: number;
  /** The fortnight in which the charge is lowest, in all the years gone through. */
  readonly darkest: readonly DayOfRun[];
};

/** All hours of a kind of day, as the array found them. */
export type DaySheet = {
  readonly month: number;
  /** How many days of the year it stands for. */ readonly days: number;
  readonly airC: Float64Array;
  /** By hour. */ readonly offeredW: Float64Array;
  /** By port array, by hour. */ readonly takenW: readonly Float64Array[];
};

/** Days in a hundred of each month on which some store does not meet its need. */
export function missedByMonth(runs: readonly StoreRun[]): number[] {
  const [first] = runs;
  const [all, lost] = [Array.from({ length: 12 }, () => 0), Array.from({ length: 12 }, () => 0)];
  for (const [k, { month }] of (first?.days ?? []).entries()) {
    all[month - 1] = (all[month - 1] ?? 0) + 1;
    const missed = runs.some(({ days }) => days[k] !== undefined && isMissed(days[k]));
    if (missed) lost[month - 1] = (lost[month - 1] ?? 0) + 1;
  }
  return all.map((many, k) => (many > 0 ? (100 * (lost[k] ?? 0)) / many : 0));
}

const fortnight = 14;

export function storeYear(batteryId: string | null, days: readonly DayOfRun[]): StoreYear {
  let [run, longestRun] = [0, 0];
  for (const day of days) {
    run = isMissed(day) ? run + 1 : 0;
    longestRun = Math.max(longestRun, run);
  }
  const months = Array.from({ length: 12 }, (_, k) => days.filter(({ month }) => month === k + 1));
  const shortOf = (from: number) =>
    days.slice(from, from + fortnight).reduce((sum, { needWh, sunWh }) => sum + needWh - sunWh, 0);
  let [worst, maxShort] = [0, Number.NEGATIVE_INFINITY];
  for (let from = 0; from + fortnight <= days.length; from++) {
    const short = shortOf(from);
    if (short > maxShort) [worst, maxShort] = [from, short];
  }
  return {
    batteryId,
    missedPctByMonth: months.map((of) =>
      of.some(({ needWh }) => needWh > 0) ? (100 * of.filter(isMissed).length) / of.length : null,
    ),
    longestRun,
    darkest: days.slice(worst, worst + fortnight),
  };
}
