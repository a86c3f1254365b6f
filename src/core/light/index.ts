export {
  evenly,
  type Facing,
  facingOf,
  flat,
  lightOnPlane,
  type PanelLight,
  type Scene,
  type Site,
  underSkyScene,
} from "./scene";
