import { clearSkyWm2, type Sun, sunAt } from "./sun";

/** Minutes between samples of a day: finer changes a day's sum by under 0.1 %. */
const stepMinutes = 15;
/** Longest day of each half of the Earth; the year only moves it by hours. */
const longestDayUtc = { north: Date.UTC(2026, 5, 21), south: Date.UTC(2026, 11, 21) } as const;

export type SkySample = { readonly irradianceWm2: number; readonly sun: Sun; readonly hours: number };

/** Irradiance on a flat panel through the longest cloudless day at a latitude: what falls on flat panels, and where the sun stands. */
export function longestClearDay(latitudeDeg: number): SkySample[] {
  const midnight = latitudeDeg >= 0 ? longestDayUtc.north : longestDayUtc.south;
  const samples: SkySample[] = [];
  for (let minute = stepMinutes / 2; minute < 24 * 60; minute += stepMinutes) {
    const sun = sunAt(midnight + minute * 60_000, latitudeDeg, 0);
    const irradianceWm2 = clearSkyWm2(sun);
    if (irradianceWm2 > 0) samples.push({ irradianceWm2, sun, hours: stepMinutes / 60 });
  }
  return samples;
}
