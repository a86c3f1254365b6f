import { type SolveCache } from "@/core/plan-model";
import { quietly } from "@/core/engine/generators";
import { keyOf, type PortArray, type PanelKey } from "@/core/engine/array";
import { type Bench, glanceHours } from "./search-context";
import { fewHours } from "./few-hours";
import { hasStop, judged, portArraysOf } from "./judge";
import { jointWh } from "./joint";
import { type Chosen, choose, type Offer, offerOf, type Point, ranked, scaleOf } from "./offers";
import { type LeftOut } from "./problem";
import { searchBest } from "./search";
import { createScale } from "./bounds";
import { fine, type Part, type Survey, surveyAbout, surveyMax, together } from "./survey";

/** What the finder has to say of a plan. */
export type Arranged = {
  /** The best of each kind, the one with the most energy first. None: nothing that may be connected. */
  readonly offers: readonly Offer[];
  readonly points: readonly Point[];
  /** Sets of strings before a port that were gone through, and wirings put together of those worth it. */
  readonly nets: number;
  readonly combos: number;
  /** By how much another wiring could bring more than the best, %: 0 when it is proved to be the best. */
  readonly gapPct: number;
  /** Whether all there is was gone through. */ readonly isComplete: boolean;
  readonly leftOut: readonly LeftOut[];
  /** Panels of which it does not matter which stands where, by their keys. */
  readonly alike: readonly (readonly PanelKey[])[];
  /** How many hours stand for the year in the ranking. */ readonly hours: number;
};

export type ArrangeProgress = { readonly share: number; readonly found: Arranged | null };

/** How far a proof goes: so many nets solved, or to the end. */
export const quickProof = 250;

/** A wiring that nothing stops, told before the search is done. */
export type FirstLook = {
  readonly portArrays: readonly PortArray[];
  readonly score: number;
  /** Of each month, in what the score is told in. */ readonly byMonth: readonly number[];
};

/** The best at a glance: a few hours stand for all. What it brings is worked out, and it is judged; only another may be better. */
export function* firstLook({ problem, meter }: Bench): Generator<undefined, FirstLook | null> {
  const { at, hours } = fewHours(problem, glanceHours);
  const looks = problem.hours.length <= hours.length ? fine(problem) : { at, hours, steps: 16 };
  const surveys: Survey[] = [];
  for (const kind of problem.kinds) {
    const scale = yield* createScale(kind, meter, looks);
    surveys.push(glanced(yield* surveyAbout(kind.nets, scale, glanceUnlike), kind.nets.used));
  }
  const { best } = yield* quietly(searchBest(problem, meter, surveys, [], glanceSolved));
  if (best === null) return null;
  const portArrays = portArraysOf(problem, best.placings);
  // ports that share a limit may stop together what each bears alone
  if (hasStop(judged(problem, portArrays))) return null;
  const { wh, byMonthWh } = jointWh(problem, meter, best.placings);
  const scale = scaleOf(problem);
  return { portArrays, score: scale * wh, byMonth: byMonthWh.map((each) => scale * each) };
}

/** Nets solved before it is told: those of what looks best, and of another where these turn out to be less. */
const glanceSolved = 3;
/** Unlike strings before one port in a first look, at most. */
const glanceUnlike = 2;
/** Nets that look worse than this beside others of the same panels are no part of a first look. */
const glanceShare = 0.97;

function glanced(aboutWh: Float64Array, used: Int32Array): Survey {
  const best = new Map<number, number>();
  for (const [net, set] of used.entries()) best.set(set, Math.max(best.get(set) ?? 0, aboutWh[net] ?? 0));
  const maxWh = aboutWh.map((wh, net) => (wh >= glanceShare * (best.get(used[net] ?? 0) ?? 0) ? wh : 0));
  return { aboutWh, maxWh, tight: new Uint8Array(aboutWh.length).fill(1) };
}

export type Bounds = Pick<Survey, "maxWh" | "tight">;

