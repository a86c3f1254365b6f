import { scaleLinear } from "d3-scale";
import { currentLimitA, type InputWindow, windowEdgesV } from "@/core/engine/pv-input";
import { atVoltage } from "@/core/engine/iv";
import { type NetSolution } from "@/core/engine/net";
import { type WindowEdge } from "@/core/checks";

export type Frame = {
  readonly width: number;
  readonly height: number;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
};
export type Point = { readonly v: number; readonly i: number };
export type Scales = {
  readonly x: (v: number) => number;
  readonly y: (i: number) => number;
  readonly xTicks: number[];
  readonly yTicks: number[];
  readonly maxV: number;
  readonly maxA: number;
};

const samples = 140;

/** Scales that hold the window's ceiling and every curve, and crop limits far above what the array can give. */
export function scalesFor(
  frame: Frame,
  window: InputWindow | null,
  arrays: readonly Pick<NetSolution, "vocV" | "iscA">[],
): Scales {
  const vocV = Math.max(0, ...arrays.map((array) => array.vocV));
  const iscA = Math.max(0, ...arrays.map((array) => array.iscA));
  const ceilingV = window?.maxV ?? 0;
  const maxV = Math.max(vocV * 1.08, vocV > 0 ? Math.min(ceilingV * 1.1, vocV * 3.2) : ceilingV * 1.1, 10);
  const limitA = Math.max(0, ...(window?.currentLimits.map((tier) => tier.amps) ?? []));
  const wantedA =
    iscA > 0 ? Math.max(iscA * 1.22, Math.min(limitA * 1.18, iscA * 2.2)) : limitA * 1.25 || wattTopA(window);
  const maxA = Math.max(wantedA, 1);
  const x = scaleLinear([0, maxV], [frame.left, frame.width - frame.right]);
  const y = scaleLinear([0, maxA], [frame.height - frame.bottom, frame.top]);
  return {
    x,
    y,
    xTicks: x.ticks(Math.max(4, Math.round(frame.width / 90))),
    yTicks: y.ticks(Math.max(3, Math.round(frame.height / 60))),
    maxV,
    maxA,
  };
}

function wattTopA(window: InputWindow | null): number {
  return window === null || window.maxW === null ? 10 : (2.2 * window.maxW) / Math.max(window.maxV, 1);
}

/** Upper edge of the region a port accepts, left to right, cropped at `maxA`; steps are doubled points. */
export function windowTop(window: InputWindow, maxV: number, maxA: number): Point[] {
  const top = (v: number) =>
    Math.min(
      maxA,
      currentLimitA(window, v),
      window.maxW === null ? Number.POSITIVE_INFINITY : window.maxW / Math.max(v, 1e-6),
    );
  const edges = windowEdgesV(window).map((v) => Math.min(v, maxV));
  const points: Point[] = [];
  for (let k = 0; k + 1 < edges.length; k++) {
    const from = edges[k] as number;
    const to = edges[k + 1] as number;
    if (!(to > from)) continue;
    const inside = (to - from) * 1e-6;
    for (let step = 0; step <= 40; step++) {
      const v = from + ((to - from) * step) / 40;
      points.push({ v, i: top(Math.min(to - inside, Math.max(from + inside, v))) });
    }
  }
  return points;
}

/** One edge of the region as lines: the ceiling, the lowest volts, each tier's amps, or the watt limit where it is what binds. */
export function edgeLines(
  window: InputWindow,
  edge: WindowEdge,
  { maxV, maxA }: Pick<Scales, "maxV" | "maxA">,
): Point[][] {
  const upright = (v: number) =>
    v > 0 && v <= maxV
      ? [
          [
            { v, i: 0 },
            { v, i: maxA },
          ],
        ]
      : [];
  switch (edge) {
    case "ceiling":
      return upright(window.maxV);
    case "floor":
      return upright(window.minV);
    case "amps":
      return window.currentLimits.flatMap(({ fromV, toV, amps }) => {
        const [from, to] = [Math.max(fromV, window.minV), Math.min(toV, window.maxV, maxV)];
        return to > from && amps <= maxA
          ? [
              [
                { v: from, i: amps },
                { v: to, i: amps },
              ],
            ]
          : [];
      });
    case "watts": {
      const { maxW } = window;
      // points stand a hair inside their tier
      const bound =
        maxW === null
          ? []
          : windowTop(window, maxV, maxA).filter(({ v, i }) => i < maxA && i >= (maxW / v) * (1 - 1e-5));
      return bound.length > 1 ? [bound] : [];
    }
  }
}

/** A curve from 0 V to its open circuit; no points where there is no curve. */
export function curvePoints({
  curve,
  vocV,
}: {
  readonly curve: NetSolution["curve"] | null;
  readonly vocV: number;
}): Point[] {
  if (curve === null) return [];
  return Array.from({ length: samples + 1 }, (_, k) => {
    // squared spacing towards Voc, where the knee is
    const v = vocV * (1 - (1 - k / samples) ** 1.6);
    return { v, i: Math.max(0, atVoltage(curve, v).i) };
  });
}
