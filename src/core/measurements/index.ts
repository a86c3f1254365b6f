export { type CauseId, causeIds, type DiagnosisId } from "./causes";
export {
  eventKinds,
  type EventKind,
  type JobKind,
  type JobRecord,
  type LogEntry,
  type LogEventRecord,
  wattsOf,
} from "./log-record";
export { skyWords } from "./parts";
export {
  keyOfPlace,
  type MeasuredRecord,
  maxReadings,
  type ReadPlace,
  type ReadQuantity,
  readQuantities,
  type ReadingRecord,
  type ReadSky,
  readSkySchema,
  recordSchema,
  stepKey,
  unsaidSky,
} from "./record";
