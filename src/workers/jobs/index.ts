import { createMemory } from "@/core/rules";
import { findJobs } from "./find";
import { judgeJob } from "./judge";
import { hoursJob, logJob } from "./log";
import { mendsJob } from "./mends";
import { protectJob } from "./protect";
import { proveJobs } from "./prove";
import { readLibrary } from "./read-library";
import { readRoute } from "./read-route";
import { fillJob, shadeMapJob } from "./roof";
import { createWeatherMemory, gainsJob, readWeather, tiltsJob, yearJob, yieldsJob } from "./year";

/** Every job the workers know; the one list to add to. Made once in each worker, whose jobs share what they remember. */
export function createJobs() {
  const memory = createMemory();
  const weatherOf = createWeatherMemory();
  return {
    judge: judgeJob(memory),
    mends: mendsJob(memory),
    protect: protectJob(memory),
    ...proveJobs(memory),
    log: logJob,
    hoursDue: hoursJob,
    readLibrary,
    year: yearJob(memory, weatherOf),
    gains: gainsJob(memory, weatherOf),
    tilts: tiltsJob(weatherOf),
    yields: yieldsJob(weatherOf),
    readWeather,
    readRoute,
    shadeMap: shadeMapJob(weatherOf),
    fill: fillJob,
    ...findJobs(memory, weatherOf),
  };
}

export type Jobs = ReturnType<typeof createJobs>;
export { type FindAsked } from "./find";
export { type JudgeInput, type Judged } from "./judge";
export { type ProtectInput } from "./protect";
export { type FoundInput, type ProveInput, type ProveWalk } from "./prove";
export { type MendsInput, type Remedies } from "./mends";
export { type FillInput, type RoofProgress, type ShadeMapInput } from "./roof";
export { type FileContents, type FileFault, type ReadInput, type ReadProgress, type ShelfName } from "./read-library";
export {
  type GainsInput,
  type TiltsInput,
  type WeatherRead,
  type WeatherText,
  type YearInput,
  type YearProgress,
} from "./year";
