export { type CauseId, causeIds } from "./causes";
export {
  keyOfPlace,
  mostReadings,
  type ReadPlace,
  type ReadQuantity,
  readQuantities,
  type ReadingRecord,
  readingSchema,
  type ReadSky,
  readSkySchema,
  skyWords,
  stepKey,
  unsaidSky,
} from "./record";
