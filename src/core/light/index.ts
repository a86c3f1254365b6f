export {
  evenly,
  type Facing,
  facingOf,
  flat,
  lightOnPlane,
  noShades,
  type PanelLight,
  type Scene,
  type Shades,
  type Site,
  underSkyScene,
} from "./scene";
export { type Skyline, skylineOf, type SkylinePoint } from "./skyline";
export { type HourLight, minCosZenith, lightOn, outsideAir, type Plane, type PlaneLight, type Seen } from "./plane";
