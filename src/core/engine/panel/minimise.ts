/**
 * Least value of f over the unit box by Nelder & Mead's simplex (1965), points clamped to the box.
 * Bounded by `evaluations`; deterministic; non-finite values of f count as worst.
 */
export function minimise(
  f: (x: readonly number[]) => number,
  start: readonly number[],
  evaluations: number,
): readonly number[] {
  type Corner = { readonly x: readonly number[]; readonly y: number };
  const at = (raw: readonly number[]): Corner => {
    const x = raw.map((value) => Math.min(1, Math.max(0, value)));
    const y = f(x);
    return { x, y: Number.isFinite(y) ? y : Number.MAX_VALUE };
  };
  const step = 0.2;
  let simplex = [at(start), ...start.map((_, k) => at(start.map((value, j) => (j === k ? value + step : value))))];
  let used = simplex.length;
  while (used < evaluations) {
    simplex = [...simplex].sort((a, b) => a.y - b.y);
    const best = simplex[0] as Corner;
    const worst = simplex[simplex.length - 1] as Corner;
    const others = simplex.slice(0, -1);
    const centre = start.map(
      (_, k) => others.reduce((sum, corner) => sum + (corner.x[k] as number), 0) / others.length,
    );
    const along = (t: number) => at(centre.map((c, k) => c + t * ((worst.x[k] as number) - c)));
    const reflected = along(-1);
    used += 1;
    let taken: Corner | null = null;
    if (reflected.y < best.y) {
      const further = along(-2);
      used += 1;
      taken = further.y < reflected.y ? further : reflected;
    } else if (reflected.y < (others[others.length - 1] as Corner).y) {
      taken = reflected;
    } else {
      const inward = along(reflected.y < worst.y ? -0.5 : 0.5);
      used += 1;
      if (inward.y < Math.min(reflected.y, worst.y)) taken = inward;
    }
    if (taken === null) {
      simplex = [
        best,
        ...simplex.slice(1).map((corner) => at(corner.x.map((v, k) => (v + (best.x[k] as number)) / 2))),
      ];
      used += simplex.length - 1;
    } else {
      simplex = [...others, taken];
    }
  }
  return simplex.reduce((a, b) => (b.y < a.y ? b : a)).x;
}
