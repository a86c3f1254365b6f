/** Sizes and classes of fuses, breakers and isolators as they are sold, and the factors they are chosen by. */

/** A fuse carries this many times the short-circuit current for good. NEC 690.9(B): 1.25 × 1.25. */
export const fuseFactor = 1.56;
/** Short-circuit current is raised by this for bright cloud edges and snow glare. NEC 690.8(A)(1). */
export const brightSkyFactor = 1.25;
/** gPV fuses as they are sold, A (IEC 60269-6). */
export const standardFusesA = [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20, 25, 30] as const;

/** The smallest standard fuse that carries a string's short-circuit current for good and that its panels bear, A; null when there is none. */
export function fuseSizeA(iscA: number, ratingA: number): number | null {
  return standardFusesA.find((size) => size >= fuseFactor * iscA && size <= ratingA) ?? null;
}

/** Series fuse rating taken for a panel whose label has none: 15 A from 50 W, 10 A below. */
export function assumedFuseA(pmaxW: number): number {
  return pmaxW >= 50 ? 15 : 10;
}

/** DC volts that breakers and isolators are made for, V; and those that gPV fuses are sold in. */
export const voltClasses = [60, 150, 250, 500, 600, 1000, 1500] as const;
export const pvFuseVolts = [600, 1000, 1500] as const;
/** Blade and strip fuses, V: they may stand where the volts stay below 60 V. */
export const lowFuseVolts = [32, 58, 80] as const;

/** The smallest class of isolators that is made for so many volts; null: none there is. */
export function voltClass(volts: number): number | null {
  return voltClasses.find((each) => each >= volts) ?? null;
}

/** The gPV fuse to buy: 1000 V are what most shops have; null: none is made for so much. */
export function pvFuseClass(volts: number): number | null {
  return volts <= defaultPvFuseV ? defaultPvFuseV : (pvFuseVolts.find((each) => each >= volts) ?? null);
}
const defaultPvFuseV = 1000;

/** The blade or strip fuse to buy for so many volts; null: none is made for so much. */
export function lowFuseClass(volts: number): number | null {
  return lowFuseVolts.find((each) => each >= volts) ?? null;
}

/** The highest volts a lithium battery is charged with, V, by its nominal ones: 14.6 for each 12 or 12.8 of them. */
export function chargingV(nominalV: number): number {
  return 14.6 * Math.max(1, Math.round(nominalV / 12.8));
}

/** What a battery can push through a short circuit next to it where nobody has said, A: several thousand, as lithium does. */
export const assumedBatteryShortA = 5000;

/** The smallest battery fuse that carries 1.25 × what a controller gives for hours, A; null: none is made. */
export function batteryFuseA(outputA: number): number | null {
  return smallestOf(batteryFusesA, continuousFor(outputA));
}

/** Two-pole DC switches, and fuses for batteries, as they are sold, A. */
export const switchSizesA = [10, 16, 20, 25, 32, 40, 50, 63, 80, 100, 125, 160, 200, 250] as const;
export const batteryFusesA = [
  5, 7.5, 10, 15, 20, 25, 30, 40, 50, 60, 70, 80, 100, 125, 150, 175, 200, 250, 300,
] as const;

/** The smallest of a list that is no less than asked for; null: none is. */
export function smallestOf(sizes: readonly number[], minA: number): number | null {
  return sizes.find((size) => size >= minA * (1 - 1e-9)) ?? null;
}

/** A controller gives its rated amps for hours: cable and fuse count a quarter more. NEC 210.20(A). */
export function continuousFor(amps: number): number {
  return 1.25 * amps;
}
