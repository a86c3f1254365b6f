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
  type ChartPart,
  chartPartOfRule,
  type Finding,
  type InPose,
  type Level,
  levels,
  floorRules,
  type Mend,
  type MendKind,
  type Need,
  noRemedy,
  passes,
  type Placed,
  type Reason,
  type Remedy,
  type RuleId,
  type StatedLimit,
  ruleIds,
  type Term,
  type Where,
  type WindowEdge,
  worstLevel,
} from "./finding";
export { createMemory, type Memory, type TileState } from "./memory";
export { assumedSite, extraPanels, laneOf, type Missing, type OpenWiring, portOf } from "./open";
export { rules } from "./rules";
export { judgedSlip, judgeSlips, type JudgedSlip } from "./slips";
export { type ColdBy } from "./cold-volts";
