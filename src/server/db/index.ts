import "server-only";
export { checkAll } from "./check";
export { withDatabase } from "./connection";
export { importPlan } from "./bundles";
export { inputShelf, type LibraryRecord, panelShelf, type ShelfList } from "./library";
export { databaseFileName, type Db, openDatabase, openToRead } from "./open";
export {
  allPlans,
  archivePlan,
  createPlan,
  deletePlan,
  findPlans,
  listPlans,
  isPlan,
  readPlanRecord,
  replacePlan,
  rescuePlan,
  UnreadablePlan,
  type WriteResult,
} from "./plans";
export { addPhoto, readPhoto } from "./photos";
export { deleteReading, keptReadings, putReading, putReadings, TooManyReadings } from "./readings";
export { addWeather, readWeather } from "./weather";
export { DatabaseProblem, NotFound, type ProblemKind, Spoiled } from "./problem";
