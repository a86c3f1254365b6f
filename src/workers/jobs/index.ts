import { createSolveCache } from "@/core/plan-model";
import { findJobs } from "./find";
import { judgeJob } from "./judge";
import { hoursJob, logJob } from "./log";
import { fixesJob } from "./fixes";
import { installationJob, protectJob } from "./protect";
import { proveJobs } from "./prove";
import { readLibrary } from "./read-library";
import { readRoute } from "./read-route";
import { fillJob, shadeMapJob } from "./roof";
import { createWeatherMemory, gainsJob, readWeather, tiltsJob, yearJob, yieldsJob } from "./year";

/** Every job the workers know; the one list to add to. Made once in each worker, whose jobs share what they remember. */
export function createJobs() {
  const memory = createSolveCache();
  const weatherOf = createWeatherMemory();
  return {
    judge: judgeJob(memory),
    fixes: fixesJob(memory),
    protect: protectJob(memory),
    installation: installationJob(memory),
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
export { type JudgeInput } from "./judge";
export { type ProveInput, type ProveWalk } from "./prove";
export { type FileContents, type ShelfName } from "./read-library";
export { type WeatherRead, type WeatherText } from "./year";
