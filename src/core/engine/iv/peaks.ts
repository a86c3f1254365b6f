import { type Curve, type CurvePoint, segmentOf, voltageOnSegment } from "./curve";

export type PowerPoint = { readonly v: number; readonly i: number; readonly p: number };

/** Peaks this near together in height above the valley between them count as one, as a share of power. */
const ripple = 1e-5;

/** Open-circuit volts below this are darkness and rounding, not an array. */
const darkV = 1e-6;

/** Every local maximum of V·I strictly between 0 V and Voc, in order of voltage. */
export function powerPeaks(curve: Curve, vocV: number): PowerPoint[] {
  const found: PowerPoint[] = [];
  if (!(vocV > darkV)) return found;
  const point: CurvePoint = { v: 0, i: 0, g: 0 };
  const first = segmentOf(curve.v, 0, false);
  const last = segmentOf(curve.v, vocV, false);
  for (let k = first; k <= last; k++) {
    const from = Math.max(0, curve.v[k] as number);
    const to = Math.min(vocV, curve.v[k + 1] as number);
    if (!(to > from)) continue;
    if (!(slopeOfPower(curve, k, from, point) > 0) || slopeOfPower(curve, k, to, point) > 0) continue;
    let low = from;
    let high = to;
    for (let step = 0; step < 40 && high - low > 1e-9 * vocV; step++) {
      const middle = (low + high) / 2;
      if (slopeOfPower(curve, k, middle, point) > 0) low = middle;
      else high = middle;
    }
    voltageOnSegment(curve, k, (low + high) / 2, point);
    found.push({ v: point.v, i: point.i, p: point.v * point.i });
  }
  return withoutRipple(curve, found);
}

function slopeOfPower(curve: Curve, k: number, v: number, point: CurvePoint): number {
  voltageOnSegment(curve, k, v, point);
  return point.i - v * point.g;
}

/** Drops a peak that is only rounding: one with no real valley between it and a higher neighbour. */
function withoutRipple(curve: Curve, peaks: readonly PowerPoint[]): PowerPoint[] {
  const kept: PowerPoint[] = [];
  for (const peak of peaks) {
    const before = kept[kept.length - 1];
    if (before === undefined) {
      kept.push(peak);
      continue;
    }
    const lower = Math.min(before.p, peak.p);
    if (lowestPowerBetween(curve, before.v, peak.v) < lower * (1 - ripple)) kept.push(peak);
    else if (peak.p > before.p) kept[kept.length - 1] = peak;
  }
  return kept;
}

function lowestPowerBetween(curve: Curve, fromV: number, toV: number): number {
  let lowest = Number.POSITIVE_INFINITY;
  for (let k = segmentOf(curve.v, fromV, false) + 1; (curve.v[k] ?? Number.POSITIVE_INFINITY) < toV; k++) {
    lowest = Math.min(lowest, (curve.v[k] as number) * (curve.i[k] as number));
  }
  return lowest;
}
