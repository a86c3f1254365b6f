/** A simulated sky: light on the first panel's plane and air, as time goes by. Follows from its seed alone. */
export type SimulatedSky = {
  /** What a cloudless sky gives there, W/m². */ readonly clearWm2: number;
  readonly cloud: "clear" | "haze" | "broken" | "overcast";
  readonly airTempC: number;
  readonly seed: number;
};

/** Shares of the clear light: the middle, and how far clouds move it, over so many seconds. */
const clouds = {
  clear: { middle: 0.98, swing: 0.02, periodS: 600 },
  haze: { middle: 0.74, swing: 0.05, periodS: 300 },
  broken: { middle: 0.65, swing: 0.42, periodS: 90 },
  overcast: { middle: 0.25, swing: 0.06, periodS: 240 },
} as const;

/** Light after so many seconds, W/m². Three waves that never meet again: it looks like weather and is the same for the same seed. */
export function lightAt({ clearWm2, cloud, seed }: SimulatedSky, seconds: number): number {
  const { middle, swing, periodS } = clouds[cloud];
  const wave = (times: number, shift: number) =>
    Math.sin((2 * Math.PI * times * seconds) / periodS + seed * (1 + shift) + shift);
  const moved = (wave(1, 0.3) + wave(1.618, 1.1) + wave(0.377, 2.7)) / 3;
  return Math.max(5, clearWm2 * (middle + swing * moved));
}
