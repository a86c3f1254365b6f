import { currentLimitA, type InputWindow } from "@/core/engine/pv-input";
import { type NetMix, type StringMix } from "./strings";

/** Steps of volts in the window: the finer, the closer the bound. */
const steps = 200;

/**
 * The most a port can take of some strings in parallel. Amps only fall with volts: between two volts the power is at most the higher of
 * them times the amps at the lower, and no more amps than the port takes anywhere between. Strings are looked up once, and a net costs a
 * sum of amps at each step.
 */
export function createPowerBound(
  window: InputWindow,
  ampsAt: (string: StringMix, volts: number) => number,
): (net: NetMix) => number {
  const { minV, maxV, currentLimits } = window;
  const [from, to] = [Math.max(minV, maxV / 1000), maxV];
  const even = Array.from({ length: steps + 1 }, (_, k) => from * (to / from) ** (k / steps));
  const edges = currentLimits.flatMap(({ fromV, toV }) => [fromV, toV]).filter((v) => v !== null && v > from && v < to);
  const volts = [...new Set([...even, ...edges])].sort((a, b) => a - b);
  const maxA = volts.slice(1).map((high, k) => {
    const low = volts[k] ?? high;
    const limits = [low, (low + high) / 2, high].map((v) => currentLimitA(window, v));
    return Math.max(...limits);
  });
  const byString = new Map<string, Float64Array>();
  const stringAmps = (string: StringMix): Float64Array => {
    const key = string.join();
    const known = byString.get(key) ?? Float64Array.from(volts, (v) => Math.max(0, ampsAt(string, v)));
    byString.set(key, known);
    return known;
  };
  const sum = new Float64Array(volts.length);
  return (net) => {
    sum.fill(0);
    for (const string of net) {
      const amps = stringAmps(string);
      for (let k = 0; k < sum.length; k++) sum[k] = (sum[k] ?? 0) + (amps[k] ?? 0);
    }
    let most = 0;
    for (let k = 0; k + 1 < sum.length; k++)
      most = Math.max(most, (volts[k + 1] ?? 0) * Math.min(sum[k] ?? 0, maxA[k] ?? Infinity));
    // the steps are met to a rounding, and the solved curve to a ten thousandth
    return Math.min(window.maxW ?? Infinity, most * 1.0002);
  };
}
