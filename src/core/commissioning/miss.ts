import { type Place, quantities, type Quantity, type Reading, shownAt } from "./reading";
import { type Prediction, type Shown } from "./world";

/** Meters as they are: a share of what they show, and their last digit (physics: ±1 % volts, ±1.5 % amps by hand, labels ±3 %). */
const voltsShare = 0.012;
const ampsShare = 0.015;

/** A tracker stands where power is flat: volts and amps there part from the point of most power by more. */
const runShare = 0.025;
const floorV = 0.12;
const floorA = 0.04;

/** What one reading may count against a world at most: one slip of the pen refutes nothing. */
export const maxMiss = 40;

const shares: Readonly<Record<Quantity, number>> = {
  openV: voltsShare,
  shortA: ampsShare,
  runV: runShare,
  runA: runShare,
};

const floors: Readonly<Record<Quantity, number>> = { openV: floorV, shortA: floorA, runV: floorV, runA: floorA };

/** How far a reading may be off, as one sigma, where one of the two values is the true one. */
export function sigmaOf(quantity: Quantity, a: number, b: number): number {
  return floors[quantity] + shares[quantity] * Math.max(Math.abs(a), Math.abs(b));
}

/**
 * Panels in a string that is held far below its best share its volts by the last hundredth of their amps: what one of them then shows
 * while it runs says little.
 */
function looseV(at: Place, quantity: Quantity, due: Shown | null): number {
  if (at.type !== "panel" || quantity !== "runV" || due === null || due.openV === null || due.runV === null) return 0;
  return due.runV < flatShare * due.openV ? looseShare * due.openV : 0;
}

const flatShare = 0.74;
export const looseShare = 0.35;

type Missed = { readonly quantity: Quantity; readonly off: number; readonly is: number; readonly sigma: number };

export function missedBy(prediction: Prediction, readings: readonly Reading[]): Missed[] {
  return readings.flatMap((reading) => {
    const due = shownAt(prediction, reading.at);
    return quantities.flatMap((quantity): Missed[] => {
      const [read, is] = [reading[quantity], due?.[quantity] ?? null];
      return read === null || is === null
        ? []
        : [{ quantity, off: read - is, is, sigma: sigmaOf(quantity, is, read) + looseV(reading.at, quantity, due) }];
    });
  });
}

/** Labels, air and the meter are off in all volts alike: known within this share, one sigma. */
const sharedVoltsSigma = 0.022;

/** By what share all volts are off together: the likeliest, those left out that no such share explains. */
export function sharedVolts(missed: readonly Missed[]): number {
  let [top, bottom] = [0, 1 / sharedVoltsSigma ** 2];
  for (const { quantity, off, is, sigma } of missed) {
    if (quantity !== "openV" && quantity !== "runV") continue;
    if (Math.abs(off) > 3 * sigma + 0.06 * Math.abs(is)) continue;
    top += (off * is) / sigma ** 2;
    bottom += is ** 2 / sigma ** 2;
  }
  return top / bottom;
}

/** Twice the unlikelihood of all readings in a world: squares of misses in units of what meters may be off. */
export function missOf(prediction: Prediction, readings: readonly Reading[]): number {
  const missed = missedBy(prediction, readings);
  const shared = sharedVolts(missed);
  return missed.reduce(
    (sum, { quantity, off, is, sigma }) => {
      const own = quantity === "openV" || quantity === "runV" ? off - shared * is : off;
      return sum + Math.min(maxMiss, (own / sigma) ** 2);
    },
    (shared / sharedVoltsSigma) ** 2,
  );
}
