export { codeTableFactor } from "./code-table";
export { type Assumption, type Term } from "./assumption";
export {
  kindOf,
  type LaneContext,
  netIn,
  clearScene,
  type SharedContext as Common,
  type Kind,
  termsOf,
  panelNoonW,
} from "./lane-context";
export { createSolveCache as createMemory, type SolveCache as Memory, type TileState } from "./solve-cache";
export {
  parkedIn,
  type SolvableWiring as ReadyWiring,
  copperIn,
  laneOf,
  type NamedPose,
  solvableWiring as readyWiring,
  recordLowOf,
  mountReports,
  extraPanels,
  portOf,
  assumedSite,
  assumedLatitudeDeg,
  mountEnvironment as roundOf,
  inPortOrder,
  type Missing,
} from "./solvable-wiring";
export { type ColdBy } from "./cold-volts";
export { posesOf, solvableById as readyById } from "./ready-by-id";
export {
  type SkyState,
  doubtAssumed,
  kindsIn,
  keysOf,
  labelAssumed,
  siteAssumed,
  byAmps,
  fitAssumed,
  solveRows,
  isFlat,
  labelSum,
} from "./lane-context";
export { cableEnvironment as aroundOf } from "./solvable-wiring";
export { type ColdVolts } from "./cold-volts";
export { clearMonthKwh } from "./clear-month";
