import { getPosition } from "suncalc";

/** Minutes between samples of a day: finer changes a day's sum by under 0.1 %. */
const stepMinutes = 15;
/** Longest day of each half of the Earth; the year only moves it by hours. */
const longestDayUtc = { north: Date.UTC(2026, 5, 21), south: Date.UTC(2026, 11, 21) } as const;

export type SkySample = { readonly irradianceWm2: number; readonly hours: number };

/**
 * Irradiance on a flat panel through the longest cloudless day at a latitude: the most a fixed flat
 * array can meet. Haurwitz (1945): GHI = 1098·cos z·exp(-0.057 / cos z), W/m².
 */
export function longestClearDay(latitudeDeg: number): SkySample[] {
  const midnight = latitudeDeg >= 0 ? longestDayUtc.north : longestDayUtc.south;
  const samples: SkySample[] = [];
  for (let minute = stepMinutes / 2; minute < 24 * 60; minute += stepMinutes) {
    const { altitude } = getPosition(new Date(midnight + minute * 60_000), latitudeDeg, 0);
    const cosZenith = Math.sin((altitude * Math.PI) / 180);
    if (cosZenith > 0) samples.push({ irradianceWm2: haurwitzWm2(cosZenith), hours: stepMinutes / 60 });
  }
  return samples;
}

function haurwitzWm2(cosZenith: number): number {
  return 1098 * cosZenith * Math.exp(-0.057 / cosZenith);
}
