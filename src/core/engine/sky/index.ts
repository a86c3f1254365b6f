export { longestClearDay } from "./clear-day";
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
export { clearSkyWm2, duskAfter, type Sun, type SunPosition, sunPosition, tiltLight } from "./sun";
