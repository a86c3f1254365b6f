export {
  evenly,
  type Facing,
  facingOf,
  lightOnPlane,
  noShades,
  type PanelLight,
  type Scene,
  type Shades,
  underSkyScene,
} from "./scene";
export { type Skyline, skylineOf } from "./skyline";
export { type HourLight, minCosZenith, lightOn, outsideAir, type Plane } from "./plane";
