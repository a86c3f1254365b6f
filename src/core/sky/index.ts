export { longestClearDay, type SkySample } from "./clear-day";
export { cellTempC, type Mount, mounts, rossCPerWm2 } from "./mount";
export {
  brightNoonAirC,
  clearDiffuseShare,
  equinoxNoon,
  isLimitSky,
  type LimitSky,
  limitSkies,
  type Moment,
  namedSky,
  type SiteClimate,
  type Sky,
  skyAt,
  type SkyName,
  skyNames,
} from "./named";
export {
  clearSkyWm2,
  duskAfter,
  midsummerNoon,
  type Sun,
  sunAt,
  type SunPosition,
  sunPosition,
  tiltLight,
} from "./sun";
