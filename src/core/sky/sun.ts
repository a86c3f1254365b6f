import { getPosition } from "suncalc";

const degree = Math.PI / 180;

/** Where the sun stands: degrees from the zenith, and how far round from where it is highest (either way). */
export type Sun = { readonly zenithDeg: number; readonly fromNoonDeg: number };

/** Tilt of the Earth's axis, °: noon sun of midsummer stands this much higher than at the equinox. */
const midsummerDeclinationDeg = 23.44;

/** The noon sun of midsummer, the highest of the year. */
export function midsummerNoon(latitudeDeg: number): Sun {
  return { zenithDeg: Math.abs(Math.abs(latitudeDeg) - midsummerDeclinationDeg), fromNoonDeg: 0 };
}

/** The sun at a moment and place. */
export function sunAt(atMs: number, latitudeDeg: number, longitudeDeg: number): Sun {
  const { altitude, azimuth } = getPosition(new Date(atMs), latitudeDeg, longitudeDeg);
  return { zenithDeg: 90 - altitude, fromNoonDeg: latitudeDeg >= 0 ? azimuth - 180 : azimuth };
}

/** W/m² on a flat panel under a cloudless sky. Haurwitz (1945): GHI = 1098·cos z·exp(-0.057 / cos z); 0 once the sun is down. */
export function clearSkyWm2({ zenithDeg }: Pick<Sun, "zenithDeg">): number {
  const cosZenith = Math.cos(zenithDeg * degree);
  return cosZenith > 0 ? 1098 * cosZenith * Math.exp(-0.057 / cosZenith) : 0;
}

/**
 * Light on a panel tilted towards the noon sun (negative: away), relative to one facing the sun squarely. Beam by the cosine
 * of incidence, diffuse light by the share of sky the panel sees (isotropic, Liu & Jordan 1963).
 */
export function tiltLight(tiltDeg: number, { zenithDeg, fromNoonDeg }: Sun, diffuseShare: number): number {
  const [tilt, zenith] = [tiltDeg * degree, zenithDeg * degree];
  const cosIncidence = Math.max(
    0,
    Math.cos(tilt) * Math.cos(zenith) + Math.sin(tilt) * Math.sin(zenith) * Math.cos(fromNoonDeg * degree),
  );
  const skySeen = (1 + Math.cos(tilt)) / 2;
  return (1 - diffuseShare) * cosIncidence + diffuseShare * skySeen;
}
