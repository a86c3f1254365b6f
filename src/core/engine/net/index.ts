export { substringCount, substringLight } from "./compile";
export { equalNet, type Net, type PanelNet } from "./net";
export {
  behindCable,
  besideOneAnother,
  createSolver,
  type InspectableSolution,
  type NetSolution,
  seenFrom,
  solveNet,
} from "./solve";
export { type BranchState } from "./state";
export { createBulkSolver } from "./bulk";
