import { clearSkyWm2, sunAt } from "./sun";

/** Minutes between samples of a day: finer changes a day's sum by under 0.1 %. */
const stepMinutes = 15;
/** Longest day of each half of the Earth; the year only moves it by hours. */
const longestDayUtc = { north: Date.UTC(2026, 5, 21), south: Date.UTC(2026, 11, 21) } as const;

export type SkySample = { readonly irradianceWm2: number; readonly hours: number };

/** Irradiance on a flat panel through the longest cloudless day at a latitude: the most a fixed flat array can meet. */
export function longestClearDay(latitudeDeg: number): SkySample[] {
  const midnight = latitudeDeg >= 0 ? longestDayUtc.north : longestDayUtc.south;
  const samples: SkySample[] = [];
  for (let minute = stepMinutes / 2; minute < 24 * 60; minute += stepMinutes) {
    const irradianceWm2 = clearSkyWm2(sunAt(midnight + minute * 60_000, latitudeDeg, 0));
    if (irradianceWm2 > 0) samples.push({ irradianceWm2, hours: stepMinutes / 60 });
  }
  return samples;
}
