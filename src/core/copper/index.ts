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
export { ampsOfRow, ampsOfRows, isUsed as isUsedRow, type LabelAmps, sheetOf } from "./amps";
export {
  type Around,
  batteryRun,
  bondRun,
  bookOf,
  copperOf,
  isMeasured,
  type LaneCopper,
  noCopper,
  outputOf,
  type ResolvedRun,
  type RunPart,
  runsOfLane,
  sizeThatCounts,
  usedRows,
  usedTiles,
} from "./runs";
