import { assumedFuseA, brightSkyFactor, fuseSizeA } from "../fuse";
import { type LaneContext, kindOf } from "./context";
import { rowCurrent } from "./current";
import { type Assumption, type Judged, type Level } from "./finding";
import { type LaneRule } from "./rule";
import { usedIn } from "../wiring";

/** What the other rows could push into a row that fails, and the fuse that would stop it. */
export type FuseFacts = {
  readonly rows: number;
  /** Short circuit of the strongest row, and of all rows but the weakest, A. */
  readonly iscA: number;
  readonly backfeedA: number;
  readonly marginedA: number;
  /** Short circuit of all rows, A, where the strict school asks for fuses by it and ours would not; else null. */
  readonly strictA: number | null;
  /** The least series fuse rating in these rows, A, and whose it is. */
  readonly ratingA: number;
  readonly panelName: string;
  /** The smallest standard fuse from 1.56 × Isc up to that rating, A; null when there is none. */
  readonly sizeA: number | null;
  readonly couldBlow: boolean;
  /** In how many of the rows one is said to be fitted. */ readonly fitted: number;
};

export type FuseReason = {
  readonly type: "fuses";
  readonly outcome: FuseOutcome;
} & FuseFacts;

type FuseOutcome = "noneFits" | "fuseEach" | "fuseRest" | "fitted" | "strictOnly" | "notNeeded";

/**
 * Fuses of rows in parallel: a row that fails can be fed by all the others. Backfeed rule: each row needs a fuse when
 * 1.25 × what the others give passes the panels' series fuse rating (NEC 690.9(A)); the strict school, when all rows
 * together do: said, and where the plan keeps to it, judged. Blocking diodes do not count: they fail short. Fuses that are said to be
 * fitted end it, whatever their size, which is judged where they sit. Null with fewer than two rows.
 */
export function fuses(context: LaneContext): Judged<FuseReason> | null {
  const rows = context.lane.rows
    .map((row) => ({
      iscA: rowCurrent(context, row),
      tiles: usedIn([row]),
      isFused: context.copper.fusesA.has(row.id ?? ""),
    }))
    .filter(({ tiles }) => tiles.length > 0);
  if (rows.length < 2) return null;
  const amps = rows.map(({ iscA }) => iscA);
  const allA = amps.reduce((sum, each) => sum + each, 0);
  const iscA = Math.max(...amps);
  const backfeedA = allA - Math.min(...amps);
  const least = leastRating(context);
  const sizeA = fuseSizeA(iscA, least.ratingA);
  const facts: FuseFacts = {
    rows: rows.length,
    iscA,
    backfeedA,
    marginedA: brightSkyFactor * backfeedA,
    strictA:
      context.schools.fuse === "strict" && allA > least.ratingA && brightSkyFactor * backfeedA <= least.ratingA
        ? allA
        : null,
    ratingA: least.ratingA,
    panelName: least.panelName,
    sizeA,
    couldBlow: sizeA !== null && backfeedA > sizeA,
    fitted: rows.filter(({ isFused }) => isFused).length,
  };
  const { level, outcome } = grade(facts, allA);
  const judgedA = facts.strictA ?? facts.marginedA;
  return {
    level,
    value: { value: judgedA, unit: "A" },
    limit: { value: facts.ratingA, unit: "A" },
    marginPct: 100 * (1 - judgedA / facts.ratingA),
    assumptions: least.assumed,
    reason: { type: "fuses", outcome, ...facts },
    tiles: [],
  };
}

/** The panel in use with the least series fuse rating. */
function leastRating(context: LaneContext): { ratingA: number; panelName: string; assumed: Assumption[] } {
  const ratings = context.tiles.map((tile) => {
    const { name, fit } = kindOf(context, tile);
    const stated = fit.label.maxSeriesFuseA;
    const ratingA = stated ?? assumedFuseA(fit.label.pmaxW);
    const assumed: Assumption[] = stated === null ? [{ type: "fuseRating", panelName: name, amps: ratingA }] : [];
    return { ratingA, panelName: name, assumed };
  });
  return ratings.reduce((least, each) => (each.ratingA < least.ratingA ? each : least));
}

function grade(
  { marginedA, strictA, ratingA, sizeA, fitted, rows }: FuseFacts,
  allA: number,
): { level: Level; outcome: FuseOutcome } {
  if (marginedA > ratingA || strictA !== null) {
    if (sizeA === null) return { level: "stop", outcome: "noneFits" };
    if (fitted === rows) return { level: "good", outcome: "fitted" };
    return { level: "care", outcome: fitted > 0 ? "fuseRest" : "fuseEach" };
  }
  return allA > ratingA ? { level: "note", outcome: "strictOnly" } : { level: "good", outcome: "notNeeded" };
}

export const fusesRule: LaneRule<"fuses", FuseReason> = {
  id: "fuses",
  stop: "protect",
  sense: "atMost",
  chart: { skies: [], edge: null },
  mendedBy: "copper",
  ofInput: false,
  judge: fuses,
};
