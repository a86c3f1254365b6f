import { atVoltage, type Curve, type CurvePoint, type PowerPoint, segmentOf, voltageOnSegment } from "../iv";
import { type NetSolution } from "../net";
import { currentLimitA, type InputWindow, windowEdgesV } from "./window";

/**
 * What keeps an array from giving more: nothing, a limit of amps or watts, the window's edge, too few volts to
 * run at all, too many. `lowPeak`: a climbing tracker stands on a lower peak. `battery`: held at battery volts.
 */
export const limitingFactors = [
  "none",
  "current",
  "watts",
  "window",
  "asleep",
  "overVoltage",
  "lowPeak",
  "battery",
] as const;
export type LimitedBy = (typeof limitingFactors)[number];

export type OperatingPoint = PowerPoint & { readonly limitedBy: LimitedBy };

/** How an input looks for the point it runs at. `heldV`: array volts a PWM controller forces, battery plus drop. */
export type Tracking =
  { readonly type: "scan" } | { readonly type: "climb" } | { readonly type: "pwm"; readonly heldV: number };

/** All of an array that decides where it runs. */
type Source = Pick<NetSolution, "curve" | "vocV" | "peaks" | "mpp">;

const nothing = { v: 0, i: 0, p: 0 } as const;
/** A point is on a limit when it is this near to it, as a share of the limit. */
const nearness = 1e-6;

/** Where an array runs on an input: by full scan, by climbing down from open circuit, or held at battery volts. */
export function operate(array: Source, window: InputWindow, tracking: Tracking): OperatingPoint {
  switch (tracking.type) {
    case "scan":
      return operatingPoint(array, window);
    case "climb":
      return climbedPoint(array, window);
    case "pwm":
      return heldPoint(array, window, tracking.heldV);
  }
}

/**
 * Where an ideal full-scan tracker holds the array: the point of its curve with the most power
 * inside the window, under the current limit of its voltage and under the watt limit.
 * Over-voltage (Voc above maxV) and asleep (no power inside the window) give 0.
 */
export function operatingPoint(array: Source, window: InputWindow): OperatingPoint {
  if (window.ceilingOnVoc && array.vocV > window.maxV) return { ...nothing, limitedBy: "overVoltage" };
  const candidates = candidateVoltages(array, window).map((v) => pointAt(array.curve, v));
  let best: PowerPoint = nothing;
  for (const point of candidates) if (allowed(point, window) && better(point, best)) best = point;
  if (!(best.p > 0)) return { ...nothing, limitedBy: "asleep" };
  return { ...best, limitedBy: whatBinds(best, array.mpp, window) };
}

/**
 * Where a tracker ends that walks down from open circuit while power rises: at the first peak or the first
 * limit it meets. Under partial shade that may be a low peak (`lowPeak`).
 */
function climbedPoint(array: Source, window: InputWindow): OperatingPoint {
  if (window.ceilingOnVoc && array.vocV > window.maxV) return { ...nothing, limitedBy: "overVoltage" };
  const peakVolts = new Set(array.peaks.map((peak) => peak.v));
  const walk = [...new Set(candidateVoltages(array, window))].filter((v) => v <= window.maxV).sort((a, b) => b - a);
  let best: PowerPoint = nothing;
  let fromV = Math.min(array.vocV, window.maxV);
  for (const v of walk) {
    // a stretch is allowed as a whole or not at all, but for its ends: it is not leapt over
    if (v < fromV && !allowed(pointAt(array.curve, (fromV + v) / 2), window)) break;
    fromV = v;
    const point = pointAt(array.curve, v);
    // at open circuit, power is nothing but the last digits of a sum, of either sign
    if (!allowed(point, window) || Math.max(0, point.p) < best.p) break;
    best = point;
    if (peakVolts.has(v)) return { ...best, limitedBy: best.p >= array.mpp.p * (1 - nearness) ? "none" : "lowPeak" };
  }
  return best.p > 0 ? { ...best, limitedBy: whatBinds(best, array.mpp, window) } : { ...nothing, limitedBy: "asleep" };
}

