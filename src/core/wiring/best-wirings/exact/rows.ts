/** How many panels of each kind, by the order of the kinds. */
export type Counts = readonly number[];

/** A row by what is in it: the order of panels in series does not matter. */
export type RowMix = Counts;

/** Rows in parallel, the largest first by how they are told: each set of rows is told in one way only. */
export type NetMix = readonly RowMix[];

/** Every row there could be of so many panels of each kind. */
export function rowsOf(have: Counts): RowMix[] {
  let rows: number[][] = [[]];
  for (const count of have) rows = rows.flatMap((row) => Array.from({ length: count + 1 }, (_, n) => [...row, n]));
  return rows.filter((row) => row.some((n) => n > 0));
}

export function sumOf(counts: Counts): number {
  return counts.reduce((sum, n) => sum + n, 0);
}

/** A number for each set of counts that does not go beyond others: a mixed radix. */
export function indexOf(counts: Counts, have: Counts): number {
  return counts.reduce((index, n, kind) => index * ((have[kind] ?? 0) + 1) + n, 0);
}

/**
 * Every set of rows that a number of panels allows, each once: rows are taken in the order of the list, a row again before the next.
 * The empty set is not among them.
 */
export function* netsOf(
  rows: readonly RowMix[],
  have: Counts,
): Generator<{ readonly net: NetMix; readonly used: Counts }> {
  const used = have.map(() => 0);
  const net: RowMix[] = [];
  function* from(first: number): Generator<{ readonly net: NetMix; readonly used: Counts }> {
    for (let at = first; at < rows.length; at++) {
      const row = rows[at];
      if (row === undefined || row.some((n, kind) => (used[kind] ?? 0) + n > (have[kind] ?? 0))) continue;
      for (const [kind, n] of row.entries()) used[kind] = (used[kind] ?? 0) + n;
      net.push(row);
      yield { net: [...net], used: [...used] };
      yield* from(at);
      net.pop();
      for (const [kind, n] of row.entries()) used[kind] = (used[kind] ?? 0) - n;
    }
  }
  yield* from(0);
}
