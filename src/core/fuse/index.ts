export { assumedFuseA, backfeedOf, type Backfeed, fuseSizeA, fuseFactor, standardFusesA } from "./sizes";
