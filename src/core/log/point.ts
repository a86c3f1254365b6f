/** A reading of the log as a share of what was due at that moment, and all that may explain it. */
export type LogPoint = {
  readonly atMs: number;
  readonly share: number;
  /** The word for the clouds; null: nobody said. */ readonly cloud: "clear" | "haze" | "broken" | "overcast" | null;
  readonly socPct: number | null;
  readonly azimuthDeg: number;
  readonly elevationDeg: number;
};

export type LogEvent = { readonly atMs: number; readonly what: "cleaned" | "tilted" | "rain" | "stormed" };

export const logFindingIds = ["dirt", "fault", "shadeSeason", "taper", "fine"] as const;
export type LogFinding = {
  readonly id: (typeof logFindingIds)[number];
  /** The first day it was there. */ readonly sinceMs: number;
  readonly lossPct: number;
  /** When it was washed off or fixed; null: it is still there. */ readonly untilMs: number | null;
};

/** Over what the sky can give by so much, or negative: it could not be, and is kept out of sums, never out of the log. */
export const maxShare = 1.25;

/** From here on a battery takes less and less, %. */
export const taperSoc = 85;

export function quantile(values: readonly number[], share: number): number {
  const sorted = [...values].sort((a, b) => a - b);
  return sorted[Math.min(sorted.length - 1, Math.floor(share * sorted.length))] ?? 0;
}

/**
 * How far a share by a reckoned clear sky may be off for all of a season, one sigma: little under a high sun, much under a low one,
 * whose way through the air is long.
 */
export function skySigma(elevationDeg: number): number {
  return 0.01 + 0.8 / Math.max(5, elevationDeg);
}
