export {
  assess,
  assessOpen,
  judgeAll,
  takenW,
  type Assessed,
  type Assessment,
  laneNet,
  type LaneView,
  type Look,
  lookInto,
  openById,
  type SkyView,
  type TileStates,
} from "./assess";
export { codeTableFactor } from "./code-table";
export { kindOf, panelNoonW, type LaneContext, termsOf } from "./context";
export {
  type Amount,
  type Assumption,
  type Finding,
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
export { assumedSite, extraPanels, laneOf, type Missing, type OpenWiring, portOf } from "./open";
export { type ChartPart, type RuleFacts, type WindowEdge } from "./rule";
export { type Reason, type Reasons, type RuleId, ruleOf, rules } from "./rules";
export { type StatedLimit } from "./current";
export { judgedSlip, judgeSlips, type JudgedSlip } from "./slips";
export { type ColdBy } from "./cold-volts";
