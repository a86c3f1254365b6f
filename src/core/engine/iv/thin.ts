import {
  type Curve,
  type CurvePoint,
  currentOnSegment,
  firstKnots,
  roomFor,
  segmentOf,
  voltageOnSegment,
} from "./curve";

/** Sums of few knots are left alone: thinning them would cost more than it saves. */
const worthThinning = 80;
/** A knot is dropped when its neighbours predict it within this share of the curve's own range. */
const tolerance = 6e-5;

/**
 * Drops every other knot where the curve drawn without it stays within tolerance, read either way
 * (current at its voltage, and voltage at its current): both are used further up the net. Only the first
 * `count` knots are the curve; `room` is scratch at least as large. The result has room of its own.
 */
export function thinned(curve: Curve, count: number, room: Curve): Curve {
  if (count < worthThinning) return firstKnots(curve, count);
  // measured between short and open circuit: the far ends of a blocked branch reach absurd volts
  const toleratedV = tolerance * (Math.abs(curve.v[segmentOf(curve.i, 0, true, count)] as number) + 1);
  const toleratedA = tolerance * (Math.abs(curve.i[segmentOf(curve.v, 0, false, count)] as number) + 0.1);
  const guess: CurvePoint = { v: 0, i: 0, g: 0 };
  const bridge = roomFor(2);
  let kept = 0;
  let last = -1;
  for (let k = 0; k < count; k++) {
    // never two in a row: each guess is then made from knots that are both kept
    if (k > 0 && k < count - 1 && last === k - 1) {
      copyKnot(curve, k - 1, bridge, 0);
      copyKnot(curve, k + 1, bridge, 1);
      voltageOnSegment(bridge, 0, curve.v[k] as number, guess);
      if (Math.abs(guess.i - (curve.i[k] as number)) <= toleratedA) {
        currentOnSegment(bridge, 0, curve.i[k] as number, guess);
        if (Math.abs(guess.v - (curve.v[k] as number)) <= toleratedV) continue;
      }
    }
    copyKnot(curve, k, room, kept);
    kept += 1;
    last = k;
  }
  return firstKnots(room, kept);
}

function copyKnot(from: Curve, k: number, to: Curve, at: number): void {
  to.v[at] = from.v[k] as number;
  to.i[at] = from.i[k] as number;
  to.g[at] = from.g[k] as number;
}
