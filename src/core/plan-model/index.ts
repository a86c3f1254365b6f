export { codeTableFactor } from "./code-table";
export { type Assumption, type Term } from "./assumption";
export {
  kindOf,
  type LaneContext,
  netIn,
  clearScene,
  type Common,
  type Kind,
  termsOf,
  panelNoonW,
} from "./lane-context";
export { createMemory, type Memory, type TileState } from "./solve-cache";
export {
  parkedIn,
  type ReadyWiring,
  copperIn,
  laneOf,
  type NamedPose,
  readyWiring,
  recordLowOf,
  mountReports,
  extraPanels,
  portOf,
  assumedSite,
  assumedLatitudeDeg,
  roundOf,
  inPortOrder,
  type Missing,
} from "./solvable-wiring";
export { type ColdBy } from "./cold-volts";
export { posesOf, readyById } from "./ready-by-id";
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
export { aroundOf } from "./solvable-wiring";
export { type ColdVolts } from "./cold-volts";
export { clearMonthKwh } from "./clear-month";
