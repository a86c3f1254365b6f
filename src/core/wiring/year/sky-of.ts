import { type Plan } from "../../plan";
import { airAt, daysIn, hoursOfFile, type SkyHour, typicalMonth, type WeatherYear } from "../../engine/weather";
import { type DayDrawn } from "./days";
import { type Stay } from "./facing";
import { staysOf, stayOfFile, typicalMonthsOf, type WeatherSource } from "./weather-of";

/** Every lit hour of a year, where and under what it falls, and the kinds of day it is made of. */
export type Sky = {
  readonly source: WeatherSource;
  readonly stays: readonly Stay[];
  readonly hours: () => Generator<SkyHour, void>;
  /** The kinds of day there are, in the order in which they come, each with the air of its hours. */
  readonly days: readonly {
    readonly month: number;
    readonly kind: number;
    readonly days: number;
    readonly airC: Float64Array;
  }[];
  readonly keyOf: (day: DayDrawn) => number;
};

/** The sky of a plan's year: a weather file's, or typical months with so many kinds of day each. */
export function skyOf(plan: Pick<Plan, "site">, weather: WeatherYear | null, kinds: number, stepH: 1 | 2 = 1): Sky {
  const stays = staysOf(plan);
  if (weather !== null) return skyOfFile(weather, stays);
  const { months, source } = typicalMonthsOf(plan);
  return {
    source,
    stays,
    *hours() {
      for (const [k, stay] of stays.entries()) yield* typicalMonth(months, k + 1, stay, kinds, stepH);
    },
    days: Array.from({ length: 12 * kinds }, (_, key) => {
      const month = Math.floor(key / kinds) + 1;
      const airC = Float64Array.from({ length: 24 }, (_hour, hour) => airAt(months, month, hour + 0.5));
      return { month, kind: key % kinds, days: daysIn(month) / kinds, airC };
    }),
    keyOf: ({ month, kind }) => (month - 1) * kinds + kind,
  };
}

function skyOfFile(weather: WeatherYear, stays: readonly Stay[]): Sky {
  const byDate = new Map<number, { month: number; kind: number; days: number; airC: Float64Array }>();
  for (const { month, day, hour, airTempC } of weather.hours) {
    const date = month * 32 + day;
    const known = byDate.get(date) ?? { month, kind: day - 1, days: 1, airC: new Float64Array(24) };
    known.airC[hour - 1] = airTempC;
    byDate.set(date, known);
  }
  const days = [...byDate].sort(([a], [b]) => a - b).map(([, day]) => day);
  const keys = new Map(days.map(({ month, kind }, key) => [month * 32 + kind, key]));
  return {
    source: { type: "file", name: weather.place.name },
    stays: stays.map((stay) => stayOfFile(weather, stay)),
    hours: () => hoursOfFile(weather, weather.place),
    days,
    keyOf: ({ month, kind }) => keys.get(month * 32 + kind) ?? -1,
  };
}
