import { type Plan } from "../../plan";
import {
  judgeAll,
  type Fix,
  type RequiredLimit,
  type FindingWithoutFixes,
  type Fixes,
  ruleOf,
  takenW,
} from "../../assessment";
import { solvableById, type PortArrayContext, type SolvableWiring } from "../../plan-model";
import { levels, passes, worstLevel } from "../../checks";
import { drain } from "../../engine/generators";
import { samePortArray } from "../../engine/array";
import { copperFixes } from "./cabling-fixes";
import { candidatesFor } from "./candidates";
import { baseFixes } from "./mounting-fixes";
import { layoutFixes } from "./layout-fixes";
import { nowOf, type Offer, offerOf } from "./offer";
import { different, hasNoStop, type SearchStep, type Tried, tryOut, worthMore } from "./tries";

/** A wiring in the place of a thicker cable gives at least this share of the watts of now. */
const sameWatts = 0.98;

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
  // a cable may be fixed by fewer amps, too, whether a size fixes it or not
  const failing = now.filter(
    (finding) =>
      !passes(finding.level) &&
      finding.level !== "open" &&
      (isOfThickness(finding) ||
        (!remedies.has(finding.id) &&
          (finding.level === "stop" ||
            !["parts", "nothing", "layout", "copper", "base"].includes(ruleOf(finding.rule).fixedBy)))),
  );
  const tried = new Map<PortArrayContext, Tried[]>();
  const nowW = takenW(ready, "brightNoon");
  if (failing.length === 0) return remedies;
  const asNow = nowOf(ready);
  const offers = new Map<Tried, Offer>();
  const offered = (each: Tried) => {
    const known = offers.get(each) ?? offerOf(ready, each, asNow);
    offers.set(each, known);
    return known;
  };
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
    const best = different(working, strings ?? 0);
    // beside a part that fixes it stands one wiring, and only one that asks for nothing
    const byCopper = remedies.get(finding.id)?.fixes ?? [];
    const chosen = byCopper.length === 0 ? best : best.filter((each) => isFree(each, now, nowW)).slice(0, 1);
    const byWiring = chosen.map((each): Fix => {
      const { fix, possibleW } = offered(each);
      const isStop = finding.level === "stop";
      return { ...fix, beside: isStop ? { type: "could", watts: possibleW } : { type: "now", watts: nowW } };
    });
    remedies.set(finding.id, {
      fixes: [...byWiring, ...byCopper],
      needs: best.length + byCopper.length === 0 ? neededFor(finding, now, others) : null,
    });
  }
  return remedies;
}

/** Whether a wiring of the same panels costs nothing: none bought or put away, no Stop, about the watts of now, and no worse a verdict. */
function isFree(
  { candidate: { kind }, findings, noonW, bought, modules, shelved }: Tried,
  now: readonly FindingWithoutFixes[],
  nowW: number,
): boolean {
  return (
    bought + modules + shelved === 0 &&
    (kind.type === "matrix" || kind.type === "strings") &&
    noonW >= sameWatts * nowW &&
    hasNoStop({ findings }) &&
    levels.indexOf(worstLevel(findings)) >= levels.indexOf(worstLevel(now))
  );
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

/** Whether a cable is too thin for its amps, or too thick for what it ends in: fewer amps help both. */
function isOfThickness({ rule, reason }: FindingWithoutFixes): boolean {
  return (
    rule === "cableAmps" ||
    rule === "cableDrop" ||
    (reason.type === "terminals" && (reason.outcome === "connector" || reason.outcome === "tooThick"))
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
