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
export { type Joint, jointOf, jointOfLane } from "./joint";
export { ampsOfRow, ampsOfRows, isUsed as isUsedRow, type LabelAmps, ratedPanel, sheetOf } from "./amps";
export { elsewhere, type OtherWiring } from "./elsewhere";
export {
  branchesOfRows,
  branchOfRow,
  type BranchPlace,
  minRated,
  needsFuse,
  type RatedPanel,
  type WiredBranch,
} from "./branches";
export {
  type Around,
  batteryRun,
  batteryVoltsOf,
  bondRun,
  bookOf,
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
