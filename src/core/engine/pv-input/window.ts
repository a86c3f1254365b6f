/** A limit either takes what it can and leaves the rest unused, or must not be passed. */
export const limitNatures = ["drawsUpTo", "neverExceed"] as const;
export type LimitNature = (typeof limitNatures)[number];
/** Of a limit of amps a sheet often does not say which: it then draws up to them, and what would pass them is asked about. */
export const tierNatures = [...limitNatures, "unknown"] as const;
export type TierNature = (typeof tierNatures)[number];

/** A current limit that holds while the running voltage lies between two voltages. */
export type CurrentTier = {
  readonly fromV: number;
  readonly toV: number;
  readonly amps: number;
};

/** What one port of an input accepts while it runs. `null` means no such limit is stated. */
export type InputWindow = {
  readonly minV: number;
  readonly maxV: number;
  /** True when open-circuit volts must stay under maxV, false when only running volts must. */
  readonly ceilingOnVoc: boolean;
  readonly maxW: number | null;
  readonly currentLimits: readonly CurrentTier[];
};

/**
 * Highest current the window allows at a voltage, A. Of several limits over one range all hold; where two ranges meet,
 * either serves. A voltage no tier covers has no stated limit when there are no tiers, and takes nothing otherwise.
 */
export function currentLimitA({ currentLimits }: InputWindow, v: number): number {
  if (currentLimits.length === 0) return Number.POSITIVE_INFINITY;
  let below = Number.POSITIVE_INFINITY;
  let above = Number.POSITIVE_INFINITY;
  for (const { fromV, toV, amps } of currentLimits) {
    if (v < fromV || v > toV) continue;
    // a range of one voltage is both
    if (v > fromV || fromV === toV) below = Math.min(below, amps);
    if (v < toV || fromV === toV) above = Math.min(above, amps);
  }
  if (below === Number.POSITIVE_INFINITY) return above === Number.POSITIVE_INFINITY ? 0 : above;
  return above === Number.POSITIVE_INFINITY ? below : Math.max(below, above);
}

/** Voltages at which the window's edge bends, rising, inside [minV, maxV]. */
export function windowEdgesV(window: InputWindow): number[] {
  const inner = window.currentLimits.flatMap((tier) => [tier.fromV, tier.toV]);
  const edges = [window.minV, window.maxV, ...inner].filter((v) => v >= window.minV && v <= window.maxV);
  return [...new Set(edges)].sort((a, b) => a - b);
}
