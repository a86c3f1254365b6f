import { type Plan } from "../../plan";
import { type SolveCache, solvableWiring } from "../../plan-model";
import { skylineOf } from "../../engine/light";
import { needByHour, seasonOf, sourcesByHour } from "../../need";
import { daysIn, kindsOfDay, type SkyHour, type WeatherYear } from "../../engine/weather";
import { createArray, type PortArrayHour } from "./array";
import { drawDays, type DayDrawn } from "./days";
import { createTrackerCache, type Stay } from "./facing";
import { lossNames, type MonthAccount, noLosses } from "./losses";
import { positionsByHour } from "./positions-by-hour";
import { createRoofShade } from "./roof-shade";
import { sharesOf } from "./shares";
import { runStore, type StoreRun, storesOf } from "./battery-simulation";
import { skyOf } from "./sky-of";
import { type WeatherSource } from "./weather-of";
import { type StoreYear, missedByMonth, storeYear, type DaySheet } from "./store-year";

/** How finely a year is gone through. `quick`: a first answer within a few per cent, in a fifth of the time. */
export type Fineness = "full" | "quick";

export type YearMonth = MonthAccount & {
  readonly needKwh: number;
  /** What alternator, shore and generator bring. */ readonly sourcesKwh: number;
  /** Days in a hundred on which the need is not met; null where there is none. */ readonly missedPct: number | null;
  /** Light on the flat, kWh/m² a day. */ readonly ghiKwhM2: number;
};

export type PortYear = {
  readonly inputId: string | null;
  readonly portId: string | null;
  readonly offeredKwh: number;
  readonly takenKwh: number;
  readonly takenByMonthKwh: readonly number[];
  /** Hours in which it takes something, a day, over the year. */ readonly awakeHoursADay: number;
  /** Hours a day in which there is light on its panels and it takes nothing: what more volts over the battery would wake. */
  readonly asleepHoursADay: number;
};

/** An hour of the mean day of a month, W; charge of the first battery, %, or null without one. */
export type TypicalHour = {
  readonly offeredW: number;
  readonly takenW: number;
  readonly leftW: number;
  readonly loadW: number;
  readonly sourcesW: number;
  readonly chargePct: number | null;
};

export type PlanYear = {
  readonly source: WeatherSource;
  readonly fineness: Fineness;
  readonly months: readonly YearMonth[];
  readonly ports: readonly PortYear[];
  readonly days: readonly (readonly TypicalHour[])[];
  readonly stores: readonly StoreYear[];
  /** How many years of days the missed days are counted in, and their seed; of a file, its one. */
  readonly yearsDrawn: number;
  readonly seed: number;
  /** Port arrays of the wiring that could not be reckoned with: a label that cannot be read, a port that is gone. */
  readonly portArraysLeftOut: number;
};

export type YearParts = {
  readonly plan: Plan;
  readonly wiringId: string;
  /** The file the plan goes by, if it does. */ readonly weather: WeatherYear | null;
  readonly fineness: Fineness;
  readonly memory: SolveCache;
};

const drawnYears: Readonly<Record<Fineness, number>> = { full: 20, quick: 3 };
const kindsIn: Readonly<Record<Fineness, number>> = { full: kindsOfDay, quick: 2 };
export const yearSeed = 20_260;

/**
 * A year of a wiring: every panel's light and heat by hour, the net, the ports and what they share, then the batteries through
 * sequences of days. Tells the share of the way it has come. Throws where the plan has no such wiring.
 */
