/** How many panels of each kind, by the order of the kinds. */
export type Counts = readonly number[];

/** A string by what is in it: the order of panels in series does not matter. */
export type StringMix = Counts;

/** Strings in parallel, the largest first by how they are told: each set of strings is told in one way only. */
export type NetMix = readonly StringMix[];

/** Every string there could be of so many panels of each kind. */
export function stringsOf(have: Counts): StringMix[] {
  let strings: number[][] = [[]];
  for (const count of have)
    strings = strings.flatMap((string) => Array.from({ length: count + 1 }, (_, n) => [...string, n]));
  return strings.filter((string) => string.some((n) => n > 0));
}

export function sumOf(counts: Counts): number {
  return counts.reduce((sum, n) => sum + n, 0);
}

/** A number for each set of counts that does not go beyond others: a mixed radix. */
export function indexOf(counts: Counts, have: Counts): number {
  return counts.reduce((index, n, kind) => index * ((have[kind] ?? 0) + 1) + n, 0);
}

/**
 * Every set of strings that a number of panels allows, each once: strings are taken in the order of the list, a string again before the next.
 * The empty set is not among them.
 */
export function* netsOf(
  strings: readonly StringMix[],
  have: Counts,
): Generator<{ readonly net: NetMix; readonly used: Counts }> {
  const used = have.map(() => 0);
  const net: StringMix[] = [];
  function* from(first: number): Generator<{ readonly net: NetMix; readonly used: Counts }> {
    for (let at = first; at < strings.length; at++) {
      const string = strings[at];
      if (string === undefined || string.some((n, kind) => (used[kind] ?? 0) + n > (have[kind] ?? 0))) continue;
      for (const [kind, n] of string.entries()) used[kind] = (used[kind] ?? 0) + n;
      net.push(string);
      yield { net: [...net], used: [...used] };
      yield* from(at);
      net.pop();
      for (const [kind, n] of string.entries()) used[kind] = (used[kind] ?? 0) - n;
    }
  }
  yield* from(0);
}
