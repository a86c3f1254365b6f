/** Constants and small sums that many rooms need: once, here. */

export const minuteMs = 60_000;
export const hourMs = 60 * minuteMs;
export const dayMs = 24 * hourMs;

/** Standard gravity as trades use it, m/s². */
export const gravityMs2 = 9.81;
/** Irradiance of standard test conditions, W/m² (IEC 60904-3). */
export const fullSunWm2 = 1000;
export const radPerDeg = Math.PI / 180;

export function sum(values: readonly number[]): number {
  return values.reduce((total, each) => total + each, 0);
}

/** The middle of some numbers, of two middles their mean; 0 of none. */
export function median(values: readonly number[]): number {
  const sorted = [...values].sort((a, b) => a - b);
  const middle = sorted.length / 2;
  const [low, high] = [sorted[Math.ceil(middle) - 1], sorted[Math.floor(middle)]];
  return low === undefined || high === undefined ? 0 : (low + high) / 2;
}

/** A number with so many digits after its point. */
export function roundTo(value: number, digits: number): number {
  return Math.round(value * 10 ** digits) / 10 ** digits;
}
