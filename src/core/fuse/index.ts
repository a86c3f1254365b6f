export {
  assumedFuseA,
  type Backfeed,
  backfeedOf,
  batteryFusesA,
  continuousFor,
  fuseFactor,
  fuseSizeA,
  smallestOf,
  standardFusesA,
  switchSizesA,
  voltClass,
  voltClasses,
} from "./sizes";
