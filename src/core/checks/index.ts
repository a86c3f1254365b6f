export {
  type Amount,
  type FuseCount,
  type InPosition,
  type RuleOutcome,
  type Level,
  levels,
  minFloorV,
  passes,
  type Subject,
  worstLevel,
} from "./finding";
export {
  type ChartPart,
  type GroupRule,
  type PortArrayRule,
  type RuleFacts,
  type Sense,
  type WholeWiring,
  type WindowEdge,
  type WiringRule,
} from "./rule";