export function* planYear(parts: YearParts): Generator<{ readonly share: number }, PlanYear, void> {
  const { plan, weather, fineness, memory } = parts;
  const wiring = plan.wirings.find(({ id }) => id === parts.wiringId);
  if (wiring === undefined) throw new Error(`no wiring "${parts.wiringId}" in this plan`);
  const ready = solvableWiring(plan, wiring, memory, []);
  const shares = sharesOf(plan.site);
  const positions = positionsByHour(plan, wiring.positionIds);
  const around = {
    shares,
    skyline: skylineOf(plan.site.horizon),
    turn: createTrackerCache(),
    shade: createRoofShade(plan),
  };
  const array = createArray(ready, wiring.positionIds, around);
  const { hours, days, source, stays, keyOf } = skyOf(plan, weather, kindsIn[fineness], fineness === "quick" ? 2 : 1);
  const sheets = days.map(({ month, days: many, airC }): DaySheet => ({
    month,
    days: many,
    airC,
    offeredW: new Float64Array(24),
    takenW: array.portArrays.map(() => new Float64Array(24)),
  }));
  const months = Array.from({ length: 12 }, () => ({
    couldKwh: 0,
    offeredKwh: 0,
    takenKwh: 0,
    losses: noLosses(),
    ghi: 0,
  }));
  const ports = array.portArrays.map(({ inputId, portId }) => ({
    inputId,
    portId,
    offeredKwh: 0,
    takenKwh: 0,
    takenByMonthKwh: Array.from({ length: 12 }, () => 0),
    awakeH: 0,
    asleepH: 0,
  }));

  function add(hour: SkyHour, portArrays: readonly PortArrayHour[], sheet: DaySheet): void {
    const month = months[hour.month - 1];
    if (month === undefined) return;
    const at = Math.min(23, Math.floor(hour.atHour));
    // of a quick answer every second hour stands for itself and the next
    const stands = fineness === "quick" && weather === null ? [at, Math.min(23, at + 1)] : [at];
    const kwh = hour.hours / 1000;
    month.ghi += hour.light.globalWm2 * kwh;
    for (const [k, portArray] of portArrays.entries()) {
      month.couldKwh += portArray.couldW * kwh;
      month.offeredKwh += portArray.offeredW * kwh;
      month.takenKwh += portArray.takenW * kwh;
      for (const name of lossNames) month.losses[name] += portArray.losses[name] * kwh;
      for (const h of stands) {
        sheet.offeredW[h] = (sheet.offeredW[h] ?? 0) + portArray.offeredW;
        const taken = sheet.takenW[k];
        if (taken !== undefined) taken[h] = (taken[h] ?? 0) + portArray.takenW;
      }
      const port = ports[k];
      if (port === undefined) continue;
      port.offeredKwh += portArray.offeredW * kwh;
      port.takenKwh += portArray.takenW * kwh;
      port.takenByMonthKwh[hour.month - 1] = (port.takenByMonthKwh[hour.month - 1] ?? 0) + portArray.takenW * kwh;
      if (portArray.awake) port.awakeH += hour.hours;
      else if (portArray.offeredW > 0) port.asleepH += hour.hours;
    }
  }

  let [before, done] = [-1, 0];
  for (const hour of hours()) {
    const key = keyOf(hour);
    const sheet = sheets[key];
    const stay = stays[hour.month - 1];
    if (sheet === undefined || stay === undefined) continue;
    add(hour, array.hourOf(hour, stay, positions[Math.floor(hour.atHour)] ?? "", key !== before), sheet);
    before = key;
    done += 1;
    if (done % 2 === 0) yield { share: (0.9 * (key + 1)) / sheets.length };
  }

  const stores = storesOf(plan, array.portArrays);
  const drawn: readonly DayDrawn[] =
    weather === null
      ? [...drawDays(drawnYears[fineness], kindsIn[fineness], yearSeed)]
      : days.map(({ month, kind }) => ({ month, kind }));
  const runs: StoreRun[] = [];
  for (const store of stores) {
    const sunOf = sheets.map(({ takenW, airC }) => {
      const sunW = summedUp(store.portArrays.flatMap((k) => takenW[k] ?? [])).map(
        (watts) => watts * (1 - shares.storing),
      );
      return { airC, sunW, sunWh: total(sunW) };
    });
    runs.push(
      runStore({
        store,
        need: plan.need,
        latitudeOf: (month) => stays[month - 1]?.latitudeDeg ?? 0,
        dayOf: (key) => sunOf[key],
        keyOf: (day) => keyOf(day),
        days: drawn,
      }),
    );
    yield { share: 0.9 + (0.1 * runs.length) / stores.length };
  }

  // left for want of room, told as the port would have taken it
  const leftKwh = Array.from({ length: 12 }, () => 0);
  for (const [key, { month, days: many }] of sheets.entries())
    for (const run of runs)
      leftKwh[month - 1] =
        (leftKwh[month - 1] ?? 0) + (total(run.leftOf(key) ?? []) * many) / 1000 / (1 - shares.storing);

  const missed = missedByMonth(runs);
  return {
    source,
    fineness,
    months: months.map(({ ghi, losses, ...month }, k) => {
      const storedKwh = month.takenKwh - (leftKwh[k] ?? 0);
      const daily = dailyIn(plan, k + 1, stays);
      const many = daysIn(k + 1);
      return {
        ...month,
        losses: { ...losses, batteryFull: leftKwh[k] ?? 0, storing: storedKwh * shares.storing },
        usedKwh: storedKwh * (1 - shares.storing),
        needKwh: (daily.needWh * many) / 1000,
        sourcesKwh: (daily.sourcesWh * many) / 1000,
        missedPct: daily.needWh > 0 ? (missed[k] ?? 0) : null,
        ghiKwhM2: ghi / many,
      };
    }),
    ports: ports.map(({ awakeH, asleepH, ...port }) => ({
      ...port,
      awakeHoursADay: awakeH / 365,
      asleepHoursADay: asleepH / 365,
    })),
    days: Array.from({ length: 12 }, (_, k) => meanDay(plan, k + 1, sheets, runs, shares.storing, stays)),
    stores: stores.map(({ batteryId }, k) => storeYear(batteryId, runs[k]?.days ?? [])),
    yearsDrawn: weather === null ? drawnYears[fineness] : 1,
    seed: yearSeed,
    portArraysLeftOut: ready.wired.filter(({ strings }) => strings.length > 0).length - array.portArrays.length,
  };
}

