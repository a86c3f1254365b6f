export {
  assumedFuseA,
  type Backfeed,
  backfeedOf,
  batteryFusesA,
  fuseFactor,
  fuseSizeA,
  smallestOf,
  standardFusesA,
  switchSizesA,
  voltClass,
  voltClasses,
} from "./sizes";
