export { type Group, type Item, type PortArray, maxDepth, maxPieces, type PvString, type PanelRef } from "./port-array";
export {
  allOut,
  isChanged,
  lightAt,
  lightOf,
  lying,
  type Position,
  type Stance,
  stances,
  type Stand,
  standOf,
} from "./position";
export { type Cables, netOfStrings } from "./net";
export { joiningParts, type JoiningParts } from "./parts";
export { nameStrings, stringsOfPortArrays } from "./string-ids";
export {
  asMatrix,
  countsOf,
  depthOf,
  freePieces,
  keyOf,
  portArrayKey,
  longestString,
  mapPortArrays,
  mapTiles,
  matrixStrings,
  newTile,
  partsOfKey,
  stringOf,
  shelfPieces,
  type Stock,
  type PanelKey,
  tilesOf,
  tilesOfStrings,
  usedIn,
} from "./walk";
export {
  copyString,
  type PortArrayRef,
  locate,
  mergeStringUp,
  type Place,
  putTiles,
  stringAt,
  type StringsPath,
  samePortArray,
  splitString,
  toggleBlockingDiode,
} from "./edit";
export { changeover, type Step } from "./changeover";
export { type Misplug, misplugs } from "./misplugs";
export { type Joint } from "./joints";
