import { radPerDeg } from "../numeric";
import { type HourLight, minCosZenith, outsideAir } from "../light";
import { sunPosition } from "../sky";
import { type WeatherHour, type WeatherPlace } from "./year";

const daysBefore = [0, 31, 59, 90, 120, 151, 181, 212, 243, 273, 304, 334];

/**
 * What the sky of an hour gives, with the sun where it stands in the middle of it, at the place asked about and by the file's
 * own clock; null for a dark hour. One of the three lights that is missing follows from the others: global = beam · cos z +
 * diffuse; with two of them missing the hour is dark.
 */
export function lightOfHour(
  { year, month, day, hour, globalWm2, beamWm2, diffuseWm2 }: WeatherHour,
  { utcOffsetH }: Pick<WeatherPlace, "utcOffsetH">,
  { latitudeDeg, longitudeDeg }: Pick<WeatherPlace, "latitudeDeg" | "longitudeDeg">,
): HourLight | null {
  const known = [globalWm2, beamWm2, diffuseWm2].filter((each) => each !== null);
  if (known.length < 2 || known.every((each) => each === 0)) return null;
  const middleMs = Date.UTC(year, month - 1, day) + (hour - 0.5 - utcOffsetH) * 3_600_000;
  const sun = sunPosition(middleMs, latitudeDeg, longitudeDeg);
  const cosZenith = Math.sin(sun.elevationDeg * radPerDeg);
  const onFlat = Math.max(0, cosZenith);
  const global = globalWm2 ?? Math.max(0, (beamWm2 ?? 0) * onFlat + (diffuseWm2 ?? 0));
  const diffuse = diffuseWm2 ?? Math.max(0, global - (beamWm2 ?? 0) * onFlat);
  const beam = beamWm2 ?? (cosZenith > minCosZenith ? Math.max(0, (global - diffuse) / cosZenith) : 0);
  return {
    sun,
    beamWm2: beam,
    diffuseWm2: diffuse,
    globalWm2: global,
    outsideWm2: outsideAir((daysBefore[month - 1] ?? 0) + day),
  };
}
