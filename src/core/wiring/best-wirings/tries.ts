import { piecesIn } from "../../plan";
import { judgeAll, type FindingWithoutFixes, takenW } from "../../assessment";
import { type PortArrayContext, portArrayOf, type SolvableWiring } from "../../plan-model";
import { levels, worstLevel } from "../../checks";
import { countsOf, keyOf, maxPieces, tilesOf } from "../../engine/array";
import { type Candidate } from "./candidates";

/** Wirings whose noon watts differ by less than this share count as equal: the milder remarks decide. */
const sameWatts = 0.005;
/** Fixes offered for one finding: the best, and the best that differ from it in kind. */
const maxOffered = 3;
/** What fixes a loss, and what asks for something to buy, must give this much more. */
export const worthMore = 1.02;
/** A wiring that differs from the best in kind is worth a word down to this share of its watts. */
const minShareOfBest = 0.85;

/** What a search has done since it was last asked to go on: a part of a try, or one to its end. */
export type SearchStep = "part" | "tried";

/** A wiring that was judged: what the rules say of it, what it gives at noon, what it asks for. */
export type Tried = {
  readonly candidate: Candidate;
  readonly findings: readonly FindingWithoutFixes[];
  readonly noonW: number;
  readonly bought: number;
  readonly modules: number;
  readonly shelved: number;
};

/** Judges a candidate in every position; port arrays it leaves as they are keep their solutions. Null where some port array of it cannot be judged. */
export function* tryOut(ready: SolvableWiring, candidate: Candidate): Generator<SearchStep, Tried | null> {
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

/** Fewest Stops, then nothing to buy, then most watts at noon, then the fewest put away. */
function compare(a: Tried, b: Tried): number {
  return stopsOf(a) - stopsOf(b) || toBuy(a) - toBuy(b) || b.noonW - a.noonW || a.shelved - b.shelved;
}

function stopsOf({ findings }: Tried): number {
  return findings.filter(({ level }) => level === "stop").length;
}

function toBuy({ bought, modules }: Tried): number {
  return bought + modules;
}

/** Of those that give as much as the best, to half a percent, the one with the fewest put away and the mildest remarks. */
function bestOf(working: readonly Tried[]): { readonly best: Tried; readonly sorted: readonly Tried[] } | null {
  const sorted = [...working].sort(compare);
  const [most] = sorted;
  if (most === undefined) return null;
  const rank = ({ findings }: Tried) => levels.indexOf(worstLevel(findings));
  const cares = ({ findings }: Tried) => findings.filter(({ level }) => level === "care").length;
  const [best = most] = sorted
    .filter(
      (each) =>
        stopsOf(each) === stopsOf(most) &&
        toBuy(each) === toBuy(most) &&
        each.noonW >= (1 - sameWatts) * most.noonW &&
        each.shelved <= most.shelved,
    )
    .sort((a, b) => a.shelved - b.shelved || rank(b) - rank(a) || cares(a) - cares(b));
  return { best, sorted };
}

/** The best, and after it those that differ from it in kind: all in series, as many strings, another port, fewest panels to buy. */
export function different(working: readonly Tried[], stringsNow: number): Tried[] {
  const found = bestOf(working);
  if (found === null) return [];
  const { best, sorted } = found;
  const safe = sorted.filter(hasNoStop);
  const owned = safe.filter((each) => toBuy(each) === 0);
  const withStrings = (strings: number) =>
    owned.find(({ candidate: { kind } }) => kind.type === "matrix" && kind.strings === strings);
  // one string of all panels: the fewest amps, and the thinnest cable
  const inSeries = withStrings(1);
  const others = owned.find(
    ({ candidate: { kind } }) => kind.type !== best.candidate.kind.type && kind.type !== "shelve",
  );
  const bought = safe
    .filter((each) => toBuy(each) > 0 && each.noonW > worthMore * best.noonW)
    .sort((a, b) => toBuy(a) - toBuy(b) || b.noonW - a.noonW);
  const alternatives = [
    inSeries !== undefined && inSeries.shelved === 0 ? inSeries : undefined,
    withStrings(stringsNow),
    others,
    bought[0],
  ].flatMap((each) => each ?? []);
  const kept = [...new Set(alternatives)].filter((each) => each !== best && each.noonW >= minShareOfBest * best.noonW);
  return [best, ...kept].slice(0, maxOffered);
}

export function hasNoStop({ findings }: Pick<Tried, "findings">): boolean {
  return findings.every(({ level }) => level !== "stop");
}