function dailyIn({ need }: Plan, month: number, stays: readonly Stay[]): { needWh: number; sourcesWh: number } {
  const season = seasonOf(month, stays[month - 1]?.latitudeDeg ?? 0);
  const batteryIds = need.batteries.length === 0 ? [null] : need.batteries.map(({ id }) => id);
  return {
    needWh: batteryIds.reduce((sum, batteryId) => sum + total(needByHour(need, season, batteryId)), 0),
    sourcesWh: total(sourcesByHour(need, season)),
  };
}

/** The mean of a month's kinds of day, hour by hour. */
function meanDay(
  plan: Plan,
  month: number,
  sheets: readonly DaySheet[],
  runs: readonly StoreRun[],
  storing: number,
  stays: readonly Stay[],
): TypicalHour[] {
  const season = seasonOf(month, stays[month - 1]?.latitudeDeg ?? 0);
  const batteryIds = plan.need.batteries.length === 0 ? [null] : plan.need.batteries.map(({ id }) => id);
  const loads = summedUp(batteryIds.map((batteryId) => Float64Array.from(needByHour(plan.need, season, batteryId))));
  const sources = sourcesByHour(plan.need, season);
  const kinds = sheets.flatMap((sheet, key) => (sheet.month === month ? [{ sheet, key }] : []));
  const many = kinds.reduce((sum, { sheet }) => sum + sheet.days, 0);
  return Array.from({ length: 24 }, (_, hour) => {
    const mean = (of: (kind: (typeof kinds)[number]) => number) =>
      kinds.reduce((sum, kind) => sum + of(kind) * kind.sheet.days, 0) / many;
    return {
      offeredW: mean(({ sheet }) => sheet.offeredW[hour] ?? 0),
      takenW: mean(({ sheet }) => sheet.takenW.reduce((sum, portArray) => sum + (portArray[hour] ?? 0), 0)),
      leftW: mean(({ key }) => runs.reduce((sum, run) => sum + (run.leftOf(key)?.[hour] ?? 0), 0)) / (1 - storing),
      loadW: loads[hour] ?? 0,
      sourcesW: sources[hour] ?? 0,
      chargePct: plan.need.batteries.length === 0 ? null : 100 * mean(({ key }) => runs[0]?.chargeOf(key)?.[hour] ?? 0),
    };
  });
}

function summedUp(lists: readonly Float64Array[]): Float64Array {
  return Float64Array.from({ length: 24 }, (_, k) => lists.reduce((sum, list) => sum + (list[k] ?? 0), 0));
}

function total(values: Iterable<number>): number {
  let sum = 0;
  for (const value of values) sum += value;
  return sum;
}
