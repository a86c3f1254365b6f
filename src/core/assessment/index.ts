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
  type Look,
} from "./assess";
export { judgeMisplugs, judgedMisplug, type JudgedMisplug } from "./misplugs";
export { type Finding, type Remedy, type Placed, type Mend, type MendKind, type Need, noRemedy } from "./finding";
export { ruleOf, type RuleId, type Reasons } from "./rules";
export { laneNet } from "./assess";
