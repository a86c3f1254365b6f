export { codeTableFactor } from "./code-table";
export { type Assumption, type Term } from "./assumption";
export {
  kindOf,
  type LaneContext,
  netIn,
  clearScene,
  type SharedContext,
  type Kind,
  termsOf,
  panelNoonW,
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
export { createSolveCache, type SolveCache, type TileState } from "./solve-cache";
export {
  parkedIn,
  type SolvableWiring,
  copperIn,
  laneOf,
  type NamedPose,
  solvableWiring,
  recordLowOf,
  mountReports,
  extraPanels,
  portOf,
  kindOfPiece,
  assumedSite,
  assumedLatitudeDeg,
  mountEnvironment,
  inPortOrder,
  type Missing,
  cableEnvironment,
} from "./solvable-wiring";
export { type ColdBy, type ColdVolts } from "./cold-volts";
export { posesOf, solvableById } from "./solvable-by-id";
export { clearMonthKwh } from "./clear-month";
