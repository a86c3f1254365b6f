export { type Group, type Item, type PortArray, maxDepth, maxPieces, type Row, type PanelRef } from "./lane";
export {
  allOut,
  isChanged,
  lightAt,
  lightOf,
  lying,
  type Pose,
  type Stance,
  stances,
  type Stand,
  standOf,
} from "./pose";
export { type Cables, netOfRows } from "./net";
export { joiningParts, type JoiningParts } from "./parts";
export { nameRows, rowsOfLanes } from "./row-ids";
export {
  asMatrix,
  countsOf,
  depthOf,
  freePieces,
  keyOf,
  laneKey,
  longestRow,
  mapLanes,
  mapTiles,
  matrixRows,
  newTile,
  partsOfKey,
  rowOf,
  shelfPieces,
  type Stock,
  type PanelKey,
  tilesOf,
  tilesOfRows,
  usedIn,
} from "./walk";
export {
  copyRow,
  type LaneRef,
  locate,
  mergeRowUp,
  type Place,
  putTiles,
  rowAt,
  type RowsPath,
  sameLane,
  splitRow,
  toggleBlockingDiode,
} from "./edit";
export { changeover, type Step } from "./changeover";
export { type Misplug, misplugs } from "./misplugs";
export { type Joint } from "./joints";
