import { type HourLight } from "../light";
import { lightOfHour } from "./light";
import { type WeatherPlace, type WeatherYear } from "./year";

/** Some hours of a year under one sky. */
export type SkyHour = {
  readonly light: HourLight;
  readonly airTempC: number;
  /** 1 to 12 */ readonly month: number;
  /** 1 to 365 */ readonly dayOfYear: number;
  /** Middle of the hour by the clock of its place, 0 to 24. */ readonly atHour: number;
  /** Which kind of day of its month it is of, from the dullest; of a file each day is its own. */ readonly kind: number;
  /** How many hours of the year it stands for. */ readonly hours: number;
};

/** The hours of a weather file in which there is light, each for itself, as they fall on a place. */
export function* hoursOfFile(
  { place, hours }: WeatherYear,
  site: Pick<WeatherPlace, "latitudeDeg" | "longitudeDeg">,
): Generator<SkyHour, void> {
  for (const hour of hours) {
    const light = lightOfHour(hour, place, site);
    if (light === null) continue;
    const { month, day, airTempC } = hour;
    yield { light, airTempC, month, dayOfYear: dayOf(month, day), atHour: hour.hour - 0.5, kind: day - 1, hours: 1 };
  }
}

/** A day of a year of 365 days, from 1; the 29th of February counts as the 1st of March. */
export function dayOf(month: number, day: number): number {
  return Math.round((Date.UTC(2025, month - 1, day) - Date.UTC(2025, 0, 1)) / 86_400_000) + 1;
}
