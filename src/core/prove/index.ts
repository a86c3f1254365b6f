export { type Bar, type BarReason, isJoinedRead } from "./bar";
export { diagnose, type Diagnosis, lastReadings } from "./diagnose";
export { type Check, nextChecks } from "./next-check";
export { type Cause, type CloudWord, cloudWords, type SkyGuess, type Suspicion } from "./rank";
export { type Place, placeKey, type Quantity, type Reading } from "./reading";
export { expected, type Expected, type ExpectedAll } from "./expect";
export { leavesOf, type ProveLeaf, type ProveSky, type ProveTree, stringsOf } from "./tree";
export {
  type Bench,
  bothWrong,
  createBench,
  type PanelFault,
  type Prediction,
  rightWorld,
  type Shown,
  type World,
} from "./world";
export { conversionOf, type Conversion } from "./conversion";
export { type JudgedCause, judgeLane, type LaneJudgement, sureShare } from "./judge";
export { type Moment, type ProvedLane, provedLane, placeIn, readPlaceOf, defaultAirC } from "./lane";
export { type LightGuess } from "./light-now";
export { sideBySide, type SideBySide } from "./side-by-side";
export {
  type Band,
  brightShare,
  latestOf,
  minLightWm2,
  type Meter,
  type Outcome,
  defaultMeter,
  type Walk,
  walkOf,
  type WalkStep,
} from "./walk";
export { type FoundFault, foundIn, realReadings, worseFound } from "./found";
