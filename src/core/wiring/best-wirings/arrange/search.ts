import { type NetMix } from "../exact";
import { hasStop, judged, portArraysOf, type Placing } from "./judge";
import { type Meter, type Taken } from "./meter";
import { countsAt, mixOf, panelsIn, setsOf, weightsOf } from "./nets";
import { type Problem } from "./problem";
import { type Scale } from "./bounds";
import { type Survey } from "./survey";

/** A wiring as the search has it: nets before ports. */
export type Wired = { readonly placings: readonly Placing[]; readonly wh: number };

export type SearchProgress = { readonly gapPct: number | null; readonly solved: number };
export type Searched = {
  /** The best that no rule stops; null where nothing may be connected. */ readonly best: Wired | null;
  /** By how much another could be better at most, %; 0: there is none. */ readonly gapPct: number;
  readonly solved: number;
  readonly book: PortArrayBook;
};

/** What is known of one net before a kind of port. */
type Entry = {
  readonly net: number;
  /** Never less than what the port takes of it, Wh; of one that is solved, what it takes. */ maxWh: number;
  aboutWh: number;
  /** Whether no less could be said of it without solving it. */ isTight: boolean;
  solved: Taken | null;
};

/** A panel more must bring this share of what one can bring, a string more half of it, to be better than one less. */
const minShare = 2e-4;

export type PortArrayBook = ReturnType<typeof createPortArrayBook>;

/** All nets by kind of port and the panels they use, those that could bring most first; solved and judged only when asked for. */
export function createPortArrayBook(
  problem: Problem,
  meter: Meter,
  surveys: readonly Survey[],
  scales: readonly Pick<Scale, "most">[],
) {
  const { kinds, have, ports } = problem;
  const verdicts = new Map<string, boolean>();
  // once for each set of panels, not for each of its nets
  const panelsOf = Array.from({ length: setsOf(have) }, (_, set) => panelsIn(set, have));
  const onePanelWh = Math.max(0, ...kinds.map((_, kind) => bestOfOne(kind)));
  const byUsed = kinds.map((kind, at): Map<number, Entry[]> => {
    const lists = new Map<number, Entry[]>();
    const survey = surveys[at];
    if (survey === undefined) throw new Error("every kind of port is surveyed");
    for (let net = 0; net < kind.nets.count; net++) {
      const used = kind.nets.used[net] ?? 0;
      const less = dueWh(at, net);
      const [maxWh, aboutWh] = [survey.maxWh[net] ?? 0, survey.aboutWh[net] ?? 0];
      const isTight = survey.tight[net] === 1;
      const entry: Entry = {
        net,
        maxWh: maxWh - less,
        aboutWh: Math.min(aboutWh, maxWh) - less,
        isTight,
        solved: null,
      };
      if (!(entry.maxWh > 0)) continue;
      const list = lists.get(used);
      if (list === undefined) lists.set(used, [entry]);
      else list.push(entry);
    }
    for (const list of lists.values()) list.sort(byMax);
    return lists;
  });

  function bestOfOne(kind: number): number {
    const survey = surveys[kind];
    const nets = kinds[kind]?.nets;
    if (survey === undefined || nets === undefined) return 0;
    let most = 0;
    for (let net = 0; net < nets.count; net++)
      if (panelsOf[nets.used[net] ?? 0] === 1) most = Math.max(most, survey.aboutWh[net] ?? 0);
    return most;
  }

  function netOf(kind: number, { net }: Pick<Entry, "net">): NetMix {
    const list = kinds[kind]?.nets;
    if (list === undefined) throw new Error("no such kind of port");
    return mixOf(list, net);
  }

  /** Whether some rule stops it where it stands alone before a port of its kind. */
  function isStopped(kind: number, entry: Pick<Entry, "net">): boolean {
    const key = `${kind}/${entry.net}`;
    const before = verdicts.get(key);
    if (before !== undefined) return before;
    const port = ports.find((open) => open.kind === kind);
    if (port === undefined) return true;
    const stops = hasStop(judged(problem, portArraysOf(problem, [{ port, net: netOf(kind, entry) }])));
    verdicts.set(key, stops);
    return stops;
  }

  /** Solves an entry, or takes it out where a rule stops it, or first tells its whole bound; the list stays in order. */
  function settle(kind: number, used: number, entry: Entry): "solved" | "stopped" | "bounded" {
    const list = byUsed[kind]?.get(used);
    const spec = kinds[kind];
    if (list === undefined || spec === undefined) throw new Error("an entry stands in a list of its kind");
    const at = list.indexOf(entry);
    const less = dueWh(kind, entry.net);
    if (!entry.isTight) {
      entry.maxWh = (scales[kind]?.most(entry.net, 0) ?? 0) - less;
      entry.isTight = true;
      putBack(list, at, entry);
      return "bounded";
    }
    if (isStopped(kind, entry)) {
      list.splice(at, 1);
      return "stopped";
    }
    const net = netOf(kind, entry);
    const taken = meter.taken(spec, net);
    entry.solved = taken;
    entry.maxWh = taken.wh - less;
    entry.aboutWh = entry.maxWh;
    putBack(list, at, entry);
    return "solved";
  }

  /** What a net has to bring for its panels and strings before it counts as better than one with fewer, Wh. */
  function dueWh(kind: number, net: number): number {
    const nets = kinds[kind]?.nets;
    if (nets === undefined) throw new Error("no such kind of port");
    const strings = (nets.from[net + 1] ?? 0) - (nets.from[net] ?? 0);
    return onePanelWh * minShare * ((panelsOf[nets.used[net] ?? 0] ?? 0) + strings / 2);
  }

  /** What was at a place of a list to where it now belongs. */
  function putBack(list: Entry[], at: number, entry: Entry): void {
    list.splice(at, 1);
    const place = list.findIndex((other) => byMax(entry, other) < 0);
    list.splice(place < 0 ? list.length : place, 0, entry);
  }

  return { byUsed, netOf, isStopped, settle };
}

