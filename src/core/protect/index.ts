export {
  type Assembly,
  assemblyOf,
  type LaneId,
  type Part,
  type Pole,
  type RowRef,
  type Terminal,
  type Wire,
} from "./assembly";
export {
  type Diagram,
  diagramOf,
  type LayoutAnswer,
  type LayoutAsk,
  layoutAsk,
  partsOfDiagram,
  type Point,
} from "./diagram";
export { type Box, type BoxText, type Graph, graphOf, letterWide, lineHigh, lineStep, titleHigh } from "./graph";
export { type BatteryReport } from "./battery-report";
export { type BoxSize, conduitFor } from "./box";
export { cablePrice, type Item, type ItemGroup, itemGroups, keyOfItem } from "./items";
export { type BranchReport, type LaneReport, type RowReport, type ThickerOrMore } from "./lane-report";
export { bondSize, type ListLine } from "./list";
export { type Step, type WorkOrder, workOrder } from "./order";
export { type Money, type ProtectReport, protectReport } from "./report";
