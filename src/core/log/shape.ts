/** Shapes of a falling series: a level that drops at once and stays, or one that falls slowly, to an end or to a lower level. */

export type Series = { readonly days: readonly number[]; readonly shares: readonly number[] };

export type Step = {
  readonly type: "step";
  readonly at: number;
  readonly before: number;
  readonly after: number;
  readonly misfit: number;
};
export type Ramp = {
  readonly type: "ramp";
  /** Days from which on it falls, and until when. */ readonly from: number;
  readonly to: number;
  readonly before: number;
  readonly after: number;
  readonly misfit: number;
};

/** Misses beyond this count no more: one odd day bends no line. */
const maxMiss = 0.12;

function misfitOf(shares: readonly number[], due: (k: number) => number): number {
  return shares.reduce((sum, share, k) => sum + Math.min(maxMiss, Math.abs(share - due(k))) ** 2, 0);
}

/** Sums from the left, so that means of any stretch cost nothing. */
function sumsOf(values: readonly number[]): readonly number[] {
  const sums = [0];
  for (const value of values) sums.push((sums.at(-1) ?? 0) + value);
  return sums;
}

/** The best single drop, with at least so many points on either side; null where there are too few. `at`: index of the first low point. */
export function bestStep({ shares }: Series, least: number): Step | null {
  const sums = sumsOf(shares);
  const mean = (from: number, to: number) => ((sums[to] ?? 0) - (sums[from] ?? 0)) / (to - from);
  let best: Step | null = null;
  for (let at = least; at <= shares.length - least; at++) {
    const [before, after] = [mean(0, at), mean(at, shares.length)];
    if (after >= before) continue;
    const misfit = misfitOf(shares, (k) => (k < at ? before : after));
    if (best === null || misfit < best.misfit) best = { type: "step", at, before, after, misfit };
  }
  return best;
}

/** Knots tried for a slow fall: no more than so many on each side. */
const maxKnots = 40;
const minRampDays = 8;

/** The best slow fall between two levels; the second may lie at the end of the series. */
export function bestRamp({ days, shares }: Series, least: number): Ramp | null {
  const count = shares.length;
  const stride = Math.max(1, Math.ceil(count / maxKnots));
  let best: Ramp | null = null;
  for (let a = 0; a < count - least; a += stride)
    for (let b = a + least - 1; b < count; b += stride) {
      const [from, to] = [days[a] ?? 0, days[Math.min(count - 1, b)] ?? 0];
      if (to - from < minRampDays) continue;
      // a straight line between two levels: least squares for both, by the weight of each point in them
      const weight = days.map((day) => Math.min(1, Math.max(0, (day - from) / (to - from))));
      const levels = minSquares(shares, weight);
      if (levels === null || levels.after >= levels.before) continue;
      const misfit = misfitOf(shares, (k) => levels.before + (weight[k] ?? 0) * (levels.after - levels.before));
      if (best === null || misfit < best.misfit) best = { type: "ramp", from, to, ...levels, misfit };
    }
  return best;
}

function minSquares(shares: readonly number[], weight: readonly number[]): { before: number; after: number } | null {
  let [aa, ab, bb, ay, by] = [0, 0, 0, 0, 0];
  shares.forEach((share, k) => {
    const w = weight[k] ?? 0;
    aa += (1 - w) ** 2;
    ab += (1 - w) * w;
    bb += w ** 2;
    ay += (1 - w) * share;
    by += w * share;
  });
  const determinant = aa * bb - ab * ab;
  if (determinant < 1e-9) return null;
  return { before: (ay * bb - by * ab) / determinant, after: (by * aa - ay * ab) / determinant };
}
