import {
  branchesOfStrings,
  type BranchPlace,
  isFuseStrict,
  minRated,
  needsFuse,
  type RatedPanel,
  type WiredBranch,
} from "../cabling";
import { assumedFuseA, brightSkyFactor, fuseFactor, fuseSizeA } from "../../engine/fuse";
import { type PortArrayContext, kindOf, type Assumption } from "../../plan-model";
import { type Amount, type RuleOutcome, type Level, type PortArrayRule } from "../../checks";

/** What the others of its sets could push into the branch that is worst off, and the fuse that would stop it. */
export type FuseFacts = {
  readonly place: BranchPlace;
  readonly iscA: number;
  readonly backfeedA: number;
  readonly marginedA: number;
  /** Backfeed and its own Isc, A, where the strict rule asks for its fuse by it and the usual one would not; else null. */
  readonly strictA: number | null;
  /** Its max series fuse rating, A, whose it is, and whether its label states it. */
  readonly ratingA: number;
  readonly panelName: string;
  readonly ratingIsAssumed: boolean;
  /** The smallest standard fuse from 1.56 × Isc up to that rating, A; null when there is none. */
  readonly sizeA: number | null;
  readonly couldBlow: boolean;
  /** Rated amps of the fuse or breaker that is fitted there, A; null: none is. */ readonly fittedA: number | null;
  /** Branches of the port, those that have to have a fuse, and those of them that have none yet, with its size, A. */
  readonly branches: number;
  readonly needed: number;
  readonly missing: readonly {
    readonly place: BranchPlace;
    readonly stringId: string | null;
    readonly sizeA: number | null;
  }[];
};

export type FuseReason = {
  readonly type: "fuses";
  readonly outcome: FuseOutcome;
} & FuseFacts;

type FuseOutcome = "noneFits" | "ratingAsked" | "fuseEach" | "fuseRest" | "fitted" | "strictOnly" | "notNeeded";
type Graded = { readonly branch: WiredBranch; readonly outcome: FuseOutcome };

/** Worst first: what is told of a port is told of the branch with the worst of these. */
const outcomes: Readonly<Record<FuseOutcome, Level>> = {
  noneFits: "stop",
  ratingAsked: "open",
  fuseEach: "care",
  fuseRest: "care",
  fitted: "good",
  strictOnly: "note",
  notNeeded: "good",
};

/**
 * Fuses of every branch of every parallel set, strings and groups inside strings alike: one that fails can be fed by all others of its
 * set and of every set around it. By its own numbers each needs a fuse when 1.25 × that is over its panels' max series fuse rating
 * (NEC 690.9(A)); by the strict rule, when it and its own Isc are: said, and where the plan keeps to it, judged. Where one is needed
 * and none fits, it is a Stop; a question where that hangs on a rating assumed against the panel's own Isc. Blocking diodes do not
 * count: they fail short. Fuses that are fitted are judged where they sit. Null where nothing stands in parallel.
 */
export function fuses(context: PortArrayContext): RuleOutcome<FuseReason> | null {
  const branches = branchesOfStrings(context.portArray.strings, (tile) => {
    const { name, fit } = kindOf(context, tile);
    const stated = fit.label.maxSeriesFuseA;
    return {
      name,
      iscA: fit.label.iscA,
      ratingA: stated ?? assumedFuseA(fit.label.pmaxW),
      isAssumed: stated === null,
    };
  });
  if (branches === null || branches.length === 0) return null;
  const isStrict = isFuseStrict(context);
  const fittedA = ({ string }: WiredBranch) =>
    string.id === null ? null : (context.copper.fusesA.get(string.id) ?? null);
  const needing = branches.filter((branch) => needsFuse(branch, isStrict));
  const missing = needing.filter((branch) => fittedA(branch) === null);
  const graded = branches
    .filter(({ ratingA }) => ratingA !== null)
    .map((branch): Graded => ({ branch, outcome: outcomeOf(branch) }));
  const [worst] = graded.sort((a, b) => rank(a) - rank(b) || shareOf(b.branch) - shareOf(a.branch));
  if (worst === undefined) return null;
  const { branch, outcome } = worst;
  const least = minRated(branch);
  const ratingA = branch.ratingA ?? 0;
  const marginedA = brightSkyFactor * branch.backfeedA;
  const facts: FuseFacts = {
    place: branch.place,
    iscA: branch.iscA,
    backfeedA: branch.backfeedA,
    marginedA,
    strictA: isStrict && branch.neededByStrict && !branch.neededByBackfeed ? branch.backfeedA + branch.iscA : null,
    ratingA,
    panelName: least?.name ?? "",
    ratingIsAssumed: least?.isAssumed ?? false,
    sizeA: branch.sizeA,
    couldBlow: branch.couldBlow,
    fittedA: fittedA(branch),
    branches: branches.length,
    needed: needing.length,
    missing: missing.map(({ place, string, sizeA }) => ({ place, stringId: string.id, sizeA })),
  };
  // with its fuse in, that is what can flow through it
  const judgedA = outcome === "fitted" ? (facts.fittedA ?? marginedA) : (facts.strictA ?? marginedA);
  const value: Amount = { value: judgedA, unit: "A" };
  return {
    level: outcomes[outcome],
    value,
    limit: { value: ratingA, unit: "A" },
    marginPct: 100 * (1 - judgedA / ratingA),
    assumptions: assumedIn(branch),
    reason: { type: "fuses", outcome, ...facts },
    tiles: [],
  };

  function outcomeOf(of: WiredBranch): FuseOutcome {
    if (!needsFuse(of, isStrict)) return of.neededByStrict ? "strictOnly" : "notNeeded";
    if (of.sizeA === null) return hangsOnGuess(of, isStrict) ? "ratingAsked" : "noneFits";
    if (fittedA(of) !== null) return "fitted";
    return missing.length < needing.length ? "fuseRest" : "fuseEach";
  }
}

const order: readonly FuseOutcome[] = [
  "noneFits",
  "ratingAsked",
  "fuseEach",
  "fuseRest",
  "strictOnly",
  "fitted",
  "notNeeded",
];
function rank({ outcome }: Graded): number {
  return order.indexOf(outcome);
}
function shareOf({ backfeedA, ratingA }: WiredBranch): number {
  return backfeedA / (ratingA ?? Infinity);
}

/**
 * Whether no fuse fits only because of ratings that were assumed against the panel's own Isc: such a panel has to bear more than that,
 * or it could not be sold. With those left out, the others of the branch would have let a fuse fit, or need none.
 */
function hangsOnGuess({ panels, iscA, backfeedA }: WiredBranch, isStrict: boolean): boolean {
  const isGuess = (panel: RatedPanel) => panel.isAssumed && fuseFactor * panel.iscA > panel.ratingA;
  if (!panels.some(isGuess)) return false;
  const ratingA = Math.min(...panels.filter((panel) => !isGuess(panel)).map((panel) => panel.ratingA));
  const isNeeded = brightSkyFactor * backfeedA > ratingA || (isStrict && backfeedA + iscA > ratingA);
  return !isNeeded || fuseSizeA(iscA, ratingA) !== null;
}

function assumedIn(branch: WiredBranch): Assumption[] {
  const least = minRated(branch);
  return least !== null && least.isAssumed ? [{ type: "fuseRating", panelName: least.name, amps: least.ratingA }] : [];
}

export const fusesRule: PortArrayRule<"fuses", FuseReason> = {
  id: "fuses",
  step: "protection",
  sense: "atMost",
  chart: { skies: [], edge: null },
  fixedBy: "copper",
  ofInput: false,
  judge: fuses,
};
