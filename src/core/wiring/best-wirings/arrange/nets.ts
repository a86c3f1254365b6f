import { type Counts, type NetMix, type StringMix, sumOf } from "../exact";

/** How far the ways to wire are gone through: all of them, or only those with strings less mixed. */
export type Breadth = {
  /** Classes of panels in one string at most. */ readonly classesInString: number;
  /** Unlike strings before one port at most. */ readonly unlikeStrings: number;
};
export const everything: Breadth = { classesInString: Infinity, unlikeStrings: Infinity };

/** Nets of a list of strings, one after another, each right after the one that it has a string more than. */
export type NetList = {
  readonly strings: readonly StringMix[];
  readonly count: number;
  /** Where the strings of each net begin in `members`; one more than there are nets. */ readonly from: Uint32Array;
  /** Indices of strings, each net's in rising order. */ readonly members: Uint16Array;
  /** Which set of panels each net uses, as a number of a mixed radix. */ readonly used: Int32Array;
};

/** What decides of a growing set of strings whether it may stand before a port. A set it refuses it must refuse with more strings too. */
export type Growing<State> = {
  readonly start: State;
  /** The state with a string more, or null where no set with these strings may stand there. */
  readonly add: (state: State, string: number) => State | null;
};

/** Every set of strings that the panels allow and the port may bear; null where there are more than `most`. */
export function listNets<State>(
  strings: readonly StringMix[],
  have: Counts,
  { unlikeStrings }: Breadth,
  { start, add }: Growing<State>,
  most: number,
): NetList | null {
  const from: number[] = [0];
  const members: number[] = [];
  const used: number[] = [];
  const weights = weightsOf(have);
  const left = [...have];
  const net: number[] = [];
  const weigh = (string: StringMix) => string.reduce((sum, n, kind) => sum + n * (weights[kind] ?? 0), 0);
  const weighed = strings.map(weigh);

  /** False when there are too many. */
  function grow(first: number, state: State, index: number, unlike: number): boolean {
    for (let at = first; at < strings.length; at++) {
      const string = strings[at];
      if (string === undefined || string.some((n, kind) => n > (left[kind] ?? 0))) continue;
      const differs = net.at(-1) === at ? unlike : unlike + 1;
      if (differs > unlikeStrings) continue;
      const grown = add(state, at);
      if (grown === null) continue;
      if (used.length >= most) return false;
      for (const [kind, n] of string.entries()) left[kind] = (left[kind] ?? 0) - n;
      net.push(at);
      members.push(...net);
      from.push(members.length);
      used.push(index + (weighed[at] ?? 0));
      if (!grow(at, grown, index + (weighed[at] ?? 0), differs)) return false;
      net.pop();
      for (const [kind, n] of string.entries()) left[kind] = (left[kind] ?? 0) + n;
    }
    return true;
  }
  if (!grow(0, start, 0, 0)) return null;
  return {
    strings,
    count: used.length,
    from: Uint32Array.from(from),
    members: Uint16Array.from(members),
    used: Int32Array.from(used),
  };
}

/** The strings of a net of a list, as indices. */
export function membersOf({ from, members }: NetList, net: number): Uint16Array {
  return members.subarray(from[net] ?? 0, from[net + 1] ?? 0);
}

export function mixOf(list: NetList, net: number): NetMix {
  return [...membersOf(list, net)].map((string) => list.strings[string] ?? []);
}

/** The counts behind a number of a mixed radix. */
export function countsAt(index: number, have: Counts): Counts {
  const counts: number[] = [];
  let rest = index;
  for (let kind = have.length - 1; kind >= 0; kind--) {
    const radix = (have[kind] ?? 0) + 1;
    counts[kind] = rest % radix;
    rest = Math.floor(rest / radix);
  }
  return counts;
}

/** How many sets of panels there are, the empty one among them. */
export function setsOf(have: Counts): number {
  return have.reduce((product, n) => product * (n + 1), 1);
}

export function panelsIn(index: number, have: Counts): number {
  return sumOf(countsAt(index, have));
}

/** What one panel of each class adds to the number of a set. */
export function weightsOf(have: Counts): number[] {
  return have.map((_, kind) => setsOf(have.slice(kind + 1)));
}
