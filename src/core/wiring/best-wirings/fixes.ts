import { piecesIn, type Plan } from "../../plan";
import {
  judgeAll,
  type Fix,
  type RequiredLimit,
  type FindingWithoutFixes,
  type Fixes,
  ruleOf,
  takenW,
} from "../../assessment";
import {
  solvableById,
  type PortArrayContext,
  portArrayOf,
  type SolvableWiring,
  panelNoonW,
  kindOf,
} from "../../plan-model";
import { levels, passes, worstLevel } from "../../checks";
import { drain } from "../../engine/generators";
import { countsOf, keyOf, maxPieces, samePortArray, standOf, tilesOf } from "../../engine/array";
import { copperFixes, countSizes } from "./cabling-fixes";
import { type Candidate, candidatesFor } from "./candidates";
import { baseFixes } from "./mounting-fixes";
import { layoutFixes } from "./layout-fixes";

/** Wirings whose noon watts differ by less than this share count as equal. */
const sameWatts = 0.001;
/** Fixes offered for one finding: the best, and the best that differ from it in kind. */
const maxOffered = 3;
/** What fixes a loss, and what asks for something to buy, must give this much more. */
const worthMore = 1.02;
/** A wiring that differs from the best in kind is worth a word down to this share of its watts. */
const minShareOfBest = 0.85;

/** What a search has done since it was last asked to go on: a part of a try, or one to its end. */
export type SearchStep = "part" | "tried";

type Tried = {
  readonly candidate: Candidate;
  readonly findings: readonly FindingWithoutFixes[];
  readonly noonW: number;
  readonly bought: number;
  readonly modules: number;
  readonly shelved: number;
};

/**
 * For each finding that does not pass, wirings that make it pass, best first: those that leave no Stop anywhere before
 * those that do, what asks for nothing to buy before what does, then most watts at noon. Found by trying, so a fix shown
 * is one that was seen to work. No fix makes a Stop where there was none, or a Stop worse.
 * `now`: what the rules say of the wiring as it is. Pauses within every try, so that whoever drives it can turn to something newer.
 */
export function* findFixes(
  ready: SolvableWiring,
  now: readonly FindingWithoutFixes[] = judgeAll(ready),
): Generator<SearchStep, ReadonlyMap<string, Fixes>> {
  const remedies = new Map<string, Fixes>();
  for (const finding of now) {
    if (ruleOf(finding.rule).fixedBy !== "layout" || passes(finding.level)) continue;
    remedies.set(finding.id, { fixes: layoutFixes(ready, finding), needs: null });
    yield "tried";
  }
  for (const finding of now) {
    if (ruleOf(finding.rule).fixedBy !== "copper" || finding.level === "good" || finding.level === "open") continue;
    const fixes = copperFixes(ready, finding, now);
    if (fixes.length > 0) remedies.set(finding.id, { fixes, needs: null });
    yield "tried";
  }
  for (const finding of now) {
    if (ruleOf(finding.rule).fixedBy !== "base" || passes(finding.level) || finding.level === "open") continue;
    remedies.set(finding.id, { fixes: baseFixes(ready, finding, now), needs: null });
    yield "tried";
  }
  // a cable that no size fixes may be fixed by fewer amps
  const failing = now.filter(
    ({ id, level, rule }) =>
      !passes(level) &&
      level !== "open" &&
      !remedies.has(id) &&
      (level === "stop" ||
        rule === "cableAmps" ||
        rule === "cableDrop" ||
        !["parts", "nothing", "layout", "copper", "base"].includes(ruleOf(rule).fixedBy)),
  );
  const tried = new Map<PortArrayContext, Tried[]>();
  const nowW = takenW(ready, "brightNoon");
  const freeW = ready.portArrays.reduce((sum, portArray) => sum + freeWatts(portArray), 0);
  for (const finding of failing) {
    const working: Tried[] = [];
    const others: Tried[] = [];
    for (const context of ready.portArrays.filter((portArray) => speaksOf(finding, portArray, ready))) {
      if (!tried.has(context)) {
        const found: Tried[] = [];
        for (const candidate of yield* pausing(candidatesFor(ready, context))) {
          const result = yield* tryOut(ready, candidate);
          if (result !== null) found.push(result);
          yield "tried";
        }
        tried.set(context, found);
      }
      for (const result of tried.get(context) ?? [])
        (fixesIt(finding, now, result, nowW) ? working : others).push(result);
    }
    const strings =
      finding.subject.type === "portArray"
        ? ready.portArrays.find((portArray) => speaksOf(finding, portArray, ready))?.portArray.strings.length
        : 0;
    const offered = different(working.sort(compare), strings ?? 0);
    remedies.set(finding.id, {
      fixes: offered.map((each) =>
        toFix(ready, each, finding.level === "stop" ? { type: "could", watts: freeW } : { type: "now", watts: nowW }),
      ),
      needs: offered.length === 0 ? neededFor(finding, now, others) : null,
    });
  }
  return remedies;
}

