import { brightSkyFactor } from "@/core/engine/fuse";
import { groupsAmong, heldTogether, type Shared } from "./joint";
import { countsAt } from "./nets";
import { type PoolLane, worthKeeping } from "./pool";
import { type OpenPort, type Problem } from "./problem";

/** A wiring put together of lanes of the pool, with what it is chosen by. */
export type Combo = {
  /** By port of the problem; null: nothing stands before it. */ readonly lanes: readonly (PoolLane | null)[];
  /** What is left once ports that share a limit have given way. */ readonly wh: number;
  readonly marginPct: number;
  readonly parts: number;
  readonly money: number;
  /** Share of noon's watts that the worst shaded substring takes, %. */ readonly shadePct: number;
};

type Partial = { readonly lanes: readonly (PoolLane | null)[]; readonly used: readonly number[]; readonly wh: number };

/** Wirings of the first ports kept for each set of panels while others are still to be added. */
const maxKept = 10;
/** Pairs looked at when a port is added, at most; beyond, fewer are kept. */
const maxPairs = 1_500_000;

/** All wirings of the pool's lanes that the panels allow and that ports with a common limit never to be exceeded bear. */
export function* combosOf(
  problem: Problem,
  pool: readonly (readonly PoolLane[])[],
  hours: readonly number[],
  wattsOf: HourWatts,
): Generator<undefined, readonly Combo[]> {
  const { ports, have } = problem;
  const counts = new Map<number, readonly number[]>();
  const countsOf = (used: number) => {
    const known = counts.get(used) ?? countsAt(used, have);
    counts.set(used, known);
    return known;
  };
  let partial: Partial[] = [{ lanes: [], used: have.map(() => 0), wh: 0 }];
  for (const [at, { kind }] of ports.entries()) {
    const lanes = pool[kind] ?? [];
    const isLast = at === ports.length - 1;
    const twin = twinOf(ports, at);
    const kept = partial.length * lanes.length > maxPairs ? Math.max(1, Math.floor(maxPairs / lanes.length)) : Infinity;
    const grown: Partial[] = [];
    for (const before of partial.slice(0, kept)) {
      grown.push({ ...before, lanes: [...before.lanes, null] });
      for (const lane of lanes) {
        const adds = countsOf(lane.used);
        if (adds.some((n, k) => n + (before.used[k] ?? 0) > (have[k] ?? 0))) continue;
        // of ports that accept the same and share nothing the first has the most: the others way round is the same wiring
        if (twin !== null && (before.lanes[twin]?.net ?? Infinity) > lane.net) continue;
        grown.push({
          lanes: [...before.lanes, lane],
          used: before.used.map((n, k) => n + (adds[k] ?? 0)),
          wh: before.wh + lane.wh,
        });
      }
      yield undefined;
    }
    partial = isLast ? grown : thinned(grown);
  }
  const groups = groupsAmong(ports);
  const ratioOf = createRatio(groups, hours, wattsOf);
  return partial.flatMap(({ lanes, wh }) => {
    const wired = lanes.flatMap((lane) => lane ?? []);
    if (wired.length === 0 || !bearsShared(groups, lanes)) return [];
    return [comboOf(lanes, wired, wh * ratioOf(lanes))];
  });
}

function comboOf(lanes: Combo["lanes"], wired: readonly PoolLane[], wh: number): Combo {
  const sum = (of: (lane: PoolLane) => number) => wired.reduce((total, lane) => total + of(lane), 0);
  const noonW = sum((lane) => lane.noonW);
  return {
    lanes,
    wh,
    marginPct: Math.min(...wired.map(({ marginPct }) => marginPct)),
    parts: sum(({ branchPairs, fuses }) => branchPairs + fuses),
    money: sum(({ money }) => money),
    shadePct: noonW > 0 ? (100 * Math.max(...wired.map(({ shadeW }) => shadeW))) / noonW : 0,
  };
}

/** The last port before one that accepts the same and shares the same limits; null: there is none. */
function twinOf(ports: readonly OpenPort[], at: number): number | null {
  const port = ports[at];
  if (port === undefined) return null;
  const found = ports
    .slice(0, at)
    .findLastIndex((other) => other.kind === port.kind && groupsOf(other) === groupsOf(port));
  return found < 0 ? null : found;
}

/** The limits that a port shares, as a name. */
function groupsOf({ inputId, device, port }: OpenPort): string {
  const shared = device.groups.filter(({ portIds }) => portIds.includes(port.id)).map(({ id }) => id);
  return shared.length === 0 ? "" : `${inputId} ${shared.join()}`;
}

/** Of each set of panels the few with the most energy, the most room, the fewest rows and the least shade. */
function thinned(all: readonly Partial[]): Partial[] {
  const bySet = new Map<string, Partial[]>();
  for (const each of all) {
    const key = each.used.join();
    const list = bySet.get(key);
    if (list === undefined) bySet.set(key, [each]);
    else list.push(each);
  }
  const lanesIn = ({ lanes }: Partial) => lanes.flatMap((lane) => lane ?? []);
  return [...bySet.values()].flatMap((list) => {
    if (list.length <= maxKept) return list;
    // what brings much less is no answer, and must not stand in the place of one that is
    const maxWh = list.reduce((most, { wh }) => Math.max(most, wh), 0);
    const near = list.filter(({ wh }) => wh >= worthKeeping * maxWh);
    const by = (of: (each: Partial) => number, many: number) =>
      [...near].sort((a, b) => of(a) - of(b) || b.wh - a.wh).slice(0, many);
    return [
      ...new Set([
        ...by(({ wh }) => -wh, maxKept - 6),
        ...by((each) => -Math.min(...lanesIn(each).map(({ marginPct }) => marginPct)), 2),
        ...by((each) => lanesIn(each).reduce((sum, { rows }) => sum + rows, 0), 2),
        ...by((each) => Math.max(...lanesIn(each).map(({ shadeW }) => shadeW)), 2),
      ]),
    ];
  });
}

/** Whether ports keep a common limit that is never to be exceeded, as far as labels tell; the rules have the last word. */
function bearsShared(groups: readonly Shared[], lanes: readonly (PoolLane | null)[]): boolean {
  return groups.every(({ group, members }) => {
    if (group.nature !== "neverExceed") return true;
    const wired = members.flatMap((k) => lanes[k] ?? []);
    const watts = wired.reduce((sum, { labelW }) => sum + labelW, 0);
    const amps = brightSkyFactor * wired.reduce((sum, { iscA }) => sum + iscA, 0);
    return (group.maxW === null || watts <= group.maxW) && (group.maxA === null || amps <= group.maxA);
  });
}

/** What a port takes of a lane of the pool in a few hours, W. */
export type HourWatts = (lane: PoolLane) => Float64Array;

/**
 * What ports that share limits of watts take of what they would take alone, as a share: by a few hours. An estimate to choose by; what
 * is told of a wiring is worked out for itself.
 */
function createRatio(shared: readonly Shared[], hours: readonly number[], wattsOf: HourWatts) {
  const groups = shared.filter(({ group }) => group.maxW !== null);
  const known = new Map<PoolLane, Float64Array>();
  return (lanes: readonly (PoolLane | null)[]): number => {
    if (groups.length === 0) return 1;
    const wattsAt = lanes.map((lane) => {
      if (lane === null) return null;
      const made = known.get(lane) ?? wattsOf(lane);
      known.set(lane, made);
      return made;
    });
    const alone = heldTogether([], hours, wattsAt);
    return alone > 0 ? heldTogether(groups, hours, wattsAt) / alone : 1;
  };
}
