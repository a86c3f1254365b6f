export {
  assess,
  judgeRoof,
  takenW,
  judgeAll,
  type LaneView,
  type TileStates,
  assessReady,
  lookInto,
  type Assessment,
  type Assessed,
  type SkyView,
  type ViewState,
  laneNet,
} from "./assess";
export { judgeMisplugs, judgedMisplug, type JudgedMisplug } from "./misplugs";
export {
  type Finding,
  type Fixes,
  type FindingWithoutFixes,
  type Fix,
  type FixKind,
  type RequiredLimit,
  noFixes,
} from "./finding";
export { ruleOf, type RuleId, type Reasons } from "./rules";
