import { type Parts } from "../../section";

export { changes } from "./changes";
export { findDangling } from "./loose";
export { fromVersion3, upgrades } from "./older";
export {
  type CableWay,
  empty,
  type Gland,
  type Locker,
  type ObstacleKind,
  obstacleKinds,
  type Place,
  type PlaceInPosition,
  plainSurface,
  type RoofObstacle,
  schema,
  type Space,
  type Surface,
  surfaceKinds,
  version,
  type Zone,
  zoneKinds,
} from "../../schemas/space";

export const parts: Parts = { kind: "space", by: "field" };
