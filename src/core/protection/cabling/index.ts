export {
  adapterPart,
  adaptersOf,
  chainOf,
  placeOfFault,
  plugKinds,
  type PortChain,
  type UnlikeEnds,
  unlikeEnds,
} from "./chains";
export { type CablingPartName } from "./part-name";
export { type Joint, jointOf, jointOfLane } from "./joint";
export { ampsOfRow, ampsOfRows, type LabelAmps, ratedPanel, sheetOf } from "./amps";
export { isUsed as isUsedRow } from "./used";
export { elsewhere } from "./elsewhere";
export { branchesOfRows, type BranchPlace, minRated, needsFuse, type RatedPanel, type WiredBranch } from "./branches";
export {
  type CableEnvironment,
  batteryRun,
  batteryVoltsOf,
  bondRun,
  copperOf,
  faultThrough,
  isMeasured,
  type LaneCopper,
  lossThatCounts,
  noCopper,
  outputOf,
  type ResolvedRun,
  type RunPart,
  runsOfLane,
  sizeThatCounts,
  usedRows,
  usedTiles,
} from "./runs";
export { cableRulesOf, isFuseStrict } from "./standards";
