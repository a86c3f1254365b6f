export { answerCase, type CaseAnswer } from "./answer";
export { type CaseReading, type EngineCase, readCase } from "./case";
export {
  answerHarvest,
  type HarvestAnswer,
  type HarvestCase,
  type HarvestReading,
  hoursOfCase,
  readHarvestCase,
} from "./harvest";
export { answerFindCase, type FindAnswer } from "./find";
export { answerLogbookCase, type LogbookAnswer } from "./logbook";
export { answerMountCase, type MountAnswer } from "./mount";
export { answerDiagnoseCase, answerExpectCase, answerWalkCase } from "./prove";
export { answerProtectCase, type ProtectAnswer } from "./protect";
