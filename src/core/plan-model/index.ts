export { recordLowOf, assumedSite, assumedLatitudeDeg } from "./assumed-site";
export { extraPanels, type Missing, kindOfPiece } from "./kinds";
export { codeTableFactor } from "./code-table";
export { type Assumption, type Term } from "./assumption";
export {
  kindOf,
  type PortArrayContext,
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
  solveStrings,
  isFlat,
  labelSum,
} from "./port-array-context";
export { createSolveCache, type SolveCache, type TileState } from "./solve-cache";
export {
  parkedIn,
  type SolvableWiring,
  copperIn,
  portArrayOf,
  type NamedPosition,
  solvableWiring,
  mountReports,
  portOf,
  mountEnvironment,
  inPortOrder,
  cableEnvironment,
} from "./solvable-wiring";
export { type ColdBy, type ColdVolts } from "./cold-volts";
export { positionsOf, solvableById } from "./solvable-by-id";
export { clearMonthKwh } from "./clear-month";
