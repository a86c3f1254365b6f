import { sum } from "../../engine/numeric";
import { type FilledBattery, filledBattery, needByHour, seasonOf, sourcesByHour } from "../../need";
import { type Need, type Plan } from "../../plan";
import { type PortArray } from "../../engine/array";
import { hourOfCharge } from "./charge";
import { type DayDrawn } from "./days";

/** Panels, a battery they charge and what it feeds. A plan without batteries is one of these, without one. */
export type Store = {
  readonly batteryId: string | null;
  readonly battery: FilledBattery | null;
  /** Which of the array's port arrays charge it. */ readonly portArrays: readonly number[];
};

/** The batteries of a plan with the port arrays that charge them; port arrays of inputs that charge none in particular go to the first that has none of its own. */
export function storesOf({ need }: Pick<Plan, "need">, portArrays: readonly PortArray[]): readonly Store[] {
  const all = portArrays.map((_, k) => k);
  if (need.batteries.length === 0) return [{ batteryId: null, battery: null, portArrays: all }];
  const named = new Set(need.batteries.flatMap(({ inputIds }) => inputIds));
  const rest = all.filter((k) => !named.has(portArrays[k]?.inputId ?? ""));
  const open = need.batteries.find(({ inputIds }) => inputIds.length === 0) ?? need.batteries[0];
  return need.batteries.map((battery) => ({
    batteryId: battery.id,
    battery: filledBattery(battery),
    portArrays: [
      ...all.filter((k) => battery.inputIds.includes(portArrays[k]?.inputId ?? "")),
      ...(battery === open ? rest : []),
    ],
  }));
}

/** A day of one kind: what a store's panels give in each of its hours, W behind the controller, and the air, °C. */
export type DaySun = { readonly sunW: Float64Array; readonly sunWh: number; readonly airC: Float64Array };

/** What a day of a month wants and gets beside the sun, W by hour and Wh in all. */
type Wants = {
  readonly loads: readonly number[];
  readonly sources: readonly number[];
  readonly needWh: number;
  readonly sourcesWh: number;
};

/** What came of the days of one kind in a run of days, summed over them. */
type DaySums = { days: number; readonly leftWh: Float64Array; readonly charge: Float64Array };

/** A day of a run: what it brought and wanted, the lowest charge, and whether the need was met. */
export type DayOfRun = DayDrawn & {
  readonly sunWh: number;
  readonly needWh: number;
  readonly unmetWh: number;
  readonly lowestCharge: number;
};

export type StoreRun = {
  /** By key of the day; mean of the days of that kind. Wh left each hour for want of room, and share of charge. */
  readonly leftOf: (key: number) => Float64Array | null;
  readonly chargeOf: (key: number) => Float64Array | null;
  readonly days: readonly DayOfRun[];
};

/** Less than this share of a day's need unmet is met. */
const missedShare = 0.005;
export function isMissed({ unmetWh, needWh }: DayOfRun): boolean {
  return unmetWh > missedShare * needWh && unmetWh > 0.5;
}

export type RunParts = {
  readonly store: Store;
  readonly need: Need;
  readonly latitudeOf: (month: number) => number;
  readonly dayOf: (key: number) => DaySun | undefined;
  /** The day's key among the kinds of day. */ readonly keyOf: (day: DayDrawn) => number;
  /** Runs through once unheard first, so that the charge at the beginning is one the year itself led to. */
  readonly days: readonly DayDrawn[];
};

/** Goes through a run of days with one store, hour by hour. */
export function runStore({ store, need, latitudeOf, dayOf, keyOf, days }: RunParts): StoreRun {
  const { batteryId, battery } = store;
  const isFirst = batteryId === (need.batteries[0]?.id ?? null);
  const byMonth = Array.from({ length: 12 }, (_, k): Wants => {
    const season = seasonOf(k + 1, latitudeOf(k + 1));
    const loads = needByHour(need, season, batteryId);
    // what else charges is taken to charge the first battery
    const sources = isFirst ? sourcesByHour(need, season) : [];
    return { loads, sources, needWh: sum(loads), sourcesWh: sum(sources) };
  });
  const sums = new Map<number, DaySums>();
  const run: DayOfRun[] = [];
  let charge = 1;

  /** The hours of a day with the battery; with `into`, told there. */
  const throughDay = (full: FilledBattery, sun: DaySun, month: Wants, into: DaySums | null) => {
    let [unmetWh, lowest] = [0, 1];
    for (let hour = 0; hour < 24; hour++) {
      const after = hourOfCharge(full, charge, {
        sunW: sun.sunW[hour] ?? 0,
        loadW: month.loads[hour] ?? 0,
        sourcesW: month.sources[hour] ?? 0,
        airTempC: sun.airC[hour] ?? 0,
      });
      charge = after.charge;
      lowest = Math.min(lowest, charge);
      unmetWh += after.unmetWh;
      if (into === null) continue;
      into.leftWh[hour] = (into.leftWh[hour] ?? 0) + after.leftWh;
      into.charge[hour] = (into.charge[hour] ?? 0) + after.charge;
    }
    if (into !== null) into.days += 1;
    return { unmetWh, lowest };
  };

  const day = (drawn: DayDrawn, heard: boolean) => {
    const key = keyOf(drawn);
    const sun = dayOf(key);
    const wants = byMonth[drawn.month - 1];
    if (wants === undefined || sun === undefined) return;
    const { needWh } = wants;
    if (battery === null) {
      // without a battery a day is met when it brings what it wants, whenever that is
      const unmetWh = Math.max(0, needWh - sun.sunWh - wants.sourcesWh);
      if (heard) run.push({ ...drawn, sunWh: sun.sunWh, needWh, unmetWh, lowestCharge: 0 });
      return;
    }
    const into = sums.get(key) ?? { days: 0, leftWh: new Float64Array(24), charge: new Float64Array(24) };
    if (heard) sums.set(key, into);
    const { unmetWh, lowest } = throughDay(battery, sun, wants, heard ? into : null);
    if (heard) run.push({ ...drawn, sunWh: sun.sunWh, needWh, unmetWh, lowestCharge: lowest });
  };
  for (const drawn of days.slice(0, 365)) day(drawn, false);
  for (const drawn of days) day(drawn, true);

  const mean = (key: number, of: (found: DaySums) => Float64Array): Float64Array | null => {
    const found = sums.get(key);
    return found === undefined || battery === null ? null : of(found).map((all) => all / found.days);
  };
  return {
    leftOf: (key) => mean(key, (found) => found.leftWh),
    chargeOf: (key) => mean(key, (found) => found.charge),
    days: run,
  };
}
