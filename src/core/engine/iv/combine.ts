import { type Curve, type CurvePoint, currentOnSegment, minSlopeS, roomFor, voltageOnSegment } from "./curve";
import { thinned } from "./thin";

/** n equal curves in series: volts add at equal current. */
export function repeatInSeries(curve: Curve, count: number): Curve {
  if (count === 1) return curve;
  return { v: scaled(curve.v, count), i: curve.i, g: scaled(curve.g, 1 / count) };
}

/** n equal curves in parallel: amps add at equal voltage. */
export function repeatInParallel(curve: Curve, count: number): Curve {
  if (count === 1) return curve;
  return { v: curve.v, i: scaled(curve.i, count), g: scaled(curve.g, count) };
}

function scaled(values: Float64Array, by: number): Float64Array {
  const out = new Float64Array(values.length);
  for (let k = 0; k < values.length; k++) out[k] = (values[k] as number) * by;
  return out;
}

/** Volts add at equal current. */
export function inSeries(curves: readonly Curve[]): Curve {
  return reduceInPairs(curves, true);
}

/** Amps add at equal voltage. */
export function inParallel(curves: readonly Curve[]): Curve {
  return reduceInPairs(curves, false);
}

/** Balanced rather than left to right: n curves then cost n·log n knots instead of n². */
function reduceInPairs(curves: readonly Curve[], series: boolean): Curve {
  let row = curves;
  if (row.length > 1) {
    // scratch for all pairs: room asked for anew at each took a tenth of a large solve
    const most = row.reduce((sum, curve) => sum + curve.v.length, 0);
    const [sum, room] = [roomFor(most), roomFor(most)];
    while (row.length > 1) row = halved(row, series, sum, room);
  }
  const only = row[0];
  if (only === undefined) throw new Error("a group of curves has at least one member");
  return only;
}

function halved(row: readonly Curve[], series: boolean, sum: Curve, room: Curve): Curve[] {
  const next: Curve[] = [];
  for (let k = 0; k < row.length; k += 2) {
    const a = row[k] as Curve;
    const b = row[k + 1];
    next.push(b === undefined ? a : thinned(sum, merge(a, b, series, sum), room));
  }
  return next;
}

/**
 * Writes the sum of two curves on the union of their knots, walked once in order of rising voltage, into `sum`, and
 * returns how many knots it has.
 * The shared quantity is current for series (falling along the walk) and voltage for parallel.
 */
function merge(a: Curve, b: Curve, series: boolean, { v, i, g }: Curve): number {
  const sharedA = series ? a.i : a.v;
  const sharedB = series ? b.i : b.v;
  const sign = series ? -1 : 1;
  const pa: CurvePoint = { v: 0, i: 0, g: 0 };
  const pb: CurvePoint = { v: 0, i: 0, g: 0 };
  let ka = 0;
  let kb = 0;
  let n = 0;
  const countA = sharedA.length;
  const countB = sharedB.length;
  while (ka < countA || kb < countB) {
    const xa = ka < countA ? (sharedA[ka] as number) : Number.NaN;
    const xb = kb < countB ? (sharedB[kb] as number) : Number.NaN;
    const takeA = kb >= countB || (ka < countA && sign * xa <= sign * xb);
    const x = takeA ? xa : xb;
    if (takeA) knotAt(a, ka, pa);
    else between(a, ka, countA, x, series, pa);
    if (takeA) between(b, kb, countB, x, series, pb);
    else knotAt(b, kb, pb);
    if (takeA) ka += 1;
    else kb += 1;
    const sumV = series ? pa.v + pb.v : x;
    const sumI = series ? x : pa.i + pb.i;
    // a knot too near the last one carries no shape and would make a segment of no width
    if (n > 0 && !(sumV > (v[n - 1] as number) + 1e-9 && sumI < (i[n - 1] as number) - 1e-12)) continue;
    v[n] = sumV;
    i[n] = sumI;
    g[n] = Math.max(minSlopeS, series ? 1 / (1 / pa.g + 1 / pb.g) : pa.g + pb.g);
    n += 1;
  }
  return n;
}

function knotAt(curve: Curve, k: number, out: CurvePoint): void {
  out.v = curve.v[k] as number;
  out.i = curve.i[k] as number;
  out.g = curve.g[k] as number;
}

/** The point at the shared value x, which lies before knot `next` of the walk (or beyond an end). */
function between(curve: Curve, next: number, count: number, x: number, series: boolean, out: CurvePoint): void {
  const segment = next === 0 ? 0 : next >= count ? count - 2 : next - 1;
  if (series) currentOnSegment(curve, segment, x, out);
  else voltageOnSegment(curve, segment, x, out);
}
