export { planFileName, planFileText } from "./file";
export { type PlanFault } from "./fault";
export { applyChange, applyChanges, type Change } from "./change";
export { differences } from "./differences";
export { fillLane, type Filling } from "./fill";
export { emptyPlan, type Plan, planFormat, planSchema, planVersion } from "./document";
export { madeUpCurrency } from "./fields";
export { keysIn, newPieces, type Piece, pieceName, type PieceRef, piecesIn, stockOf } from "./pieces";
export { maxOf } from "./bounds";
export {
  blankDevice,
  blankPort,
  type DeviceSheet,
  deviceSchema,
  inputKinds,
  type PlanInput,
  type PortGroup,
  type PortSheet,
  portSchema,
  withoutPort,
  withPort,
} from "./sections/inputs";
export { type Stop, stops } from "./sections/notes";
export {
  blankLabel,
  cellCuts,
  labelOf,
  labelSchema,
  panelKinds,
  type PanelSheet,
  type PlanPanel,
} from "./sections/panels";
export { fixedPose, poseIn, type PoseSheet, type Standing, defaultPose } from "./sections/poses";
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
} from "./sections/need";
export { type Mounting, type Turning } from "./sections/mounts";
export {
  type Fixing,
  frontEdges,
  type Gate,
  type GateId,
  gateIds,
  type Measure,
  plainFixing,
  roofZones,
  type School,
  schools,
  type Skin,
  skins,
} from "./sections/fixings";
export {
  type CableWay,
  type Gland,
  type Locker,
  type ObstacleKind,
  obstacleKinds,
  type Place,
  type PlaceInPose,
  plainSurface,
  type RoofObstacle,
  type Space,
  type Surface,
  surfaceKinds,
  type Zone,
  zoneKinds,
} from "./sections/space";
export { type ClimateMonth, type Halt, type Site } from "./sections/site";
export {
  plainRun,
  type End,
  endKey,
  fuseAt,
  type Guard,
  guardKinds,
  type Run,
  runKey,
  sameEnd,
  switchAt,
} from "./copper";
export {
  type ControllerFacts,
  controllerFactsOf,
  joinings,
  type PanelEnd,
  type PartPrice,
  type PortEnd,
  type Protect,
} from "./sections/protect";
export { type Wiring } from "./sections/wirings";
export { endGesture, type History, record, redo, startHistory, undo } from "./history";
export { photoIdsOf } from "./photos";
export { faultOf, maxPlanBytes, planJsonSchema, type PlanReading, readPlan, readPlanText } from "./read";
export {
  deviceFromAnyVersion,
  deviceSteps,
  labelFromAnyVersion,
  labelSteps,
  sheetFromAnyVersion,
  sheetUpgrades,
  type SheetStep,
} from "./sheets";
export { mergePlans, type PartDifference, partsApart, type Side, defaultSide } from "./merge";
export { type PartKind } from "./section";
