export { diagnose } from "./diagnose";
export { type Check, nextChecks } from "./next-check";
export {
  type Cause,
  type CloudWord,
  cloudWords,
  type Place,
  type Quantity,
  type Reading,
  type SkyGuess,
  type Suspicion,
} from "./rank";
export { expected, type Expected, type ExpectedAll } from "./expect";
export { leavesOf, type ProveLeaf, type ProveSky, type ProveTree, stringsOf } from "./tree";
export { type Bench, createBench, type PanelFault, type Prediction, rightWorld, type Shown, type World } from "./world";
export { conversionOf, type Conversion } from "./conversion";
export { type JudgedCause, judgeLane, type LaneJudgement, sureShare } from "./judge";
export { type Moment, type ProvedLane, provedLane, placeIn, usualAirC } from "./lane";
export { type LightGuess } from "./light-now";
export { sideBySide, type SideBySide } from "./side-by-side";
export {
  type Band,
  brightShare,
  latestOf,
  leastLightWm2,
  type Meter,
  type Outcome,
  usualMeter,
  walkOf,
  type WalkStep,
} from "./walk";
