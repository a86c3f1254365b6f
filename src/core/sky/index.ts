export { longestClearDay, type SkySample } from "./clear-day";
export { cellTempC, type Mount, mounts, rossCPerWm2 } from "./mount";
export { brightNoonAirC, namedSky, type SiteClimate, type Sky, type SkyName, skyNames } from "./named";
export { tiltLight } from "./tilt";