/** Runs a search to its end, for callers with nothing newer to turn to. */
export function allFixes(plan: Plan, wiringId: string): ReadonlyMap<string, Fixes> {
  return drain(findFixes(solvableById(plan, wiringId)));
}

/** What a Stop that no wiring fixes asks of another input: the least of all wirings tried that are no Stop otherwise. */
function neededFor(
  finding: FindingWithoutFixes,
  now: readonly FindingWithoutFixes[],
  tried: readonly Tried[],
): RequiredLimit | null {
  if (finding.level !== "stop" || !ruleOf(finding.rule).ofInput) return null;
  const sign = finding.sense === "atLeast" ? -1 : 1;
  const needs = [
    { kind: null, findings: now },
    ...tried.map(({ candidate: { kind }, findings }) => ({ kind, findings })),
  ]
    .filter(({ findings }) => findings.every(({ id, level }) => level !== "stop" || id === finding.id))
    .flatMap(({ kind, findings }): RequiredLimit[] => {
      const value = findings.find(({ id }) => id === finding.id)?.value ?? null;
      return value === null || value.unit !== finding.value?.unit ? [] : [{ limit: value, kind }];
    });
  return needs.reduce<RequiredLimit | null>(
    (least, need) => (least === null || sign * (need.limit.value - least.limit.value) < -1e-9 ? need : least),
    null,
  );
}

/** Watts of all panels of a port array, each at its own best at noon. */
function freeWatts(portArray: PortArrayContext): number {
  return portArray.tiles.reduce(
    (sum, tile) => sum + panelNoonW(portArray, kindOf(portArray, tile), standOf(portArray.fixed, tile)),
    0,
  );
}

function speaksOf(
  { subject }: FindingWithoutFixes,
  { portArray }: PortArrayContext,
  { plan, wiringId }: SolvableWiring,
): boolean {
  if (subject.type === "run") {
    const run = plan.wirings.find(({ id }) => id === wiringId)?.runs.find(({ id }) => id === subject.runId);
    // behind the junction: of a string's own cable another wiring has none
    return (
      run?.from.type !== "string" && run !== undefined && "portId" in run.from && samePortArray(portArray, run.from)
    );
  }
  if (subject.type === "portArray") return portArray.inputId === subject.inputId && portArray.portId === subject.portId;
  if (subject.type !== "group" || portArray.inputId !== subject.inputId) return false;
  const group = plan.inputs
    .find((input) => input.id === subject.inputId)
    ?.device.groups.find(({ id }) => id === subject.groupId);
  return portArray.portId !== null && group?.portIds.includes(portArray.portId) === true;
}

/** Whether a try fixes a finding: a loss by giving more, anything else by passing, a Stop by being none any more. */
function fixesIt(
  finding: FindingWithoutFixes,
  now: readonly FindingWithoutFixes[],
  tried: Tried,
  nowW: number,
): boolean {
  if (tried.findings.some((found) => found.level === "stop" && isWorse(found, now))) return false;
  const after = tried.findings.find(({ id }) => id === finding.id);
  if (finding.level === "stop") return after === undefined || (after.level !== "stop" && after.level !== "open");
  if (ruleOf(finding.rule).fixedBy === "moreWatts") return tried.noonW > nowW * worthMore;
  return after === undefined || passes(after.level);
}

/** A Stop that was none before, or lies further over its limit. */
function isWorse(after: FindingWithoutFixes, now: readonly FindingWithoutFixes[]): boolean {
  const before = now.find(({ id }) => id === after.id);
  if (before?.level !== "stop") return true;
  return (after.marginPct ?? 0) < (before.marginPct ?? 0) - 0.1;
}

/** Work that pauses, as parts of a search. */
function* pausing<T>(inner: Generator<undefined, T>): Generator<SearchStep, T> {
  for (let step = inner.next(); ; step = inner.next()) {
    if (step.done) return step.value;
    yield "part";
  }
}

