import { wakeV } from "../../input";
import { type Plan, type PortSheet } from "../../plan";
import { assumedFuseA, brightSkyFactor, fuseSizeA } from "../../fuse";
import { type Common } from "../../rules";
import { type RowMix } from "../exact";
import { type PanelClass } from "./classes";
import { type Growing } from "./nets";

/** What of a row decides whether it may stand before a port. */
export type RowFacts = {
  /** Most volts in the cold, with nothing connected and while it runs. */ readonly coldV: number;
  readonly coldRunningV: number;
  /** Label amps of its strongest panel. */ readonly iscA: number;
  /** The least series fuse rating, and the least that its insulation bears; Infinity where no label says. */
  readonly fuseA: number;
  readonly systemV: number;
  readonly labelW: number;
};

export function rowFacts(row: RowMix, classes: readonly PanelClass[], common: Pick<Common, "cold">): RowFacts {
  let facts: RowFacts = {
    coldV: 0,
    coldRunningV: 0,
    iscA: 0,
    fuseA: Infinity,
    systemV: Infinity,
    labelW: 0,
  };
  for (const [at, n] of row.entries()) {
    const kind = classes[at]?.kind;
    if (kind === undefined || n === 0) continue;
    const { label } = kind.fit;
    const { mostV, runningV } = common.cold(kind);
    facts = {
      coldV: facts.coldV + n * mostV,
      coldRunningV: facts.coldRunningV + n * runningV,
      iscA: Math.max(facts.iscA, label.iscA),
      fuseA: Math.min(facts.fuseA, label.maxSeriesFuseA ?? assumedFuseA(label.pmaxW)),
      systemV: Math.min(facts.systemV, label.maxSystemV ?? Infinity),
      labelW: facts.labelW + n * label.pmaxW,
    };
  }
  return facts;
}

/** Whether a row may stand before a port at all: rules 1 and 6, which ask only for the row with the most volts. */
export function bearsRow(port: PortSheet, { coldV, coldRunningV, systemV }: RowFacts): boolean {
  const volts = port.ceilingBasis === "vmp" ? coldRunningV : coldV;
  return port.maxV !== null && volts <= port.maxV && coldV <= systemV;
}

type Sums = {
  readonly rows: number;
  readonly sumA: number;
  readonly leastA: number;
  readonly mostA: number;
  readonly fuseA: number;
  readonly labelW: number;
};

/**
 * Whether rows may stand before a port together, as far as sums tell: Stops that a net has and that each net with more rows has too, so that
 * nothing is looked for behind them. All else is left to the rules.
 * - Fuses: with a row more, the amps of all but the weakest row and the most amps of a row do not fall, the least rating does not
 *   rise; so a fuse that is needed stays needed, and where no standard fuse lies between the two none will.
 * - Watts never to be exceeded are held against the labels' sum or more.
 * - Amps never to be exceeded, of a limit whose range holds the waking volts: an array that wakes sweeps through it, and one that
 *   never wakes is a Stop of its own; so whatever stands there, a quarter over the labels' sum must keep it.
 */
export function bearsTogether(port: PortSheet, rows: readonly RowFacts[], schools: Plan["schools"]): Growing<Sums> {
  const mostW = port.maxW !== null && port.maxWNature === "neverExceed" ? port.maxW : Infinity;
  const wakingV = wakeV(port) ?? 0;
  const mostA = port.currentLimits.reduce(
    (least, { amps, nature, fromV, toV }) =>
      amps !== null && nature === "neverExceed" && (fromV ?? 0) <= wakingV && (toV ?? Infinity) >= wakingV
        ? Math.min(least, amps)
        : least,
    Infinity,
  );
  return {
    start: { rows: 0, sumA: 0, leastA: Infinity, mostA: 0, fuseA: Infinity, labelW: 0 },
    add: (sums, at) => {
      const row = rows[at];
      if (row === undefined) return null;
      const grown: Sums = {
        rows: sums.rows + 1,
        sumA: sums.sumA + row.iscA,
        leastA: Math.min(sums.leastA, row.iscA),
        mostA: Math.max(sums.mostA, row.iscA),
        fuseA: Math.min(sums.fuseA, row.fuseA),
        labelW: sums.labelW + row.labelW,
      };
      if (grown.labelW > mostW || brightSkyFactor * grown.sumA > mostA) return null;
      const backfeedA = brightSkyFactor * (grown.sumA - grown.leastA);
      const isNeeded = backfeedA > grown.fuseA || (schools.fuse === "strict" && grown.sumA > grown.fuseA);
      return grown.rows > 1 && isNeeded && fuseSizeA(grown.mostA, grown.fuseA) === null ? null : grown;
    },
  };
}
