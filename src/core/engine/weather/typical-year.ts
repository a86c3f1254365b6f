import { radPerDeg } from "../numeric";
import { minCosZenith, outsideAir } from "../light";
import { sunPosition } from "../sky";
import { clearnessOfDays } from "./clearness";
import { type SkyHour } from "./sky-hour";
import { type WeatherPlace } from "./year";

/** Typical months of a place: clearness is the light on the flat over what there is outside the air; twelve of each. */
export type TypicalMonths = {
  readonly clearness: readonly number[];
  readonly airTempC: readonly number[];
  /** From the coolest to the warmest hour of a day, K. */ readonly dailyRangeK: readonly number[];
};

/** Kinds of day of a month: enough that clipping and dull days are real, few enough that a year is a thousand solves. */
export const kindsOfDay = 8;
/** A year that is no leap year; the sun of another differs by under a quarter of a degree. */
const year = 2025;
/** The warmest hour of a day, local standard time. */
const warmestHour = 15;

/** Tilt of the Earth's axis as seen at noon of a day of the year, radians: how high the sun stands over the pole. */
function declination(dayOfYear: number): number {
  return sunPosition(Date.UTC(year, 0, dayOfYear, 12), 90, 0).elevationDeg * radPerDeg;
}

/** Half the day as an angle, radians: 0 in the polar night, π in the polar day. */
function sunsetAngle(latitude: number, tilt: number): number {
  return Math.acos(Math.min(1, Math.max(-1, -Math.tan(latitude) * Math.tan(tilt))));
}

/** Light on the flat outside the air in a day, Wh/m²: H₀ = 24/π·E₀·(cos φ·cos δ·sin ωs + ωs·sin φ·sin δ). */
export function outsideDayWhM2(latitudeDeg: number, dayOfYear: number): number {
  const [latitude, tilt] = [latitudeDeg * radPerDeg, declination(dayOfYear)];
  const half = sunsetAngle(latitude, tilt);
  const turned = Math.cos(latitude) * Math.cos(tilt) * Math.sin(half) + half * Math.sin(latitude) * Math.sin(tilt);
  return (24 / Math.PI) * outsideAir(dayOfYear) * Math.max(0, turned);
}

/** Share of the light on the flat that comes from everywhere, by the clearness of the hour. Erbs, Klein & Duffie (1982). */
export function diffuseShare(clearness: number): number {
  if (clearness <= 0.22) return 1 - 0.09 * clearness;
  if (clearness > 0.8) return 0.165;
  return 0.9511 - 0.1604 * clearness + 4.388 * clearness ** 2 - 16.638 * clearness ** 3 + 12.336 * clearness ** 4;
}

type Spot = Pick<WeatherPlace, "latitudeDeg" | "longitudeDeg" | "utcOffsetH">;

/**
 * A typical year: each month as some kinds of day, each day as its hours. The light of a day is its clearness times what there
 * is outside the air in the mean of the month; its hours share it as in Collares-Pereira & Rabl (1979).
 */
export function* typicalYear(months: TypicalMonths, site: Spot, kinds = kindsOfDay): Generator<SkyHour, void> {
  for (let month = 1; month <= 12; month++) yield* typicalMonth(months, month, site, kinds);
}

/**
 * One month of a typical year; of a journey each may be somewhere else. With `stepH` 2 every second hour stands for two: what
 * falls in a month is then within 2 %.
 */
