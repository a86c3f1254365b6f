export {
  assess,
  assessOpen,
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
export { isChanged } from "./context";
export {
  type Amount,
  type Assumption,
  type ChartPart,
  chartPartOfRule,
  type Finding,
  type Level,
  levels,
  type Mend,
  passes,
  type Reason,
  type RuleId,
  type StatedLimit,
  ruleIds,
  type Term,
  type Where,
  type WindowEdge,
  worstLevel,
} from "./finding";
export { allMends, findMends } from "./mend";
export { createMemory, type Memory, type TileState } from "./memory";
export { assumedSite, type Missing } from "./open";
export { rules } from "./rules";
export { judgedSlip, judgeSlips, type JudgedSlip } from "./slips";
export { type ColdBy } from "./cold";
