import { type InputWindow, operate, type OperatingPoint, type Tracking } from "../../engine/pv-input";
import { type NetSolution } from "../../engine/net";

/** A port by what decides when it runs. */
export type RunningPort = {
  readonly window: InputWindow | null;
  readonly tracking: Tracking;
  readonly wakeV: number;
};

export const nothing: OperatingPoint = { v: 0, i: 0, p: 0, limitedBy: "asleep" };

/** A port sleeps until the open volts reach its waking volts, and is awake while it finds power inside its window. */
export function runPort(
  { window, tracking, wakeV }: RunningPort,
  solution: NetSolution,
  isAwake: boolean,
): { readonly point: OperatingPoint; readonly isAwake: boolean } {
  if (window === null) return { point: { ...solution.mpp, limitedBy: "none" }, isAwake };
  if (!isAwake && solution.vocV < wakeV) return { point: nothing, isAwake };
  const point = operate(solution, window, tracking);
  return { point, isAwake: point.p > 0 };
}
