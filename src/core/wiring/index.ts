export {
  type Group,
  type Item,
  type Lane,
  mostDepth,
  mostPieces,
  type Row,
  type Stance,
  stances,
  type Tile,
} from "./lane";
export { lightAt, lightOf, netOfRows, type TileSky } from "./net";
export { joiningParts, type JoiningParts } from "./parts";
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
  type TileKey,
  tilesOf,
  tilesOfRows,
} from "./walk";
export {
  copyRow,
  type Found,
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
export { type Slip, slips } from "./slips";
export { type Joint } from "./joints";
