/** A limit either takes what it can and leaves the rest unused, or must not be passed. */
export const limitNatures = ["drawsUpTo", "neverExceed"] as const;
export type LimitNature = (typeof limitNatures)[number];

/** A current limit that holds while the running voltage lies between two voltages. */
export type CurrentTier = {
  readonly fromV: number;
  readonly toV: number;
  readonly amps: number;
};

/** What one port of an input accepts while it runs. `null` means no such limit is stated. */
export type Window = {
  readonly minV: number;
  readonly maxV: number;
  /** True when open-circuit volts must stay under maxV, false when only running volts must. */
  readonly ceilingOnVoc: boolean;
  readonly maxW: number | null;
  readonly currentLimits: readonly CurrentTier[];
};

/**
 * Highest current the window allows at a voltage, A. Where tiers meet, the kinder one holds;
 * a voltage no tier covers has no stated limit when there are no tiers, and takes nothing otherwise.
 */
export function currentLimitA(window: Window, v: number): number {
  if (window.currentLimits.length === 0) return Number.POSITIVE_INFINITY;
  return window.currentLimits.reduce(
    (most, tier) => (v >= tier.fromV && v <= tier.toV ? Math.max(most, tier.amps) : most),
    0,
  );
}

/** Voltages at which the window's edge bends, rising, inside [minV, maxV]. */
export function windowEdgesV(window: Window): number[] {
  const inner = window.currentLimits.flatMap((tier) => [tier.fromV, tier.toV]);
  const edges = [window.minV, window.maxV, ...inner].filter((v) => v >= window.minV && v <= window.maxV);
  return [...new Set(edges)].sort((a, b) => a - b);
}
