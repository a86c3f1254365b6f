import { dropOf, runOhm } from "./drop";
import { cableStandards } from "./standards";
import { ampacityOf, type CableSize, capOf, isInTables, type Laid, sizesOf } from "./tables";

/** A cable as it is judged: what flows in it, how long it is and how it is laid. */
export type RunAsk = Laid & {
  /** A portable lead lies in the air and is put away: it counts with less. */ readonly isPortable: boolean;
  readonly metresOneWay: number;
  /** Of the copper while it works. */ readonly conductorC: number;
  readonly iscA: number;
  readonly impA: number;
  /** Operating volts of the lowest string, of which the drop is a share. */ readonly vmpV: number;
  readonly maxDropPct: number;
  /** What a fault can push through it: its fuse, or backfeed; of a battery cable its fuse. Null: nothing. */
  readonly faultA: number | null;
};

export type SizedRun = {
  readonly size: CableSize;
  /** What it can carry where it lies, A; null: no table reaches there. */ readonly ampacityA: number | null;
  readonly ohm: number;
  readonly dropV: number;
  readonly dropPct: number;
  readonly lossW: number;
};

/** A cable carries so many times the short-circuit current: 1.25 × 1.25 where it is fixed (NEC 690.8), 1.25 on portable leads. */
export const fixedFactor = 1.56;
export const portableFactor = 1.25;

/** What the sun can push through it for hours, A. */
export function designOf({ isPortable, iscA }: Pick<RunAsk, "isPortable" | "iscA">): number {
  return (isPortable ? portableFactor : fixedFactor) * iscA;
}

/** What it must be able to carry: by the sun, and by a fault. */
export function mustCarry(ask: Pick<RunAsk, "isPortable" | "iscA" | "faultA">): number {
  return Math.max(designOf(ask), ask.faultA ?? 0);
}

/** The drop that is allowed, %: as asked, or less where the standard says so. */
export function dropLimitOf({ standard, maxDropPct }: Pick<RunAsk, "standard" | "maxDropPct">): number {
  return Math.min(maxDropPct, cableStandards[standard].maxDropPct ?? Infinity);
}

/** The most it may have to carry, A: its ampacity as laid, on land no more than its cap; null where no table reaches. */
export function maxAmps(size: CableSize, ask: RunAsk): number | null {
  const ampacityA = ampacityOf(size, ask, mustCarry(ask));
  const capA = capOf(size, ask);
  return ampacityA === null || capA === null ? ampacityA : Math.min(ampacityA, capA);
}

/** Whether a size can carry what it must where it lies. */
export function canCarry(size: CableSize, ask: RunAsk): boolean {
  const maxA = maxAmps(size, ask);
  return maxA !== null && maxA >= mustCarry(ask) * (1 - rounding);
}

/** A run of some size, whether or not it is enough. */
export function sizedRun(size: CableSize, ask: RunAsk): SizedRun {
  const ampacityA = ampacityOf(size, ask, mustCarry(ask));
  const ohm = runOhm(size, ask.metresOneWay, ask.conductorC);
  return { size, ampacityA, ohm, ...dropOf(ohm, ask.impA, ask.vmpV) };
}

/** Why there is no size: it is hotter, or shares with more circuits, than any table has; or the thickest is too thin. */
export type NoSize = "noTable" | "noSize";

/** The smallest cable of the standard that can carry what it must with no more drop than is allowed; else why there is none. */
export function chooseSize(ask: RunAsk): SizedRun | NoSize {
  for (const size of sizesOf(ask)) {
    const run = sizedRun(size, ask);
    if (canCarry(size, ask) && run.dropPct <= dropLimitOf(ask)) return run;
  }
  return isInTables(ask) ? "noSize" : "noTable";
}
/** Two sums of the same numbers may part in the last digits. */
const rounding = 1e-9;
