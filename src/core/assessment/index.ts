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
  type ViewState as Look,
} from "./assess";
export { judgeMisplugs, judgedMisplug, type JudgedMisplug } from "./misplugs";
export {
  type Finding,
  type Fixes as Remedy,
  type FindingWithoutFixes as Placed,
  type Fix as Mend,
  type FixKind as MendKind,
  type RequiredLimit as Need,
  noFixes as noRemedy,
} from "./finding";
export { ruleOf, type RuleId, type Reasons } from "./rules";
export { laneNet } from "./assess";
