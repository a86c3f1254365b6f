import { wakeV } from "@/core/engine/pv-input";
import { type PortSheet } from "@/core/plan";
import { assumedFuseA, brightSkyFactor, fuseFactor, fuseSizeA } from "@/core/engine/fuse";
import { type SharedContext } from "@/core/plan-model";
import { type StringMix } from "../exact";
import { type PanelClass } from "./classes";
import { type Growing } from "./nets";

/** What of a string decides whether it may stand before a port. */
export type StringFacts = {
  /** Most volts in the cold, with nothing connected and while it runs. */ readonly coldV: number;
  readonly coldRunningV: number;
  /** Label amps of its strongest panel. */ readonly iscA: number;
  /** The least max series fuse rating, and the least max system voltage; Infinity where no label says. */
  readonly fuseA: number;
  /** The same without ratings assumed against a panel's own Isc: those are questions, no Stops. */ readonly sureFuseA: number;
  readonly systemV: number;
  readonly labelW: number;
};

export function stringFacts(
  string: StringMix,
  classes: readonly PanelClass[],
  common: Pick<SharedContext, "cold">,
): StringFacts {
  let facts: StringFacts = {
    coldV: 0,
    coldRunningV: 0,
    iscA: 0,
    fuseA: Infinity,
    sureFuseA: Infinity,
    systemV: Infinity,
    labelW: 0,
  };
  for (const [at, n] of string.entries()) {
    const kind = classes[at]?.kind;
    if (kind === undefined || n === 0) continue;
    const { label } = kind.fit;
    const { maxV, runningV } = common.cold(kind);
    const ratingA = label.maxSeriesFuseA ?? assumedFuseA(label.pmaxW);
    const isGuess = label.maxSeriesFuseA === null && fuseFactor * label.iscA > ratingA;
    facts = {
      coldV: facts.coldV + n * maxV,
      coldRunningV: facts.coldRunningV + n * runningV,
      iscA: Math.max(facts.iscA, label.iscA),
      fuseA: Math.min(facts.fuseA, ratingA),
      sureFuseA: isGuess ? facts.sureFuseA : Math.min(facts.sureFuseA, ratingA),
      systemV: Math.min(facts.systemV, label.maxSystemV ?? Infinity),
      labelW: facts.labelW + n * label.pmaxW,
    };
  }
  return facts;
}

/** Whether a string may stand before a port at all: rules 1 and 6, which ask only for the string with the most volts. */
export function bearsString(port: PortSheet, { coldV, coldRunningV, systemV }: StringFacts): boolean {
  const volts = port.ceilingBasis === "vmp" ? coldRunningV : coldV;
  return port.maxV !== null && volts <= port.maxV && coldV <= systemV;
}

type Sums = {
  readonly strings: number;
  readonly sumA: number;
  /** The most that all strings together may give for the sake of those that no fuse fits, A. */ readonly maxSumA: number;
  readonly labelW: number;
};

/**
 * Whether strings may stand before a port together, as far as sums tell: Stops that a net has and that each net with more strings has too, so that
 * nothing is looked for behind them. All else is left to the rules.
 * - Fuses: with a string more, what the others push into each does not fall; so where one needs a fuse and no standard size fits it, it
 *   stays so.
 * - Watts never to be exceeded are held against the labels' sum or more.
 * - Amps never to be exceeded, of a limit whose range holds the waking volts: an array that wakes sweeps through it, and one that
 *   never wakes is a Stop of its own; so whatever stands there, a quarter over the labels' sum must keep it.
 */
export function bearsTogether(port: PortSheet, strings: readonly StringFacts[], isStrict: boolean): Growing<Sums> {
  const maxW = port.maxW !== null && port.maxWNature === "neverExceed" ? port.maxW : Infinity;
  const wakingV = wakeV(port) ?? 0;
  const maxA = port.currentLimits.reduce(
    (least, { amps, nature, fromV, toV }) =>
      amps !== null && nature === "neverExceed" && (fromV ?? 0) <= wakingV && (toV ?? Infinity) >= wakingV
        ? Math.min(least, amps)
        : least,
    Infinity,
  );
  return {
    start: { strings: 0, sumA: 0, maxSumA: Infinity, labelW: 0 },
    add: (sums, at) => {
      const string = strings[at];
      if (string === undefined) return null;
      const grown: Sums = {
        strings: sums.strings + 1,
        sumA: sums.sumA + string.iscA,
        maxSumA: Math.min(sums.maxSumA, maxSumA(string, isStrict)),
        labelW: sums.labelW + string.labelW,
      };
      if (grown.labelW > maxW || brightSkyFactor * grown.sumA > maxA) return null;
      return grown.strings > 1 && grown.sumA > grown.maxSumA * (1 + rounding) ? null : grown;
    },
  };
}
/** Sums of the same amps may part in the last digits. */
const rounding = 1e-9;

/** Of a string that no standard fuse fits: how much it and those beside it may give together before it needs one, A. */
function maxSumA({ iscA, sureFuseA }: StringFacts, isStrict: boolean): number {
  if (sureFuseA === Infinity || fuseSizeA(iscA, sureFuseA) !== null) return Infinity;
  return isStrict ? Math.min(sureFuseA, sureFuseA / brightSkyFactor + iscA) : sureFuseA / brightSkyFactor + iscA;
}

/** How many of some strings in parallel have to have a fuse. */
export function fusesFor(strings: readonly StringFacts[], isStrict: boolean): number {
  const sumA = strings.reduce((sum, { iscA }) => sum + iscA, 0);
  return strings.length < 2
    ? 0
    : strings.filter(
        ({ iscA, fuseA }) =>
          brightSkyFactor * (sumA - iscA) > fuseA * (1 + rounding) || (isStrict && sumA > fuseA * (1 + rounding)),
      ).length;
}
