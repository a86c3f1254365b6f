import { type HourLight, minCosZenith, outsideAir } from "../light";
import { clearSkyWm2, sunPosition } from "../sky";
import { diffuseShare } from "./typical-year";

/**
 * The light of a cloudless moment at a place: on the flat by Haurwitz (1945), of which Erbs et al. (1982) tell how much comes from
 * everywhere. Null while the sun is down.
 */
export function clearHour(atMs: number, latitudeDeg: number, longitudeDeg: number): HourLight | null {
  const sun = sunPosition(atMs, latitudeDeg, longitudeDeg);
  const cosZenith = Math.sin((sun.elevationDeg * Math.PI) / 180);
  if (cosZenith <= 0) return null;
  const globalWm2 = clearSkyWm2({ zenithDeg: 90 - sun.elevationDeg });
  const outsideWm2 = outsideAir(dayOfYear(atMs));
  const diffuseWm2 = globalWm2 * diffuseShare(globalWm2 / (outsideWm2 * Math.max(cosZenith, minCosZenith)));
  const beamWm2 = (globalWm2 - diffuseWm2) / Math.max(cosZenith, minCosZenith);
  return { sun, beamWm2, diffuseWm2, globalWm2, outsideWm2 };
}

function dayOfYear(atMs: number): number {
  return Math.floor((atMs - Date.UTC(new Date(atMs).getUTCFullYear(), 0, 1)) / 86_400_000) + 1;
}
