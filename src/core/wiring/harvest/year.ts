import { type InputWindow } from "../../engine/pv-input";
import { createBulkSolver, type Net } from "../../engine/net";
import { type SkyHour } from "../../engine/weather";
import { type Account, createAccount } from "./account";

type Parts = {
  /** The year's hours of light, as a weather file or typical months have them. */ readonly hours: Iterable<SkyHour>;
  /** The net as an hour finds it. */ readonly netAt: (hour: SkyHour) => Net;
  readonly port: InputWindow | null;
};

/** The hours between two words of progress. */
const stride = 24;

/** A year, hour by hour through the net and into the port. Tells how many hours of light it has been through. */
export function* harvestYear({ hours, netAt, port }: Parts): Generator<{ readonly hours: number }, Account, void> {
  const account = createAccount(port);
  const solve = createBulkSolver();
  let done = 0;
  for (const hour of hours) {
    account.add(solve(netAt(hour)), hour.month, hour.hours);
    done += 1;
    if (done % stride === 0) yield { hours: done };
  }
  return account.close();
}
