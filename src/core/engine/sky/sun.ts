import { dayMs, radPerDeg } from "../numeric";
import { getPosition } from "suncalc";

/** Where the sun stands: degrees from the zenith, and how far round from where it is highest (either way). */
export type Sun = { readonly zenithDeg: number; readonly fromNoonDeg: number };

/** Tilt of the Earth's axis, °: noon sun of midsummer stands this much higher than at the equinox. */
const midsummerDeclinationDeg = 23.44;

/** The noon sun of midsummer, the highest of the year. */
export function midsummerNoon(latitudeDeg: number): Sun {
  return { zenithDeg: Math.abs(Math.abs(latitudeDeg) - midsummerDeclinationDeg), fromNoonDeg: 0 };
}

/** Where the disc's centre stands: compass azimuth clockwise from north, and true elevation (as without air), degrees. */
export type SunPosition = { readonly azimuthDeg: number; readonly elevationDeg: number };

/**
 * The sun at a moment and place, longitudes east. The package lifts it by refraction as it is seen; that is taken off again, by
 * the package's own formula (Meeus, Astronomical Algorithms, 16.4), so that geometry is of the true sun. Within 0.01°.
 */
export function sunPosition(atMs: number, latitudeDeg: number, longitudeDeg: number): SunPosition {
  const { altitude, azimuth } = getPosition(new Date(atMs), latitudeDeg, longitudeDeg);
  let elevationDeg = altitude;
  // it moves by less than a hundredth from the second time on
  for (let k = 0; k < 4; k++) elevationDeg = altitude - refractionDeg(elevationDeg);
  return { azimuthDeg: azimuth, elevationDeg };
}

/** When the sun is next down by six degrees, the end of light to work by, ms; null where it is not within a day. */
export function duskAfter(fromMs: number, latitudeDeg: number, longitudeDeg: number): number | null {
  let wasUp = false;
  for (let ms = fromMs; ms < fromMs + dayMs; ms += stepMs) {
    const isUp = sunPosition(ms, latitudeDeg, longitudeDeg).elevationDeg > duskDeg;
    if (wasUp && !isUp) return ms;
    wasUp = isUp;
  }
  return null;
}
const stepMs = 300_000;
const duskDeg = -6;

/** How far the air lifts something that truly stands so high, °; below the horizon as at it. */
function refractionDeg(elevationDeg: number): number {
  const h = Math.max(0, elevationDeg) * radPerDeg;
  return 0.0002967 / Math.tan(h + 0.00312536 / (h + 0.08901179)) / radPerDeg;
}

/** The sun at a moment and place, told from the noon side. */
export function sunAt(atMs: number, latitudeDeg: number, longitudeDeg: number): Sun {
  const { azimuthDeg, elevationDeg } = sunPosition(atMs, latitudeDeg, longitudeDeg);
  return { zenithDeg: 90 - elevationDeg, fromNoonDeg: latitudeDeg >= 0 ? azimuthDeg - 180 : azimuthDeg };
}

/** W/m² on a flat panel under a cloudless sky. Haurwitz (1945): GHI = 1098·cos z·exp(-0.057 / cos z); 0 once the sun is down. */
export function clearSkyWm2({ zenithDeg }: Pick<Sun, "zenithDeg">): number {
  const cosZenith = Math.cos(zenithDeg * radPerDeg);
  return cosZenith > 0 ? 1098 * cosZenith * Math.exp(-0.057 / cosZenith) : 0;
}

/**
 * Light on a panel tilted towards the noon sun (negative: away), relative to one facing the sun squarely. Beam by the cosine
 * of incidence, diffuse light by the share of sky the panel sees (isotropic, Liu & Jordan 1963).
 */
export function tiltLight(tiltDeg: number, { zenithDeg, fromNoonDeg }: Sun, diffuseShare: number): number {
  const [tilt, zenith] = [tiltDeg * radPerDeg, zenithDeg * radPerDeg];
  const cosIncidence = Math.max(
    0,
    Math.cos(tilt) * Math.cos(zenith) + Math.sin(tilt) * Math.sin(zenith) * Math.cos(fromNoonDeg * radPerDeg),
  );
  const skySeen = (1 + Math.cos(tilt)) / 2;
  return (1 - diffuseShare) * cosIncidence + diffuseShare * skySeen;
}
