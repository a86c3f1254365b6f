import { type Plan } from "@/core/plan";
import { type Memory } from "@/core/rules";
import { type BestTilts, bestTilts, type Gain, gainsOf, planYear, type PlanYear } from "@/core/year";
import { type EpwReading, readEpw, summaryOf, type WeatherSummary, type WeatherYear } from "@/core/weather";
import { type Job } from "../slot";

/** The text of a weather file; an object, so that it is sent to a worker once. */
export type WeatherText = { readonly text: string };

export type YearInput = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly weather: WeatherText | null;
  /** Whether a first answer is wanted before the whole. */ readonly quickFirst: boolean;
};
export type YearProgress = { readonly share: number; /** The first answer, once. */ readonly quick: PlanYear | null };

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

/** A year of a wiring: a first answer, then the whole. Throws where the plan has no such wiring or the file cannot be read. */
export function yearJob(memory: Memory, weatherOf: WeatherMemory): Job<YearInput, YearProgress, PlanYear> {
  return function* year({ plan, wiringId, weather: given, quickFirst }) {
    const weather = weatherOf(given);
    if (quickFirst && weather === null) {
      const quick = planYear({ plan, wiringId, weather, fineness: "quick", memory });
      for (let step = quick.next(); ; step = quick.next()) {
        if (step.done) {
          yield { share: 0, quick: step.value };
          break;
        }
        yield undefined;
      }
    }
    const full = planYear({ plan, wiringId, weather, fineness: "full", memory });
    for (let step = full.next(); ; step = full.next()) {
      if (step.done) return step.value;
      yield { share: step.value.share, quick: null };
    }
  };
}

export type GainsInput = Omit<YearInput, "quickFirst">;

/** What changes would bring in a year. Tells the share it has been through. */
export function gainsJob(
  memory: Memory,
  weatherOf: WeatherMemory,
): Job<GainsInput, { readonly share: number }, readonly Gain[]> {
  return ({ plan, wiringId, weather }) => gainsOf({ plan, wiringId, weather: weatherOf(weather), memory });
}

export type TiltsInput = Pick<YearInput, "plan" | "weather">;

/** The best fixed tilt at a plan's place, and the best two. In one go: some 50 ms. */
export function tiltsJob(weatherOf: WeatherMemory): Job<TiltsInput, never, BestTilts> {
  return function* tilts({ plan, weather }) {
    return bestTilts(plan, weatherOf(weather), "tilted");
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