/** A PWM controller joins array and battery: the array stands at battery volts whatever its own maximum. */
function heldPoint(array: Source, window: InputWindow, heldV: number): OperatingPoint {
  if (window.ceilingOnVoc && array.vocV > window.maxV) return { ...nothing, limitedBy: "overVoltage" };
  const free = pointAt(array.curve, heldV);
  if (heldV < window.minV || heldV > window.maxV || !(free.i > 0)) return { ...nothing, limitedBy: "asleep" };
  const maxA = Math.min(
    currentLimitA(window, heldV),
    window.maxW === null ? Number.POSITIVE_INFINITY : window.maxW / heldV,
  );
  const i = Math.min(free.i, maxA);
  const limitedBy =
    i === free.i
      ? "battery"
      : i * heldV >= (window.maxW ?? Number.POSITIVE_INFINITY) * (1 - nearness)
        ? "watts"
        : "current";
  return {
    v: heldV,
    i,
    p: i * heldV,
    limitedBy: limitedBy === "battery" && free.p >= array.mpp.p * (1 - nearness) ? "none" : limitedBy,
  };
}

/** More power; at equal power the higher voltage, as trackers come down from open circuit. */
function better(point: PowerPoint, best: PowerPoint): boolean {
  const apart = point.p - best.p;
  return Math.abs(apart) > nearness * best.p ? apart > 0 : point.v > best.v && point.p > 0;
}

function pointAt(curve: Curve, v: number): PowerPoint {
  const { i } = atVoltage(curve, v);
  return { v, i, p: v * i };
}

function allowed({ v, i, p }: PowerPoint, window: InputWindow): boolean {
  const slack = 1 + nearness;
  return (
    v >= window.minV &&
    v <= window.maxV &&
    i <= currentLimitA(window, v) * slack &&
    (window.maxW === null || p <= window.maxW * slack)
  );
}

/**
 * Voltages at which the most power can lie: peaks, bends of the window, and where the curve
 * crosses a current or watt limit. Power inside the allowed set is greatest at one of these.
 */
function candidateVoltages(array: Source, window: InputWindow): number[] {
  const { curve, vocV, peaks } = array;
  const fixed = [...windowEdgesV(window).filter((v) => v <= vocV), ...peaks.map((peak) => peak.v)].sort(
    (a, b) => a - b,
  );
  const found = [...fixed];
  const fromV = Math.max(0, window.minV);
  const toV = Math.min(vocV, window.maxV);
  let k = segmentOf(curve.v, fromV, false);
  let fromFixed = fixed.findIndex((v) => v > fromV);
  for (let v = fromV; v < toV;) {
    // over a stretch with no knot, bend or peak inside, current and power are both monotone
    const knotV = k < curve.v.length - 2 ? (curve.v[k + 1] as number) : Number.POSITIVE_INFINITY;
    const fixedV = fromFixed < 0 ? Number.POSITIVE_INFINITY : (fixed[fromFixed] ?? Number.POSITIVE_INFINITY);
    const nextV = Math.min(knotV, fixedV, toV);
    const limitA = currentLimitA(window, (v + nextV) / 2);
    if (Number.isFinite(limitA)) addCrossing(found, curve, k, v, nextV, (point) => point.i - limitA);
    const { maxW } = window;
    if (maxW !== null) addCrossing(found, curve, k, v, nextV, (point) => point.v * point.i - maxW);
    if (knotV <= nextV) k += 1;
    if (fixedV <= nextV) fromFixed += 1;
    v = nextV;
  }
  return found;
}

/** Bisection to the side of the crossing where the excess is <= 0, so that the point found keeps the limit. */
function addCrossing(
  found: number[],
  curve: Curve,
  k: number,
  from: number,
  to: number,
  excess: (point: CurvePoint) => number,
): void {
  const point: CurvePoint = { v: 0, i: 0, g: 0 };
  const isOver = (v: number) => {
    voltageOnSegment(curve, k, v, point);
    return excess(point) > 0;
  };
  const fromOver = isOver(from);
  if (fromOver === isOver(to)) return;
  let over = fromOver ? from : to;
  let under = fromOver ? to : from;
  while (Math.abs(over - under) > 1e-10 * to) {
    const middle = (over + under) / 2;
    if (isOver(middle)) over = middle;
    else under = middle;
  }
  found.push(under);
}

function whatBinds(point: PowerPoint, free: PowerPoint, window: InputWindow): LimitedBy {
  if (point.p >= free.p * (1 - nearness)) return "none";
  if (window.maxW !== null && point.p >= window.maxW * (1 - 10 * nearness)) return "watts";
  if (point.i >= currentLimitA(window, point.v) * (1 - 10 * nearness)) return "current";
  return "window";
}