export function* typicalMonth(
  { clearness, ...air }: TypicalMonths,
  month: number,
  site: Spot,
  kinds = kindsOfDay,
  stepH: 1 | 2 = 1,
): Generator<SkyHour, void> {
  const days = daysOfMonth(month);
  const sums = days.map((day) => outsideDayWhM2(site.latitudeDeg, day));
  const meanWhM2 = sums.reduce((sum, each) => sum + each, 0) / days.length;
  const dayOfYear = dayLike(days, sums, meanWhM2);
  const hours = hoursOfDay(dayOfYear, site).filter((_, k) => k % stepH === 0);
  for (const [kind, of] of clearnessOfDays(clearness[month - 1] ?? 0, kinds).entries())
    for (const { share, ...hour } of hours) {
      const globalWm2 = share * of * meanWhM2;
      const onFlat = Math.sin(hour.sun.elevationDeg * radPerDeg);
      // of so low a sun, what comes straight cannot be told from what comes from everywhere
      const even = onFlat > minCosZenith ? diffuseShare(globalWm2 / (hour.outsideWm2 * onFlat)) : 1;
      yield {
        light: {
          sun: hour.sun,
          outsideWm2: hour.outsideWm2,
          globalWm2,
          diffuseWm2: even * globalWm2,
          beamWm2: onFlat > minCosZenith ? ((1 - even) * globalWm2) / onFlat : 0,
        },
        airTempC: airAt(air, month, hour.atHour),
        month,
        dayOfYear,
        atHour: hour.atHour,
        kind,
        hours: (stepH * days.length) / kinds,
      };
    }
}

/** Air of a typical day at an hour of it, °C: a wave about the month's mean. */
export function airAt(
  { airTempC, dailyRangeK }: Pick<TypicalMonths, "airTempC" | "dailyRangeK">,
  month: number,
  atHour: number,
): number {
  const swing = (dailyRangeK[month - 1] ?? 0) / 2;
  return (airTempC[month - 1] ?? 0) + swing * Math.cos((2 * Math.PI * (atHour - warmestHour)) / 24);
}

/** Mean light on the flat outside the air in a month, Wh/m² a day. */
export function outsideMonthWhM2(latitudeDeg: number, month: number): number {
  const days = daysOfMonth(month);
  return days.reduce((sum, day) => sum + outsideDayWhM2(latitudeDeg, day), 0) / days.length;
}

const firstDays = Array.from(
  { length: 13 },
  (_, k) => Math.round((Date.UTC(year, k, 1) - Date.UTC(year, 0, 1)) / 86_400_000) + 1,
);

/** How many days a month from 1 to 12 has, in a year that is no leap year. */
export function daysIn(month: number): number {
  return (firstDays[month] ?? 0) - (firstDays[month - 1] ?? 0);
}

/** The days of a month, as days of the year from 1. */
function daysOfMonth(month: number): number[] {
  return Array.from({ length: daysIn(month) }, (_, k) => (firstDays[month - 1] ?? 0) + k);
}

/** The day of a month that is most like its mean. */
function dayLike(days: readonly number[], sums: readonly number[], mean: number): number {
  const apart = sums.map((sum) => Math.abs(sum - mean));
  return days[apart.indexOf(Math.min(...apart))] ?? 1;
}

/** The hours of a day in which the sun is up, by the local clock, each with its share of the day's light on the flat. */
function hoursOfDay(dayOfYear: number, { latitudeDeg, longitudeDeg, utcOffsetH }: Spot) {
  const [latitude, tilt] = [latitudeDeg * radPerDeg, declination(dayOfYear)];
  const half = sunsetAngle(latitude, tilt);
  const a = 0.409 + 0.5016 * Math.sin(half - 1.047);
  const b = 0.6609 - 0.4767 * Math.sin(half - 1.047);
  const hours = Array.from({ length: 24 }, (_, k) => {
    const atHour = k + 0.5;
    const atMs = Date.UTC(year, 0, dayOfYear) + (atHour - utcOffsetH) * 3_600_000;
    const sun = sunPosition(atMs, latitudeDeg, longitudeDeg);
    const onFlat = Math.max(0, Math.sin(sun.elevationDeg * radPerDeg));
    const across = Math.cos(latitude) * Math.cos(tilt);
    const cosHourAngle =
      across < 1e-9 ? 0 : Math.min(1, Math.max(-1, (onFlat - Math.sin(latitude) * Math.sin(tilt)) / across));
    return { atHour, sun, outsideWm2: outsideAir(dayOfYear), weight: Math.max(0, a + b * cosHourAngle) * onFlat };
  }).filter(({ weight }) => weight > 0);
  const whole = hours.reduce((sum, { weight }) => sum + weight, 0);
  return hours.map(({ weight, ...hour }) => ({ ...hour, share: weight / whole }));
}
