export { cloudWords, type SkyGuess } from "./sky-guess";
export { type Bar, type BarReason, isJoinedRead } from "./bar";
export { diagnose, lastReadings } from "./diagnose";
export { nextChecks } from "./next-check";
export { type Cause, type Suspicion } from "./rank";
export { type Place, placeKey, type Reading } from "./reading";
export { expected, type ExpectedAll } from "./expect";
export { leavesOf, type ProveSky, type ProveTree, stringsOf } from "./tree";
export {
  type Bench,
  bothWrong,
  createBench,
  type Prediction,
  healthyArray,
  type Shown,
  type FaultHypothesis,
} from "./world";
export { conversionOf, type Conversion } from "./conversion";
export { type JudgedCause, judgePortArray, type PortArrayJudgement, sureShare } from "./judge";
export { type Moment, type ProvedPortArray, provedPortArray, placeIn, readPlaceOf, defaultAirC } from "./port-array";
export { type LightGuess } from "./light-now";
export { sideBySide, type SideBySide } from "./side-by-side";
export {
  type Band,
  brightShare,
  minLightWm2,
  type Meter,
  type Outcome,
  defaultMeter,
  walkOf,
  type WalkStep,
} from "./walk";
export { type FoundFault, foundIn, realReadings, worseFound } from "./found";
