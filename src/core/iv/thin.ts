import { type Curve, type CurvePoint, currentOnSegment, segmentOf, voltageOnSegment } from "./curve";

/** Sums of few knots are left alone: thinning them would cost more than it saves. */
const worthThinning = 160;
/** A knot is dropped when its neighbours predict it within this share of the curve's own range. */
const tolerance = 1e-5;

/**
 * Drops every other knot where the curve drawn without it stays within tolerance, read either way
 * (current at its voltage, and voltage at its current): both are used further up the net.
 */
export function thinned(curve: Curve): Curve {
  const count = curve.v.length;
  if (count < worthThinning) return curve;
  // measured between short and open circuit: the far ends of a blocked branch reach absurd volts
  const rangeV = Math.abs(curve.v[segmentOf(curve.i, 0, true)] as number) + 1;
  const rangeI = Math.abs(curve.i[segmentOf(curve.v, 0, false)] as number) + 0.1;
  const keep: number[] = [0];
  const guess: CurvePoint = { v: 0, i: 0, g: 0 };
  const window: Curve = { v: new Float64Array(2), i: new Float64Array(2), g: new Float64Array(2) };
  let last = 0;
  for (let k = 1; k < count - 1; k++) {
    if (last < k - 1) {
      keep.push(k);
      last = k;
      continue;
    }
    copyKnot(curve, last, window, 0);
    copyKnot(curve, k + 1, window, 1);
    voltageOnSegment(window, 0, curve.v[k] as number, guess);
    const missI = Math.abs(guess.i - (curve.i[k] as number));
    currentOnSegment(window, 0, curve.i[k] as number, guess);
    const missV = Math.abs(guess.v - (curve.v[k] as number));
    if (missI > tolerance * rangeI || missV > tolerance * rangeV) {
      keep.push(k);
      last = k;
    }
  }
  keep.push(count - 1);
  return { v: taken(curve.v, keep), i: taken(curve.i, keep), g: taken(curve.g, keep) };
}

/** A plain loop: Float64Array.from with a callback took a third of a large solve. */
function taken(from: Float64Array, keep: readonly number[]): Float64Array {
  const out = new Float64Array(keep.length);
  for (let k = 0; k < keep.length; k++) out[k] = from[keep[k] as number] as number;
  return out;
}

function copyKnot(from: Curve, k: number, to: Curve, at: number): void {
  to.v[at] = from.v[k] as number;
  to.i[at] = from.i[k] as number;
  to.g[at] = from.g[k] as number;
}
