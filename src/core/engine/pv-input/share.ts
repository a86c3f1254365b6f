import { type NetSolution } from "../net";
import { operate, type OperatingPoint, type Tracking } from "./operate";
import { type InputWindow } from "./window";

/** A port in use: what stands before it and how it runs alone. */
export type PortInUse = {
  readonly array: NetSolution;
  readonly window: InputWindow;
  readonly tracking: Tracking;
  readonly alone: OperatingPoint;
};

/** What a group of ports takes together, at most. */
export type SharedLimit = { readonly maxW: number | null; readonly maxA: number | null };

const steps = 40;

/**
 * Where ports run that share a limit of watts or amps: each gives way by the same share of what it takes
 * alone, until together they keep it. Makers do not say how their inputs divide; by equal shares is assumed.
 */
export function sharedOut(ports: readonly PortInUse[], limit: SharedLimit): OperatingPoint[] {
  const alone = ports.map((port) => port.alone);
  const wattShare = shareOf(sum(alone, "p"), limit.maxW);
  const ampShare = shareOf(sum(alone, "i"), limit.maxA);
  if (wattShare >= 1 && ampShare >= 1) return alone;
  const at = (share: number) =>
    ports.map((port) => capped(port, Math.min(wattShare, share), Math.min(ampShare, share)));
  // capping one quantity moves the other, so one common share is searched for below both
  const keeps = (points: readonly OperatingPoint[]) =>
    sum(points, "p") <= (limit.maxW ?? Number.POSITIVE_INFINITY) * 1.000001 &&
    sum(points, "i") <= (limit.maxA ?? Number.POSITIVE_INFINITY) * 1.000001;
  const first = at(1);
  if (keeps(first)) return first;
  let low = 0;
  let high = 1;
  for (let step = 0; step < steps; step++) {
    const middle = (low + high) / 2;
    if (keeps(at(middle))) low = middle;
    else high = middle;
  }
  return at(low);
}

function capped({ array, window, tracking, alone }: PortInUse, wattShare: number, ampShare: number): OperatingPoint {
  if (!(alone.p > 0)) return alone;
  const maxW = Math.min(window.maxW ?? Number.POSITIVE_INFINITY, alone.p * wattShare);
  const maxA = alone.i * ampShare;
  const tiers =
    window.currentLimits.length > 0 ? window.currentLimits : [{ fromV: window.minV, toV: window.maxV, amps: maxA }];
  const tight: InputWindow = {
    ...window,
    maxW,
    currentLimits:
      ampShare < 1 ? tiers.map((tier) => ({ ...tier, amps: Math.min(tier.amps, maxA) })) : window.currentLimits,
  };
  return operate(array, tight, tracking);
}

function shareOf(total: number, limit: number | null): number {
  return limit === null || total <= limit ? 1 : limit / total;
}

function sum(points: readonly OperatingPoint[], key: "p" | "i"): number {
  return points.reduce((total, point) => total + point[key], 0);
}
