export { planFileName, planFileText } from "./file";
export { type PlanFault } from "./fault";
export { applyChange, type Change, withoutPort, withPort } from "./change";
export { differences } from "./differences";
export { fillLane, type Filling } from "./fill";
export {
  blankDevice,
  blankLabel,
  blankPort,
  type DeviceSheet,
  deviceSchema,
  emptyPlan,
  inputKinds,
  labelSchema,
  madeUpCurrency,
  panelKinds,
  piecesIn,
  type PanelSheet,
  type Plan,
  type PlanInput,
  type PlanPanel,
  planFormat,
  planSchema,
  planVersion,
  type PortGroup,
  type PortSheet,
  portSchema,
  type Stop,
  stops,
  type Wiring,
} from "./document";
export { endGesture, type History, record, redo, startHistory, undo } from "./history";
export { faultOf, mostPlanBytes, planJsonSchema, type PlanReading, readPlan, readPlanText } from "./read";
export { deviceFromAnyVersion, labelFromVersion2 } from "./upgrades";
export { mergePlans, type PartDifference, type PartKind, partsApart, type Side, usualSide } from "./merge";
