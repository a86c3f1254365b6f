export { planFileName, planFileText } from "./file";
export { type PlanFault } from "./fault";
export { applyChange, applyChanges, type Change } from "./change";
export { differences } from "./differences";
export { fillPortArray, type Filling } from "./fill";
export { emptyPlan, planSchema } from "./document";
export { type Plan } from "./plan";
export { madeUpCurrency } from "./fields";
export { keysIn, newPieces, pieceName, type PieceRef, piecesIn, stockOf } from "./pieces";
export { maxOf } from "./bounds";
export { blankDevice, blankPort, withoutPort, withPort } from "./sections/inputs";
export {
  type DeviceSheet,
  deviceSchema,
  inputKinds,
  type PlanInput,
  type PortGroup,
  type PortSheet,
} from "./schemas/inputs";
export { type PlanStep, planSteps } from "./sections/notes";
export {
  fieldNames,
  type PanelField,
  type PanelFieldCatalogue,
  type PanelFieldName,
  panelFields,
  type TextPatterns,
} from "./panel-fields";
export { countsBy, type PortField, type PortFieldName, portFieldNames, portFields } from "./port-fields";
export { blankLabel, labelOf } from "./sections/panels";
export { cellCuts, labelSchema, panelKindFacts, panelKinds, type PanelSheet, type PlanPanel } from "./schemas/panels";
export { fixedPosition, positionIn, type Standing, defaultPosition } from "./sections/positions";
export {
  type Battery,
  type Chemistry,
  chemistries,
  type DayTime,
  dayTimes,
  type EnergySource,
  type Load,
  type Need,
  type Season,
  seasons,
  sourceKinds,
} from "./schemas/need";
export { type Mounting, type Turning } from "./schemas/mounts";
export {
  type Fixing,
  frontEdges,
  type Gate,
  type GateId,
  gateIds,
  type Measure,
  roofZones,
  type MountingMethodId,
  type RoofSurface,
  roofSurfaces,
} from "./schemas/fixings";
export { mountingMethodIds } from "./schemas/mounting-methods";
export { plainFixing } from "./sections/fixings";
export {
  type CableWay,
  type Gland,
  type Locker,
  type Place,
  type PlaceInPosition,
  plainSurface,
  type RoofObstacle,
  type Surface,
  surfaceKinds,
  type Zone,
  zoneKinds,
} from "./sections/space";
export { type ClimateMonth, type Halt, type Site } from "./schemas/site";
export { plainRun, fuseAt, runKey, sameEnd, switchAt } from "./cabling";
export { type End, type ProtectiveDevice, type Cable } from "./schemas/cabling";
export { type CableChoice, type FuseChoice } from "./schemas/standards";
export { type ControllerFacts, type PortEnd } from "./schemas/protect";
export { controllerFactsOf } from "./sections/protect";
export { type Wiring } from "./schemas/wirings";
export { endGesture, type History, record, redo, startHistory, undo } from "./history";
export { photoIdsOf } from "./photos";
export { faultOf, maxPlanBytes, planJsonSchema, readPlan, readPlanText } from "./read";
export {
  deviceFromAnyVersion,
  deviceSteps,
  labelFromAnyVersion,
  labelSteps,
  sheetFromAnyVersion,
  sheetUpgrades,
  type SheetStep,
} from "./sheets";
export { mergePlans, type PartDifference, diffParts, type Side, defaultSide } from "./merge";
