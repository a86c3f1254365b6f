import { dropOf, runOhm } from "./drop";
import { type CableBook, type CableSize, heatFactor, sizeNamed, sizesOf } from "./tables";

/** A cable as it is judged: what flows in it, how long and how warm it is, by which book. */
export type RunAsk = {
  readonly book: CableBook;
  /** A portable lead lies in the air and is put away: it counts with less. */ readonly isPortable: boolean;
  readonly metresOneWay: number;
  readonly ambientC: number;
  /** Of the copper while it works. */ readonly conductorC: number;
  readonly iscA: number;
  readonly impA: number;
  /** Running volts of the lowest row, of which the drop is a share. */ readonly vmpV: number;
  readonly maxDropPct: number;
  /** What it must carry besides: the fuse that guards it, or what other rows can push into it; 0: nothing. */
  readonly leastA?: number;
};

export type SizedRun = {
  readonly size: CableSize;
  /** What it carries where it lies. */ readonly ampacityA: number;
  readonly ohm: number;
  readonly dropV: number;
  readonly dropPct: number;
  readonly lossW: number;
};

/** A cable carries so many times the short-circuit current: 1.25 × 1.25 where it is fixed (NEC 690.8), 1.25 on portable leads. */
export const fixedFactor = 1.56;
export const portableFactor = 1.25;
/** Most that boats allow, whatever is asked (ABYC E-11, critical circuits). */
export const marineDropPct = 3;

export function designOf({ isPortable, iscA, leastA = 0 }: Pick<RunAsk, "isPortable" | "iscA" | "leastA">): number {
  return Math.max((isPortable ? portableFactor : fixedFactor) * iscA, leastA);
}

/** The drop that is allowed, %. */
export function dropLimitOf({ book, maxDropPct }: Pick<RunAsk, "book" | "maxDropPct">): number {
  return book === "marine" ? Math.min(maxDropPct, marineDropPct) : maxDropPct;
}

/** What it may carry at most as protected: its ampacity where it lies, on land no more than its cap; null where no table reaches so warm. */
export function mostAmps(size: CableSize, { book, ambientC }: Pick<RunAsk, "book" | "ambientC">): number | null {
  const factor = heatFactor(sizeNamed(size.name)?.isMetric ?? false, ambientC);
  if (factor === null) return null;
  const ampacityA = factor * size.ampacityA;
  return book === "land" && size.capA !== null ? Math.min(ampacityA, size.capA) : ampacityA;
}

/** A run of some size; null where it is too warm for its table. */
export function sizedRun(size: CableSize, ask: RunAsk): SizedRun | null {
  const factor = heatFactor(sizeNamed(size.name)?.isMetric ?? false, ask.ambientC);
  if (factor === null) return null;
  const ohm = runOhm(size, ask.metresOneWay, ask.conductorC);
  return { size, ampacityA: factor * size.ampacityA, ohm, ...dropOf(ohm, ask.impA, ask.vmpV) };
}

/** The smallest cable of the book that carries it and keeps its volts; null when the largest does not. */
export function chooseSize(ask: RunAsk): SizedRun | null {
  for (const size of sizesOf(ask.book)) {
    const run = sizedRun(size, ask);
    const mostA = mostAmps(size, ask);
    if (run !== null && mostA !== null && mostA >= designOf(ask) && run.dropPct <= dropLimitOf(ask)) return run;
  }
  return null;
}