/** Judges a candidate in every position; port arrays it leaves as they are keep their solutions. Null where some port array of it cannot be judged. */
function* tryOut(ready: SolvableWiring, candidate: Candidate): Generator<SearchStep, Tried | null> {
  const positioned: PortArrayContext[][] = ready.positions.map(() => []);
  for (const portArray of candidate.portArrays) {
    // a port array whose label is not whole cannot be judged, now or after
    if (portArray.strings.length === 0 || tilesOf([portArray]).some(({ panelId }) => !ready.common.kinds.has(panelId)))
      continue;
    for (const [k, { position }] of ready.positions.entries()) {
      const known = ready.positioned[k]?.find((each) => each.portArray === portArray);
      const context = known ?? portArrayOf(ready.plan, ready.common, portArray, position, ready.copperOf(portArray));
      if (context !== null) positioned[k]?.push(context);
      if (known === undefined) yield "part";
    }
  }
  const contexts = positioned[ready.positioned.indexOf(ready.portArrays)] ?? [];
  if (contexts.length === 0) return null;
  const after: SolvableWiring = { ...ready, portArrays: contexts, positioned };
  const counts = countsOf(candidate.portArrays);
  const bought = ready.plan.panels.reduce((sum, panel) => sum + Math.max(0, (counts[panel.id] ?? 0) - panel.given), 0);
  if (piecesIn(ready.plan) + bought > maxPieces) return null;
  const modules = (of: readonly PortArrayContext[]) =>
    new Set(
      of.flatMap(({ portArray, port }) => (port.moduleId === null ? [] : [`${portArray.inputId}/${port.moduleId}`])),
    ).size;
  // a module that is not in use yet is something to buy as well
  const extraModules = Math.max(0, modules(contexts) - modules(ready.portArrays));
  const before = new Set(ready.portArrays.flatMap(({ portArray }) => tilesOf([portArray]).map(keyOf)));
  const kept = new Set(tilesOf(candidate.portArrays).map(keyOf));
  return {
    candidate,
    findings: judgeAll(after),
    noonW: takenW(after, "brightNoon"),
    bought,
    modules: extraModules,
    shelved: [...before].filter((key) => !kept.has(key)).length,
  };
}

/** Fewest Stops, then nothing to buy, then most watts at noon, then the fewest put away, then the mildest remarks. */
function compare(a: Tried, b: Tried): number {
  const stops = ({ findings }: Tried) => findings.filter(({ level }) => level === "stop").length;
  const rank = (tried: Tried) => levels.indexOf(worstLevel(tried.findings));
  const wattsApart = b.noonW - a.noonW;
  return (
    stops(a) - stops(b) ||
    a.bought + a.modules - b.bought - b.modules ||
    (Math.abs(wattsApart) > sameWatts * Math.max(a.noonW, b.noonW) ? wattsApart : 0) ||
    a.shelved - b.shelved ||
    rank(b) - rank(a)
  );
}

/** The best, and after it those that differ from it in kind: fewer in each string, another port, fewest panels to buy. */
function different(sorted: readonly Tried[], stringsNow: number): Tried[] {
  const [best] = sorted;
  if (best === undefined) return [];
  const safe = sorted.filter(hasNoStop);
  const owned = safe.filter(({ bought, modules }) => bought + modules === 0);
  const sameStrings = owned.filter(({ candidate: { kind } }) => kind.type === "matrix" && kind.strings === stringsNow);
  const others = owned.filter(
    ({ candidate: { kind } }) => kind.type !== best.candidate.kind.type && kind.type !== "shelve",
  );
  const bought = safe
    .filter((each) => each.bought + each.modules > 0 && each.noonW > worthMore * best.noonW)
    .sort((a, b) => a.bought + a.modules - b.bought - b.modules || b.noonW - a.noonW);
  const alternatives = [sameStrings[0], others[0], bought[0]].flatMap((each) => each ?? []);
  const kept = alternatives.filter((each) => each !== best && each.noonW >= minShareOfBest * best.noonW);
  return [best, ...kept].slice(0, maxOffered);
}

function hasNoStop({ findings }: Tried): boolean {
  return findings.every(({ level }) => level !== "stop");
}

function toFix(
  { wiringId }: SolvableWiring,
  { candidate, findings, noonW, bought, shelved }: Tried,
  beside: NonNullable<Fix["beside"]>,
): Fix {
  const portArrays = candidate.portArrays.filter((portArray) => portArray.strings.length > 0);
  const missing = findings.flatMap(({ reason, level }) =>
    reason.type === "fuses" && level === "care" ? reason.missing : [],
  );
  return {
    kind: candidate.kind,
    changes: [{ type: "rewire", wiringId, portArrays, counts: countsOf(portArrays) }],
    cost: { bought, shelved },
    noonW,
    beside,
    fuses: countSizes(missing),
    leaves: findings.filter(({ level }) => level === "stop").map(({ rule, subject }) => ({ rule, subject })),
  };
}
