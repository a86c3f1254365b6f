import { type InputWindow } from "../input";
import { type HourLight } from "../light";
import { createBulkSolver, type Net } from "../net";
import { lightOfHour, type WeatherPlace, type WeatherYear } from "../weather";
import { type Account, createAccount } from "./account";

type Parts = {
  readonly weather: WeatherYear;
  /** Where the panels are; the clock is the file's. */
  readonly site: Pick<WeatherPlace, "latitudeDeg" | "longitudeDeg">;
  /** The net as the light of an hour finds it. */ readonly netAt: (
    light: HourLight,
    airTempC: number,
    month: number,
  ) => Net;
  readonly port: InputWindow | null;
};

/** The hours between two words of progress. */
const stride = 24;

/** A weather file's year, hour by hour through the net and into the port. Tells how many hours it has been through. */
export function* fileYear({ weather, site, netAt, port }: Parts): Generator<{ readonly hours: number }, Account, void> {
  const account = createAccount(port);
  const solve = createBulkSolver();
  for (const [k, hour] of weather.hours.entries()) {
    const light = lightOfHour(hour, weather.place, site);
    if (light !== null) account.add(solve(netAt(light, hour.airTempC, hour.month)), hour.month, 1);
    if (k % stride === stride - 1) yield { hours: k + 1 };
  }
  return account.close();
}