function byMax(a: Entry, b: Entry): number {
  // of two that may bring the same the solved one first, so that a search ends
  return b.maxWh - a.maxWh || (a.solved === null ? 1 : 0) - (b.solved === null ? 1 : 0) || a.net - b.net;
}

type Choice = { readonly used: number; readonly entry: Entry };

/** Nets taken out by a rule for each one that may be solved, at most. */
const maxStopped = 8;

/**
 * The best wiring. Every net is worth at most what its bound says; the best set of nets by these bounds is put together (a table of
 * what the ports so far can bring of each set of panels), its nets are solved and judged, which lowers their worth or takes them
 * out, and so again. When all nets of the best set are solved it is the best of all: any other is worth no more than its bounds, and
 * those add up to less. `maxSolved`: nets solved at most; when they are used up the best so far is told, with how much better
 * another could be.
 */
export function* searchBest(
  problem: Problem,
  meter: Meter,
  surveys: readonly Survey[],
  scales: readonly Pick<Scale, "most">[],
  maxSolved: number,
): Generator<SearchProgress, Searched> {
  const book = createPortArrayBook(problem, meter, surveys, scales);
  const { have, ports } = problem;
  const sets = setsOf(have);
  const pairs = pairsOf(have);
  let solved = 0;
  let stopped = 0;
  let gapPct: number | null = null;
  for (let turn = 0; ; turn++) {
    const hoped = bestTogether(true);
    const open = hoped.choices.filter(({ choice }) => choice.entry.solved === null);
    if (open.length === 0) return { best: told(hoped), gapPct: 0, solved, book };
    if (solved >= maxSolved || stopped >= maxStopped * maxSolved) {
      const sure = bestTogether(false);
      const best = told(sure);
      const left = best === null ? 100 : Math.max(0, 100 * (hoped.worthWh / sure.worthWh - 1));
      return { best, gapPct: left, solved, book };
    }
    for (const { kind, choice } of open) {
      const became = book.settle(kind, choice.used, choice.entry);
      if (became === "solved") solved += 1;
      if (became === "stopped") stopped += 1;
    }
    // how sure it is costs a table of its own: told now and then
    if (turn % 8 === 0) {
      const sure = bestTogether(false);
      gapPct = sure.worthWh > 0 ? Math.max(0, 100 * (hoped.worthWh / sure.worthWh - 1)) : null;
    }
    yield { gapPct, solved };
  }

  /** Of all ways to share panels out over the ports the best: by bounds where nothing is solved, or of solved nets only. */
  function bestTogether(byBounds: boolean) {
    const topOf = ports.map(({ kind }) => {
      const worth = new Float64Array(sets);
      const choice: (Choice | null)[] = Array.from({ length: sets }, () => null);
      for (const [used, list] of book.byUsed[kind] ?? []) {
        const entry = byBounds ? list[0] : list.find((each) => each.solved !== null);
        if (entry === undefined || !(entry.maxWh > 0)) continue;
        worth[used] = entry.maxWh;
        choice[used] = { used, entry };
      }
      return { kind, worth, choice };
    });
    // what the ports so far bring of each set of panels, and what of it the last of them uses
    let before = new Float64Array(sets);
    const uses = topOf.map(({ worth }, at) => {
      const now = Float64Array.from(before);
      const use = new Int32Array(sets);
      if (at === topOf.length - 1) {
        // of the last port only all panels are asked about
        for (let used = 0; used < sets; used++) {
          const all = (worth[used] as number) + (before[sets - 1 - used] as number);
          if ((worth[used] as number) > 0 && all > (now[sets - 1] as number)) {
            now[sets - 1] = all;
            use[sets - 1] = used;
          }
        }
      } else
        for (let pair = 0; pair < pairs.length; pair += 2) {
          const [set, used] = [pairs[pair] as number, pairs[pair + 1] as number];
          const one = worth[used] as number;
          const all = one + (before[set - used] as number);
          if (one > 0 && all > (now[set] as number)) {
            now[set] = all;
            use[set] = used;
          }
        }
      before = now;
      return use;
    });
    const choices: { kind: number; port: number; choice: Choice }[] = [];
    let set = sets - 1;
    for (let at = ports.length - 1; at >= 0; at--) {
      const used = uses[at]?.[set] ?? 0;
      const top = topOf[at];
      const choice = used > 0 ? top?.choice[used] : null;
      if (top !== undefined && choice) choices.push({ kind: top.kind, port: at, choice });
      set -= used;
    }
    return { worthWh: before[sets - 1] ?? 0, choices: choices.reverse() };
  }

  function told({ choices }: ReturnType<typeof bestTogether>): Wired | null {
    if (choices.length === 0) return null;
    return {
      wh: choices.reduce((sum, { choice }) => sum + (choice.entry.solved?.wh ?? 0), 0),
      placings: choices.flatMap(({ kind, port, choice }) => {
        const open = ports[port];
        return open === undefined ? [] : [{ port: open, net: book.netOf(kind, choice.entry) }];
      }),
    };
  }
}

/** Every set of panels with every other one that lies within it, as numbers, one after another. */
function pairsOf(have: readonly number[]): Int32Array {
  const sets = setsOf(have);
  const counts = Array.from({ length: sets }, (_, set) => countsAt(set, have));
  const weights = weightsOf(have);
  const found: number[] = [];
  for (let set = 1; set < sets; set++) {
    const within = counts[set] ?? [];
    const fill = (kind: number, used: number): void => {
      if (kind === have.length) {
        if (used > 0) found.push(set, used);
        return;
      }
      for (let n = 0; n <= (within[kind] ?? 0); n++) fill(kind + 1, used + n * (weights[kind] ?? 0));
    };
    fill(0, 0);
  }
  return Int32Array.from(found);
}
