import { dropLimitOf } from "../../engine/cable";
import { lossThatCounts, wayLength } from "./runs";
import { type ResolvedRun } from "./resolve-run";

/** What all cables of a port lose one behind another, from the panels to the controller. */
export type WholeDrop = {
  readonly dropV: number;
  readonly dropPct: number;
  /** What may be lost, %: the limit of the standard, or the one that is said. */ readonly limitPct: number;
  readonly lossW: number;
  /** One way, by the longest string, mm. */ readonly lengthMm: number;
  readonly impA: number;
  readonly vmpV: number;
};

/**
 * The voltage drop of a port's cables together: of the strings' own cables the one that loses most, then those that all share. Each by the
 * size that counts, at Imp, in % of the lowest string's Vmp. Null with no cable that can be sized.
 */
export function wholeDrop(runs: readonly ResolvedRun[]): WholeDrop | null {
  const sized = runs.flatMap((run) => {
    const loss = lossThatCounts(run);
    return loss === null || run.ask === null ? [] : [{ run, ask: run.ask, loss }];
  });
  const strings = sized.filter(({ run }) => run.part === "string");
  const shared = sized.filter(({ run }) => run.part !== "string");
  const [first] = [...shared, ...strings];
  if (first === undefined) return null;
  const { ask } = first;
  const worstV = Math.max(0, ...strings.map(({ loss }) => loss.dropV));
  const dropV = shared.reduce((sum, { loss }) => sum + loss.dropV, worstV);
  return {
    dropV,
    dropPct: (100 * dropV) / ask.vmpV,
    limitPct: dropLimitOf(ask),
    lossW: sized.reduce((sum, { loss }) => sum + loss.lossW, 0),
    lengthMm: wayLength(sized.map(({ run }) => run)).wholeMm,
    impA: ask.impA,
    vmpV: ask.vmpV,
  };
}
