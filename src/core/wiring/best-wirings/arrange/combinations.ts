import { brightSkyFactor } from "@/core/engine/fuse";
import { groupsAmong, heldTogether, type Shared } from "./joint";
import { countsAt } from "./nets";
import { type PoolPortArray, worthKeeping } from "./pool";
import { type OpenPort, type Problem } from "./problem";

/** A wiring put together of port arrays of the pool, with what it is chosen by. */
export type Combo = {
  /** By port of the problem; null: nothing stands before it. */ readonly portArrays: readonly (PoolPortArray | null)[];
  /** What is left once ports that share a limit have given way. */ readonly wh: number;
  readonly marginPct: number;
  readonly parts: number;
  readonly money: number;
  /** Share of noon's watts that the worst shaded substring takes, %. */ readonly shadePct: number;
};

type Partial = {
  readonly portArrays: readonly (PoolPortArray | null)[];
  readonly used: readonly number[];
  readonly wh: number;
};

/** Wirings of the first ports kept for each set of panels while others are still to be added. */
const maxKept = 10;
/** Pairs looked at when a port is added, at most; beyond, fewer are kept. */
const maxPairs = 1_500_000;

/** All wirings of the pool's port arrays that the panels allow and that ports with a common limit never to be exceeded bear. */
export function* combosOf(
  problem: Problem,
  pool: readonly (readonly PoolPortArray[])[],
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
  let partial: Partial[] = [{ portArrays: [], used: have.map(() => 0), wh: 0 }];
  for (const [at, { kind }] of ports.entries()) {
    const portArrays = pool[kind] ?? [];
    const isLast = at === ports.length - 1;
    const twin = twinOf(ports, at);
    const kept =
      partial.length * portArrays.length > maxPairs ? Math.max(1, Math.floor(maxPairs / portArrays.length)) : Infinity;
    const grown: Partial[] = [];
    for (const before of partial.slice(0, kept)) {
      grown.push({ ...before, portArrays: [...before.portArrays, null] });
      for (const portArray of portArrays) {
        const adds = countsOf(portArray.used);
        if (adds.some((n, k) => n + (before.used[k] ?? 0) > (have[k] ?? 0))) continue;
        // of ports that accept the same and share nothing the first has the most: the others way round is the same wiring
        if (twin !== null && (before.portArrays[twin]?.net ?? Infinity) > portArray.net) continue;
        grown.push({
          portArrays: [...before.portArrays, portArray],
          used: before.used.map((n, k) => n + (adds[k] ?? 0)),
          wh: before.wh + portArray.wh,
        });
      }
      yield undefined;
    }
    partial = isLast ? grown : thinned(grown);
  }
  const groups = groupsAmong(ports);
  const ratioOf = createRatio(groups, hours, wattsOf);
  return partial.flatMap(({ portArrays, wh }) => {
    const wired = portArrays.flatMap((portArray) => portArray ?? []);
    if (wired.length === 0 || !bearsShared(groups, portArrays)) return [];
    return [comboOf(portArrays, wired, wh * ratioOf(portArrays))];
  });
}

function comboOf(portArrays: Combo["portArrays"], wired: readonly PoolPortArray[], wh: number): Combo {
  const sum = (of: (portArray: PoolPortArray) => number) =>
    wired.reduce((total, portArray) => total + of(portArray), 0);
  const noonW = sum((portArray) => portArray.noonW);
  return {
    portArrays,
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

/** Of each set of panels the few with the most energy, the most room, the fewest strings and the least shade. */
function thinned(all: readonly Partial[]): Partial[] {
  const bySet = new Map<string, Partial[]>();
  for (const each of all) {
    const key = each.used.join();
    const list = bySet.get(key);
    if (list === undefined) bySet.set(key, [each]);
    else list.push(each);
  }
  const portArraysIn = ({ portArrays }: Partial) => portArrays.flatMap((portArray) => portArray ?? []);
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
        ...by((each) => -Math.min(...portArraysIn(each).map(({ marginPct }) => marginPct)), 2),
        ...by((each) => portArraysIn(each).reduce((sum, { strings }) => sum + strings, 0), 2),
        ...by((each) => Math.max(...portArraysIn(each).map(({ shadeW }) => shadeW)), 2),
      ]),
    ];
  });
}

/** Whether ports keep a common limit that is never to be exceeded, as far as labels tell; the rules have the last word. */
function bearsShared(groups: readonly Shared[], portArrays: readonly (PoolPortArray | null)[]): boolean {
  return groups.every(({ group, members }) => {
    if (group.nature !== "neverExceed") return true;
    const wired = members.flatMap((k) => portArrays[k] ?? []);
    const watts = wired.reduce((sum, { labelW }) => sum + labelW, 0);
    const amps = brightSkyFactor * wired.reduce((sum, { iscA }) => sum + iscA, 0);
    return (group.maxW === null || watts <= group.maxW) && (group.maxA === null || amps <= group.maxA);
  });
}

/** What a port takes of a port array of the pool in a few hours, W. */
export type HourWatts = (portArray: PoolPortArray) => Float64Array;

/**
 * What ports that share limits of watts take of what they would take alone, as a share: by a few hours. An estimate to choose by; what
 * is told of a wiring is worked out for itself.
 */
function createRatio(shared: readonly Shared[], hours: readonly number[], wattsOf: HourWatts) {
  const groups = shared.filter(({ group }) => group.maxW !== null);
  const known = new Map<PoolPortArray, Float64Array>();
  return (portArrays: readonly (PoolPortArray | null)[]): number => {
    if (groups.length === 0) return 1;
    const wattsAt = portArrays.map((portArray) => {
      if (portArray === null) return null;
      const made = known.get(portArray) ?? wattsOf(portArray);
      known.set(portArray, made);
      return made;
    });
    const alone = heldTogether([], hours, wattsAt);
    return alone > 0 ? heldTogether(groups, hours, wattsAt) / alone : 1;
  };
}