/** A part of the bounds of all nets, by kind of port: for several workers. */
export function* boundsOf(bench: Bench, part: Part): Generator<undefined, readonly Bounds[]> {
  const about = yield* bench.about();
  const scales = yield* bench.scales();
  const found: Bounds[] = [];
  for (const [at, { nets }] of bench.problem.kinds.entries()) {
    const [scale, wh] = [scales[at], about.wh[at]];
    if (scale === undefined || wh === undefined) throw new Error("every kind of port has its scale");
    found.push(yield* surveyMax(nets, scale, wh, part));
  }
  return found;
}

/**
 * The finder: bounds of all nets (or those that others found), the best wiring and how sure it is, the best of each other kind, and
 * the field of all. Tells what it has so far.
 */
export function* arrange(
  bench: Bench,
  given: readonly (readonly Bounds[])[] | null,
  maxSolved: number,
  memory: SolveCache,
  /** Whether the whole year of each offer is gone through at the end; else a quick one stands. */ wholeYears = true,
): Generator<ArrangeProgress | undefined, Arranged> {
  const { problem, meter } = bench;
  const about = yield* bench.about();
  yield { share: 0.15, found: null };
  const scales = yield* bench.scales();
  yield { share: 0.3, found: null };
  const parts = given ?? [yield* boundsOf(bench, { at: 0, of: 1 })];
  const surveys = problem.kinds.map((_, at): Survey => {
    const wh = about.wh[at];
    if (wh === undefined) throw new Error("every kind of port was looked at");
    return { aboutWh: wh, ...together(parts.flatMap((part) => part[at] ?? [])) };
  });
  yield { share: 0.5, found: null };
  const search = searchBest(problem, meter, surveys, scales, maxSolved);
  let step = search.next();
  let since = 0;
  for (; !step.done; step = search.next()) {
    const { solved, gapPct } = step.value;
    since += 1;
    yield {
      share: Number.isFinite(maxSolved) ? 0.5 + (0.2 * solved) / maxSolved : closeness(gapPct, since),
      found: null,
    };
  }
  const chosen = yield* choose(bench, about, step.value);
  return yield* toldOf(bench, chosen, memory, wholeYears);
}

/** How near a proof is to its end, by the gap that is left: nobody knows how long the last of it takes. */
function closeness(gapPct: number | null, since: number): number {
  return 0.5 + 0.2 * (1 - Math.min(1, (gapPct ?? 5) / 5)) * Math.min(1, since / 20);
}

/** The chosen ones worked out in full, one after another; what there is so far is told each time. */
function* toldOf(
  { problem }: Pick<Bench, "problem">,
  chosen: Chosen,
  memory: SolveCache,
  wholeYears: boolean,
): Generator<ArrangeProgress | undefined, Arranged> {
  const { champions, combos } = chosen;
  const offers: Offer[] = [];
  let points: readonly Point[] = [];
  const told = (): Arranged => ({
    ...ranked(offers, chosen),
    points,
    nets: problem.kinds.reduce((sum, { nets }) => sum + nets.count, 0),
    combos,
    isComplete: problem.isComplete,
    leftOut: problem.leftOut,
    alike: problem.classes.map(({ tiles }) => tiles.map(keyOf)),
    hours: problem.hours.length,
  });
  for (const champion of champions) {
    offers.push(yield* offerOf(problem, champion, memory));
    yield { share: 0.7 + (0.1 * offers.length) / champions.length, found: told() };
  }
  points = yield* chosen.field();
  yield { share: 0.85, found: told() };
  // the whole year of each, so that it is told as everywhere else
  for (const [at, { titles, portArrays }] of wholeYears ? champions.entries() : []) {
    const whole = yield* offerOf(problem, { titles, portArrays }, memory, "full");
    offers[at] = whole;
    yield { share: 0.85 + (0.15 * (at + 1)) / champions.length, found: told() };
  }
  return told();
}
