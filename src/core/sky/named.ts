import { cellTempC, type Mount } from "./mount";
import { stcIrradianceWm2 } from "../panel";

/** The skies a wiring is judged under, coldest first. */
export const skyNames = ["coldDawn", "brightNoon", "hotRoof"] as const;
export type SkyName = (typeof skyNames)[number];

export type Sky = { readonly name: SkyName; readonly irradianceWm2: number; readonly airTempC: number; readonly cellTempC: number };

export type SiteClimate = { readonly recordLowC: number; readonly recordHighC: number; readonly mount: Mount };

/** Air temperature taken for an ordinary bright noon, °C. */
export const brightNoonAirC = 20;

/**
 * Coldest dawn: first sun on cells still at the record low. Bright noon: full sun, mild air.
 * Hot roof: full sun at the record high, cells heated as the mount lets them.
 */
export function namedSky(name: SkyName, climate: SiteClimate): Sky {
  const irradianceWm2 = stcIrradianceWm2;
  const warmed = (airTempC: number): Sky => ({ name, irradianceWm2, airTempC, cellTempC: cellTempC(airTempC, irradianceWm2, climate.mount) });
  switch (name) {
    case "coldDawn":
      return { name, irradianceWm2, airTempC: climate.recordLowC, cellTempC: climate.recordLowC };
    case "brightNoon":
      return warmed(brightNoonAirC);
    case "hotRoof":
      return warmed(climate.recordHighC);
  }
}
