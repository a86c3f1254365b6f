import { batteryVoltsOf, outputOf, type ResolvedRun, sizeThatCounts } from "../cabling";
import { maxAmps } from "../../engine/cable";
import { assumedBatteryShortA, batteryFuseA, chargingV, lowFuseClass } from "../../engine/fuse";
import { type Plan } from "../../plan";

/** A charge controller's way to its battery, and what it draws from it while it does nothing. */
export type BatteryReport = {
  readonly inputId: string;
  readonly inputName: string;
  readonly run: ResolvedRun;
  readonly outputA: number | null;
  readonly fuseA: number | null;
  /** Class of volts for its fuse, by the highest it is charged with; and what it has to be able to interrupt, A. */
  readonly fuseV: number | null;
  readonly breaksA: number;
  /** What its cable may be protected by, A. */ readonly cableA: number | null;
  readonly idleW: number;
  readonly idleIsAssumed: boolean;
  /** Taken from the battery in thirty dark days, Ah; null while its volts are not known. */ readonly idleAhAMonth:
    number | null;
};

/** Taken for a controller whose own use nobody knows, W: some 20 mA of a 24 V battery. */
const defaultIdleW = 0.5;
const hoursAMonth = 30 * 24;

export function batteryReport(plan: Plan, inputId: string, run: ResolvedRun): BatteryReport {
  const device = plan.inputs.find(({ id }) => id === inputId)?.device;
  const battery = plan.need.batteries.find(({ inputIds }) => inputIds.includes(inputId));
  const volts = batteryVoltsOf(plan, inputId);
  const outputA = outputOf(plan, inputId);
  const size = sizeThatCounts(run);
  const idleW = battery?.standingW ?? defaultIdleW;
  return {
    inputId,
    inputName: device?.name ?? "",
    run,
    outputA,
    fuseA: outputA === null ? null : batteryFuseA(outputA),
    fuseV: volts === null ? null : lowFuseClass(chargingV(volts)),
    breaksA: assumedBatteryShortA,
    cableA: run.ask === null || size === null ? null : maxAmps(size.size, run.ask),
    idleW,
    idleIsAssumed: (battery?.standingW ?? null) === null,
    idleAhAMonth: volts === null ? null : (idleW * hoursAMonth) / volts,
  };
}
