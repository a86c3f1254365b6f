export {
  assess,
  assessReady,
  judgeAll,
  judgeRoof,
  takenW,
  type Assessed,
  type Assessment,
  laneNet,
  type LaneView,
  type Look,
  lookInto,
  posesOf,
  readyById,
  type SkyView,
  type TileStates,
} from "./assess";
export { codeTableFactor } from "./code-table";
export { type Common, type Kind, kindOf, panelNoonW, type LaneContext, termsOf } from "./context";
export {
  type Amount,
  type Assumption,
  type Finding,
  type FuseCount,
  type InPose,
  type Level,
  levels,
  type Mend,
  type MendKind,
  type Need,
  noRemedy,
  passes,
  type Placed,
  type Remedy,
  type Subject,
  type Term,
  worstLevel,
} from "./finding";
export { createMemory, type Memory, type TileState } from "./memory";
export {
  assumedLatitudeDeg,
  assumedSite,
  aroundOf,
  copperIn,
  mountReports,
  extraPanels,
  inPortOrder,
  laneOf,
  parkedIn,
  roundOf,
  type Missing,
  type NamedPose,
  portOf,
  type ReadyWiring,
  readyWiring,
  recordLowOf,
} from "./ready";
export { type ChartPart, type RuleFacts, type WindowEdge } from "./rule";
export { type Reason, type Reasons, type RuleId, ruleOf, rules } from "./rules";
export { type ColdVocReason } from "./cold-voc";
export { type HotVmpReason } from "./hot-vmp";
export { type WakeReason } from "./wake";
export { clearScene, netIn } from "./context";
export { type CurrentReason, rowCurrent, type StatedLimit } from "./current";
export { type WattReason } from "./watts";
export { type SharedReason } from "./shared";
export { type MismatchReason } from "./mismatch";
export { type ReverseReason } from "./reverse";
export { maxColdVolts } from "./cold-voc";
export { type FuseReason } from "./fuses";
export { type MixedReason } from "./mixed-states";
export { type PwmReason } from "./pwm-loss";
export {
  copperContext,
  type CopperContext,
  type CopperName,
  type GuardReason,
  highestOf,
  type LaneParts,
  maxAmpsOf,
} from "./copper";
export { type LayoutReason, nameOnRoof } from "./roof";
export { judgedMisplug, judgeMisplugs, type JudgedMisplug } from "./misplugs";
export { type ColdBy } from "./cold-volts";
export { careShare } from "./mount";
