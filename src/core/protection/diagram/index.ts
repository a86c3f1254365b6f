export { type Assembly, type Part, type StringRef, type Terminal } from "./assembly";
export { type Diagram, diagramOf, type LayoutAnswer, type LayoutAsk, layoutAsk, partsOfDiagram } from "./diagram";
export { type Box, type BoxText, graphOf, lineStep } from "./graph";
export { conduitFor } from "./box";
export { cablePrice, type Item, type ItemGroup, itemGroups } from "./items";
export { type BranchReport, type PortArrayReport } from "./port-array-report";
export { bondSize, type ListLine } from "./list";
export { type Step, workOrder } from "./order";
export { type ProtectReport, protectReport } from "./report";
