import { type Plan } from "@/core/plan";
import { type SolveCache } from "@/core/plan-model";
import {
  type BestTilts,
  bestTilts,
  type Fineness,
  type Gain,
  gainsOf,
  type PlaceYields,
  placeYields,
  planYear,
  type PlanYear,
} from "@/core/wiring/year";
import { type EpwReading, readEpw, summaryOf, type WeatherSummary, type WeatherYear } from "@/core/engine/weather";
import { type Job } from "../rpc";

/** The text of a weather file; an object, so that it is sent to a worker once. */
export type WeatherText = { readonly text: string };

export type YearInput = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly weather: WeatherText | null;
  readonly fineness: Fineness;
};
export type YearProgress = { readonly share: number };

/** Weather files read before, by their text. */
export type WeatherMemory = (given: WeatherText | null) => WeatherYear | null;

export function createWeatherMemory(): WeatherMemory {
  const read = new WeakMap<WeatherText, WeatherYear>();
  return (given) => {
    if (given === null) return null;
    const known = read.get(given) ?? yearIn(readEpw(given.text));
    read.set(given, known);
    return known;
  };
}

function yearIn(reading: EpwReading): WeatherYear {
  if (reading.type === "weather") return reading.year;
  throw new Error(`line ${reading.line}, ${reading.field}: ${reading.problem}`);
}

/** A year of a wiring. Throws where the plan has no such wiring or the file cannot be read. */
export function yearJob(memory: SolveCache, weatherOf: WeatherMemory): Job<YearInput, YearProgress, PlanYear> {
  return ({ plan, wiringId, weather, fineness }) =>
    planYear({ plan, wiringId, weather: weatherOf(weather), fineness, memory });
}

export type GainsInput = Omit<YearInput, "fineness">;

/** What changes would bring in a year. Tells the share it has been through. */
export function gainsJob(
  memory: SolveCache,
  weatherOf: WeatherMemory,
): Job<GainsInput, { readonly share: number }, readonly Gain[]> {
  return ({ plan, wiringId, weather }) => gainsOf({ plan, wiringId, weather: weatherOf(weather), memory });
}

export type TiltsInput = { readonly plan: Pick<Plan, "site">; readonly weather: WeatherText | null };

/** The best fixed tilt at a plan's place, and the best two. In one go: some 50 ms. */
export function tiltsJob(weatherOf: WeatherMemory): Job<TiltsInput, never, BestTilts> {
  return function* tilts({ plan, weather }) {
    return bestTilts(plan, weatherOf(weather), "tilted");
  };
}

/** What a watt of panel brings at a plan's place. In one go: some 60 ms. */
export function yieldsJob(weatherOf: WeatherMemory): Job<TiltsInput, never, PlaceYields> {
  return function* yields({ plan, weather }) {
    return placeYields(plan, weatherOf(weather));
  };
}

/** What a weather file is of, or the line and field at which it is no such file. */
export type WeatherRead =
  | { readonly type: "weather"; readonly place: WeatherYear["place"]; readonly summary: WeatherSummary }
  | Extract<EpwReading, { type: "fault" }>;

/** Reads a weather file. In one go: some 100 ms. */
export const readWeather: Job<WeatherText, never, WeatherRead> = function* ({ text }) {
  const reading = readEpw(text);
  return reading.type === "fault"
    ? reading
    : { type: "weather", place: reading.year.place, summary: summaryOf(reading.year) };
};
