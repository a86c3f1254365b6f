import { type InputWindow, operatingPoint } from "../../engine/pv-input";
import { type NetSolution } from "../../engine/net";

/** Energy of a year, kWh. taken + clipped + asleep = offered. */
export type Account = {
  /** The most the net could give, whatever it feeds. */ readonly offeredKwh: number;
  readonly takenKwh: number;
  readonly takenByMonthKwh: readonly number[];
  /** Left where the port takes something: held by watts, amps or the window. */ readonly clippedKwh: number;
  /** Left where it takes nothing: too few volts, or too many. */ readonly asleepKwh: number;
};

/** Adds up, hour by hour, what a net offers and what a port takes of it; without a port, all of it. */
export function createAccount(port: InputWindow | null) {
  const months = Array.from({ length: 12 }, () => 0);
  let [offered, clipped, asleep] = [0, 0, 0];
  return {
    /** `hours` long, in a month from 1 to 12. */
    add: (solution: NetSolution, month: number, hours: number): void => {
      const kwh = hours / 1000;
      const maxW = solution.mpp.p;
      // what a port holds is never more than the net has: the last digits of two sums may differ
      const takenW = port === null ? maxW : Math.min(maxW, operatingPoint(solution, port).p);
      offered += maxW * kwh;
      if (takenW > 0) clipped += (maxW - takenW) * kwh;
      else asleep += maxW * kwh;
      months[month - 1] = (months[month - 1] ?? 0) + takenW * kwh;
    },
    close: (): Account => ({
      offeredKwh: offered,
      takenKwh: months.reduce((sum, each) => sum + each, 0),
      takenByMonthKwh: [...months],
      clippedKwh: clipped,
      asleepKwh: asleep,
    }),
  };
}
