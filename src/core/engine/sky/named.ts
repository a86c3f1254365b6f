import { stcIrradianceWm2 } from "../panel";
import { cellTempC, type Mount } from "./mount";
import { clearSkyWm2, midsummerNoon, type Sun, sunAt } from "./sun";

/** The skies whose limits a wiring is judged by, coldest first. */
export const limitSkies = ["coldDawn", "brightNoon", "hotRoof"] as const;
export type LimitSky = (typeof limitSkies)[number];
/** All skies a wiring can be looked at under. */
export const skyNames = [...limitSkies, "haze", "now"] as const;
export type SkyName = (typeof skyNames)[number];

export function isLimitSky(name: SkyName): name is LimitSky {
  return limitSkies.some((limit) => limit === name);
}

/**
 * A sky over the panels. `irradianceWm2` is what falls on a panel that lies flat. `diffuseShare` is the part of the light that comes from the whole sky and not from the sun.
 */
export type Sky<Name extends SkyName = SkyName> = {
  readonly name: Name;
  readonly irradianceWm2: number;
  readonly airTempC: number;
  readonly cellTempC: number;
  readonly sun: Sun;
  readonly diffuseShare: number;
  /** Whether every panel gets this light and is this warm, whichever way it is turned. */
  readonly evenly: boolean;
};

export type SiteClimate = {
  readonly recordLowC: number;
  readonly recordHighC: number;
  readonly mount: Mount;
  readonly latitudeDeg: number;
  /** East; null where nobody said: then a moment brings its own. */
  readonly longitudeDeg: number | null;
};

/** A moment somewhere round the Earth. */
export type Moment = { readonly atMs: number; readonly longitudeDeg: number };

/** Taken where nobody asks for a moment: noon of an equinox. */
export const equinoxNoon: Moment = { atMs: Date.UTC(2026, 2, 20, 12), longitudeDeg: 0 };

/** Air temperature taken for an ordinary bright noon, °C. */
export const brightNoonAirC = 20;
/** Haze: a bright overcast sky, its light from everywhere, W/m² on the flat, in cool air, °C. */
const haze = { irradianceWm2: 250, airTempC: 15 } as const;
/** Share of a clear day's light that comes from the blue sky. */
export const clearDiffuseShare = 0.12;

/**
 * Coldest dawn: first sun on cells still at the record low. Bright noon: full sun, mild air.
 * Hot roof: full sun at the record high, cells heated as the mount lets them.
 */
export function namedSky(name: LimitSky, climate: SiteClimate): Sky<LimitSky> {
  const full = {
    name,
    irradianceWm2: stcIrradianceWm2,
    sun: midsummerNoon(climate.latitudeDeg),
    diffuseShare: clearDiffuseShare,
    evenly: name === "coldDawn",
  } as const;
  const warmed = (airTempC: number) => ({
    ...full,
    airTempC,
    cellTempC: cellTempC(airTempC, full.irradianceWm2, climate.mount),
  });
  switch (name) {
    case "coldDawn":
      return { ...full, airTempC: climate.recordLowC, cellTempC: climate.recordLowC };
    case "brightNoon":
      return warmed(brightNoonAirC);
    case "hotRoof":
      return warmed(climate.recordHighC);
  }
}

/** Any sky. Haze: bright overcast. Now: the sun of the moment, as if no cloud stood before it, in the season's usual air. */
export function skyAt(name: SkyName, climate: SiteClimate, moment: Moment): Sky {
  if (isLimitSky(name)) return namedSky(name, climate);
  const sun = sunAt(moment.atMs, climate.latitudeDeg, climate.longitudeDeg ?? moment.longitudeDeg);
  const { irradianceWm2, airTempC } =
    name === "haze" ? haze : { irradianceWm2: clearSkyWm2(sun), airTempC: defaultAirC(climate, moment.atMs) };
  return {
    name,
    irradianceWm2,
    airTempC,
    cellTempC: cellTempC(airTempC, irradianceWm2, climate.mount),
    sun,
    diffuseShare: name === "haze" ? 1 : clearDiffuseShare,
    evenly: false,
  };
}

/** Day of the year on which the air of the northern half is warmest, about a month after the longest. */
const warmestDay = 200;

/**
 * Air of an ordinary clear day by season, between the records: 55 ± 20 % of the way from the lowest to the highest. A rough
 * guess, some 8 °C either way, which moves volts by 2 to 3 %.
 */
function defaultAirC({ recordLowC, recordHighC, latitudeDeg }: SiteClimate, atMs: number): number {
  const day = (atMs - Date.UTC(new Date(atMs).getUTCFullYear(), 0, 1)) / 86_400_000;
  const season = Math.cos((2 * Math.PI * (day - warmestDay)) / 365.25) * (latitudeDeg >= 0 ? 1 : -1);
  return recordLowC + (recordHighC - recordLowC) * (0.55 + 0.2 * season);
}
