/**
 * A current-voltage curve as knots with exact slopes, joined by monotone cubics.
 * Voltage rises strictly, current falls strictly. Beyond its ends a curve goes on straight.
 * Every network is built from such curves by adding volts (series) or amps (parallel), so the
 * cost is linear in knots at any depth and nothing iterates: no convergence to lose.
 */
export type Curve = {
  readonly v: Float64Array;
  readonly i: Float64Array;
  /** -dI/dV at each knot, S, > 0. */
  readonly g: Float64Array;
};

/** A point on a curve with its slope -dI/dV. */
export type CurvePoint = { v: number; i: number; g: number };

/** Least slope kept, S: a net of ideal current sources would otherwise have no single voltage. */
export const minSlopeS = 1e-9;

/** Room for so many knots. */
export function roomFor(knots: number): Curve {
  return { v: new Float64Array(knots), i: new Float64Array(knots), g: new Float64Array(knots) };
}

/** A curve of the first so many knots, in room of its own. */
export function firstKnots({ v, i, g }: Curve, count: number): Curve {
  return { v: v.slice(0, count), i: i.slice(0, count), g: g.slice(0, count) };
}

/** Index of the segment [k, k+1] that holds x in an array that rises, or falls when `falling`. */
export function segmentOf(values: Float64Array, x: number, falling: boolean, count = values.length): number {
  let low = 0;
  let high = count - 1;
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    const value = values[middle] as number;
    if (falling ? value >= x : value <= x) low = middle;
    else high = middle;
  }
  return low;
}

/** Current at a voltage. */
export function atVoltage(curve: Curve, v: number): CurvePoint {
  const point = { v: 0, i: 0, g: 0 };
  voltageOnSegment(curve, segmentOf(curve.v, v, false), v, point);
  return point;
}

/** Voltage at a current. */
export function atCurrent(curve: Curve, i: number): CurvePoint {
  const point = { v: 0, i: 0, g: 0 };
  currentOnSegment(curve, segmentOf(curve.i, i, true), i, point);
  return point;
}

/** Writes the point at voltage v of segment k into `out` (no allocation: this is the inner loop). */
export function voltageOnSegment(curve: Curve, k: number, v: number, out: CurvePoint): void {
  const v0 = curve.v[k] as number;
  const v1 = curve.v[k + 1] as number;
  const i0 = curve.i[k] as number;
  const i1 = curve.i[k + 1] as number;
  const g0 = curve.g[k] as number;
  const g1 = curve.g[k + 1] as number;
  out.v = v;
  if (v <= v0 || v >= v1) {
    const atStart = v <= v0;
    const g = atStart ? g0 : g1;
    out.i = (atStart ? i0 : i1) - g * (v - (atStart ? v0 : v1));
    out.g = g;
    return;
  }
  hermite(v0, v1, i0, i1, -g0, -g1, v, out);
  out.i = out.v;
  out.v = v;
  out.g = out.g < -minSlopeS ? -out.g : minSlopeS;
}

/** Writes the point at current i of segment k into `out`. */
export function currentOnSegment(curve: Curve, k: number, i: number, out: CurvePoint): void {
  const v0 = curve.v[k] as number;
  const v1 = curve.v[k + 1] as number;
  const i0 = curve.i[k] as number;
  const i1 = curve.i[k + 1] as number;
  const g0 = curve.g[k] as number;
  const g1 = curve.g[k + 1] as number;
  out.i = i;
  if (i >= i0 || i <= i1) {
    const atStart = i >= i0;
    const g = atStart ? g0 : g1;
    out.v = (atStart ? v0 : v1) - (i - (atStart ? i0 : i1)) / g;
    out.g = g;
    return;
  }
  hermite(i0, i1, v0, v1, -1 / g0, -1 / g1, i, out);
  out.g = out.g < 0 ? Math.max(minSlopeS, -1 / out.g) : 1 / minSlopeS;
}

/**
 * Cubic through two knots with slopes limited so that it stays monotone (Fritsch & Carlson 1980). The value at x
 * is left in `out.v`, its derivative in `out.g`: a returned pair cost a fifth of a large solve.
 */
function hermite(
  x0: number,
  x1: number,
  y0: number,
  y1: number,
  d0: number,
  d1: number,
  x: number,
  out: CurvePoint,
): void {
  const h = x1 - x0;
  const chord = (y1 - y0) / h;
  let m0 = d0;
  let m1 = d1;
  if (chord === 0) {
    m0 = 0;
    m1 = 0;
  } else {
    const a = m0 / chord;
    const b = m1 / chord;
    const size = a * a + b * b;
    if (size > 9) {
      const scale = 3 / Math.sqrt(size);
      m0 = scale * a * chord;
      m1 = scale * b * chord;
    }
  }
  const t = (x - x0) / h;
  const c2 = 3 * chord - 2 * m0 - m1;
  const c3 = m0 + m1 - 2 * chord;
  out.v = y0 + h * t * (m0 + t * (c2 + t * c3));
  out.g = m0 + t * (2 * c2 + 3 * c3 * t);
}
