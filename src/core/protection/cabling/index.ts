export { copperOf, type PortArrayCopper, noCopper } from "./cable-ohms";
export { type CableEnvironment, type ResolvedRun, type RunPart } from "./resolve-run";
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
export { type Joint, jointOf, jointOfPortArray } from "./joint";
export { ampsOfString, ampsOfStrings, type LabelAmps, ratedPanel, sheetOf } from "./amps";
export { isUsed as isUsedString } from "./used";
export { elsewhere } from "./elsewhere";
export {
  branchesOfStrings,
  type BranchPlace,
  minRated,
  needsFuse,
  type RatedPanel,
  type WiredBranch,
} from "./branches";
export {
  batteryRun,
  batteryVoltsOf,
  bondRun,
  faultThrough,
  isMeasured,
  lossThatCounts,
  outputOf,
  runsOfPortArray,
  sizeThatCounts,
  usedStrings,
  usedTiles,
} from "./runs";
export { cableRulesOf, isFuseStrict } from "./standards";
export { wholeDrop, type WholeDrop } from "./whole-drop";
export { connectorMm2, endsInConnector, fitsConnector } from "./connector-size";
