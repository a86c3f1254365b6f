import { type HourLight } from "../light";
import { lightOfHour } from "./light";
import { type WeatherPlace, type WeatherYear } from "./year";

/** Some hours of a year under one sky. */
export type SkyHour = {
  readonly light: HourLight;
  readonly airTempC: number;
  /** 1 to 12 */ readonly month: number;
  /** How many hours of the year it stands for. */ readonly hours: number;
};

/** The hours of a weather file in which there is light, each for itself, as they fall on a place. */
export function* hoursOfFile(
  { place, hours }: WeatherYear,
  site: Pick<WeatherPlace, "latitudeDeg" | "longitudeDeg">,
): Generator<SkyHour, void> {
  for (const hour of hours) {
    const light = lightOfHour(hour, place, site);
    if (light !== null) yield { light, airTempC: hour.airTempC, month: hour.month, hours: 1 };
  }
}
