import { type CableSize } from "./tables";

/** Change of copper's resistance, per K from 20 °C. */
const copperPerK = 0.00393;

/** Both conductors of a run, Ω. */
export function runOhm({ ohmPerKm }: CableSize, metresOneWay: number, conductorC = 20): number {
  return ((2 * metresOneWay * ohmPerKm) / 1000) * (1 + copperPerK * (conductorC - 20));
}

/** What a run loses at the amps of full sun: volts, their share of the lowest string's, watts. */
export function dropOf(ohm: number, impA: number, vmpV: number) {
  const dropV = ohm * impA;
  return { dropV, dropPct: (100 * dropV) / vmpV, lossW: dropV * impA };
}
