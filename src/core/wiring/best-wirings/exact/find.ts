import { type Counts, indexOf, type NetMix, netsOf, type StringMix, stringsOf, sumOf } from "./strings";

/** What is asked of the engine; a question is answered the same however often it is asked. */
export type FindAsk = {
  /** How many panels there are of each kind. */ readonly have: Counts;
  readonly ports: readonly {
    /** Whether a string may stand before it alone. */ readonly bearsString: (string: StringMix) => boolean;
    /** Whether strings may stand before it joined, each of which it bears alone. */
    readonly bearsNet: (net: NetMix) => boolean;
    /** What it takes of them, W. */ readonly takesW: (net: NetMix) => number;
    /** What it can take of so many panels however they are joined, W: never less than `takesW`. */
    readonly maxW: (used: Counts) => number;
    /** The same of these very strings, closer and still quicker than solving them. */
    readonly maxOfNetW: (net: NetMix) => number;
  }[];
  /** How many are told. */ readonly keep: number;
};

/** A way to wire some of the panels: strings for each port that has any. */
export type Arrangement = {
  readonly watts: number;
  readonly panels: number;
  readonly strings: number;
  readonly portArrays: readonly { readonly port: number; readonly net: NetMix }[];
};
export type Found = { readonly best: readonly Arrangement[]; readonly considered: number };
export type FindStep = { readonly share: number; readonly best: Arrangement | null };

/** Watts nearer than this share count as equal: then fewer panels come first, then fewer strings. */
const sameShare = 1e-4;

type PortArray = { readonly watts: number; readonly used: Counts; readonly strings: number; readonly net: NetMix };

/**
 * Every way of wiring any of the panels, on any port, some left on the shelf; the best few by watts. Complete: for each port the best
 * nets of each number of panels are kept, as many as are told (of two nets of the same panels on the same port, whatever the other
 * ports have, the better one makes the better wiring), and all pairs of what is left over are tried. A net is not solved where its
 * bound does not reach the worst that is kept of as many panels; that can only leave out what would not have been kept.
 */
export function* findWirings({ have, ports, keep }: FindAsk): Generator<FindStep, Found> {
  let considered = 0;
  const byPort: (readonly PortArray[])[] = [];
  for (const [port, { bearsString, bearsNet, takesW, maxW, maxOfNetW }] of ports.entries()) {
    const strings = stringsOf(have).filter(bearsString);
    const best = new Map<number, PortArray[]>();
    let since = 0;
    for (const { net, used } of netsOf(strings, have)) {
      considered += 1;
      if (++since % 256 === 0) yield { share: (port + 0.5) / (ports.length + 1), best: null };
      const key = indexOf(used, have);
      const kept = best.get(key) ?? [];
      best.set(key, kept);
      const worst = kept.length < keep ? undefined : kept.at(-1);
      if (worst !== undefined) {
        // to be kept it must have more watts, or as many with fewer strings
        const least = worst.watts * (net.length < worst.strings ? 1 - sameShare : 1 + sameShare);
        if (maxW(used) <= least || maxOfNetW(net) <= least) continue;
      }
      if (!bearsNet(net)) continue;
      const watts = takesW(net);
      if (!(watts > 0)) continue;
      kept.push({ watts, used, strings: net.length, net });
      kept.sort(comparePortArrays);
      if (kept.length > keep) kept.pop();
    }
    byPort.push([...best.values()].flat());
  }
  let partial: readonly Arrangement[] = [{ watts: 0, panels: 0, strings: 0, portArrays: [] }];
  for (const [port, portArrays] of byPort.entries()) {
    yield { share: (ports.length + (port + 1) / byPort.length) / (ports.length + 1), best: partial[0] ?? null };
    partial = joined(partial, portArrays, port, have, keep, port === byPort.length - 1);
  }
  return { best: ranked(partial.filter(({ panels }) => panels > 0)).slice(0, keep), considered };
}

function comparePortArrays(a: PortArray, b: PortArray): number {
  return Math.abs(a.watts - b.watts) > sameShare * Math.max(a.watts, b.watts)
    ? b.watts - a.watts
    : a.strings - b.strings;
}

/** What was found for the ports so far with one port more; of each number of panels used the best few, as others follow. */
function joined(
  before: readonly Arrangement[],
  portArrays: readonly PortArray[],
  port: number,
  have: Counts,
  keep: number,
  isLast: boolean,
): readonly Arrangement[] {
  const groups = new Map<number, Arrangement[]>();
  const put = (used: Counts, made: Arrangement) => {
    const key = isLast ? 0 : indexOf(used, have);
    const kept = groups.get(key) ?? [];
    groups.set(key, kept);
    kept.push(made);
    // now and then cut back to what can still be told
    if (kept.length > 64 * keep) groups.set(key, ranked(kept).slice(0, 8 * keep));
  };
  for (const arrangement of before) {
    const taken = usedBy(arrangement, have);
    put(taken, arrangement);
    for (const { watts, used, strings, net } of portArrays) {
      if (used.some((n, kind) => n + (taken[kind] ?? 0) > (have[kind] ?? 0))) continue;
      put(
        used.map((n, kind) => n + (taken[kind] ?? 0)),
        {
          watts: arrangement.watts + watts,
          panels: arrangement.panels + sumOf(used),
          strings: arrangement.strings + strings,
          portArrays: [...arrangement.portArrays, { port, net }],
        },
      );
    }
  }
  return [...groups.values()].flatMap((kept) => ranked(kept).slice(0, isLast ? 8 * keep : keep));
}

function usedBy({ portArrays }: Arrangement, have: Counts): Counts {
  return have.map((_, kind) =>
    portArrays.reduce((sum, { net }) => sum + net.reduce((all, string) => all + (string[kind] ?? 0), 0), 0),
  );
}

/** Most watts first; of those equal to the best of them fewer panels, then fewer strings. */
function ranked(found: readonly Arrangement[]): Arrangement[] {
  const sorted = found.toSorted((a, b) => b.watts - a.watts);
  const told: Arrangement[] = [];
  for (let at = 0; at < sorted.length;) {
    const first = sorted[at];
    if (first === undefined) break;
    let to = at;
    while ((sorted[to]?.watts ?? -1) >= first.watts * (1 - sameShare)) to += 1;
    told.push(
      ...sorted.slice(at, to).sort((a, b) => a.panels - b.panels || a.strings - b.strings || b.watts - a.watts),
    );
    at = Math.max(to, at + 1);
  }
  return told;
}
