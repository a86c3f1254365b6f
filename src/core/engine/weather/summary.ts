import { type WeatherYear } from "./year";
import { dayOf } from "./sky-hour";

/** A month of a weather file: mean air, mean of the days' warmest and coolest hours, °C, light on the flat, kWh/m² a day. */
export type MonthSummary = {
  readonly meanC: number;
  readonly dayHighC: number;
  readonly nightLowC: number;
  readonly ghiKwhM2: number;
};

export type WeatherSummary = {
  readonly months: readonly MonthSummary[];
  /** Coldest and hottest hour of the file, °C. A typical year has no record in it. */
  readonly coldestC: number;
  readonly hottestC: number;
};

/** How far below the coldest hour of a typical year the record of a place is proposed, and above the hottest, K. */
const beyondColdestK = 8;
const beyondHottestK = 5;

export function summaryOf({ hours }: WeatherYear): WeatherSummary {
  const days = new Map<number, { month: number; airC: number[]; globalWh: number }>();
  for (const { month, day, airTempC, globalWm2, beamWm2, diffuseWm2 } of hours) {
    const key = dayOf(month, day);
    const known = days.get(key) ?? { month, airC: [], globalWh: 0 };
    known.airC.push(airTempC);
    // rarely missing: then what came from everywhere is all that is known of it
    known.globalWh += globalWm2 ?? (beamWm2 === null ? 0 : (diffuseWm2 ?? 0));
    days.set(key, known);
  }
  const mean = (values: readonly number[]) => values.reduce((sum, each) => sum + each, 0) / Math.max(1, values.length);
  const all = hours.map(({ airTempC }) => airTempC);
  return {
    months: Array.from({ length: 12 }, (_, k) => {
      const of = [...days.values()].filter(({ month }) => month === k + 1);
      return {
        meanC: mean(of.map(({ airC }) => mean(airC))),
        dayHighC: mean(of.map(({ airC }) => Math.max(...airC))),
        nightLowC: mean(of.map(({ airC }) => Math.min(...airC))),
        ghiKwhM2: mean(of.map(({ globalWh }) => globalWh)) / 1000,
      };
    }),
    coldestC: all.reduce((low, each) => Math.min(low, each), Infinity),
    hottestC: all.reduce((high, each) => Math.max(high, each), -Infinity),
  };
}

/** Records proposed for the place of a weather file, to be confirmed: 8 K colder and 5 K hotter than its typical year, whole degrees. */
export function proposedRecords({ coldestC, hottestC }: WeatherSummary): {
  readonly lowC: number;
  readonly highC: number;
} {
  return { lowC: Math.floor(coldestC - beyondColdestK), highC: Math.ceil(hottestC + beyondHottestK) };
}
