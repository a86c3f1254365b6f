export { assess, type Assessed, type Assessment, assessReady, judgeAll, judgeRoof } from "./assess";
export {
  portArrayNet,
  type PortArrayView,
  lookInto,
  type SkyView,
  takenW,
  type TileStates,
  type ViewState,
} from "./views";
export { type ShadeCost, shadeCost } from "./shade-cost";
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
