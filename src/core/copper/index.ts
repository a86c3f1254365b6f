export { adapterPart, adaptersOf, chainOf, placeOfFault, plugKinds, type PortChain } from "./chains";
export { ampsOfRow, ampsOfRows, type LabelAmps, sheetOf } from "./amps";
export {
  ambientOf,
  type Around,
  assumedLengthMm,
  batteryRun,
  bookOf,
  copperOf,
  continuousFactor,
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
