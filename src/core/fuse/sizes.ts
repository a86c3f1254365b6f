/** Fuses of rows in parallel: who needs one, how large, and whether it could ever blow. */

/** A fuse carries this many times the short-circuit current for good. NEC 690.9(B): 1.25 × 1.25. */
export const fuseFactor = 1.56;
/** Short-circuit current is raised by this for bright cloud edges and snow glare. NEC 690.8(A)(1). */
export const brightSkyFactor = 1.25;
/** gPV fuses as they are sold, A (IEC 60269-6). */
export const standardFusesA = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30] as const;

/** The smallest standard fuse that carries a row's short-circuit current for good and that its panels bear, A; null when there is none. */
export function fuseSizeA(iscA: number, ratingA: number): number | null {
  return standardFusesA.find((size) => size >= fuseFactor * iscA && size <= ratingA) ?? null;
}

/** Series fuse rating taken for a panel whose label has none: 15 A from 50 W, 10 A below. */
export function assumedFuseA(pmaxW: number): number {
  return pmaxW >= 50 ? 15 : 10;
}

export type Backfeed = {
  /** Short circuit of the strongest row, and of all rows but the weakest, A. */
  readonly iscA: number;
  readonly backfeedA: number;
  /** Whether (N − 1) × 1.25 × Isc passes the panels' series fuse rating, and whether N × Isc does (NEC 690.9(A); the strict school). */
  readonly neededByBackfeed: boolean;
  readonly neededByStrict: boolean;
  readonly sizeA: number | null;
  /** Whether what the others give is more than the fuse's rating; it takes about 1.45 times that to blow it within the hour. */
  readonly couldBlow: boolean;
};

/** What rows of these short-circuit currents ask of fuses, where their panels bear so much. At least one row. */
export function backfeedOf(rowsA: readonly number[], ratingA: number): Backfeed {
  const iscA = Math.max(...rowsA);
  const backfeedA = rowsA.reduce((sum, each) => sum + each, 0) - Math.min(...rowsA);
  const sizeA = fuseSizeA(iscA, ratingA);
  return {
    iscA,
    backfeedA,
    neededByBackfeed: brightSkyFactor * backfeedA > ratingA,
    neededByStrict: rowsA.length > 1 && rowsA.length * iscA > ratingA,
    sizeA,
    couldBlow: sizeA !== null && backfeedA > sizeA,
  };
}

/** DC volts that fuses, breakers and switches are made for, V. */
export const voltClasses = [60, 150, 250, 500, 600, 1000, 1500] as const;

/** The smallest class that bears so many volts; null: none there is. */
export function voltClass(volts: number): number | null {
  return voltClasses.find((each) => each >= volts) ?? null;
}

/** Two-pole DC switches, and fuses for batteries, as they are sold, A. */
export const switchSizesA = [10, 16, 20, 25, 32, 40, 50, 63, 80, 100, 125, 160, 200, 250] as const;
export const batteryFusesA = [
  5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 70, 80, 100, 125, 150, 175, 200, 250, 300,
] as const;

/** The smallest of a list that is no less than asked for; null: none is. */
export function smallestOf(sizes: readonly number[], leastA: number): number | null {
  return sizes.find((size) => size >= leastA * (1 - 1e-9)) ?? null;
}

/** A controller gives its rated amps for hours: cable and fuse count a quarter more. NEC 210.20(A). */
export function continuousFor(amps: number): number {
  return 1.25 * amps;
}
