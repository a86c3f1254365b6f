import { type InputWindow } from "@/core/engine/pv-input";
import { type SkyView } from "@/core/assessment";
import { amount, given, limit } from "@/messages/en";
import { curvePoints, type Frame, type Point, type Scales, windowTop } from "./geometry";
import { type Placed, placeLabels, type Spot, type Wanted } from "./place-labels";
import { bindingWords } from "@/messages/en/window-chart/operating";
import { labelsTexts } from "@/messages/en/window-chart/view";

/** A label where it stands, with what it is about, for its colour. */
export type ChartLabel = Placed & { readonly about: About };
type About = "running" | "window";

const plainPx = 12.5;
/** The running point's ring, px. */
const ringPx = 11;
/** A tier narrower than this has no room for its amps, px. */
const minTierPx = 46;
/** Of the curve's points, so many stand between two that a label must keep clear of. */
const everyPoint = 2;

type Parts = {
  readonly window: InputWindow | null;
  readonly states: readonly SkyView[];
  /** the sky looked at; null where there is no array */ readonly chosen: SkyView | null;
  readonly scales: Scales;
  readonly frame: Frame;
};

/** The labels inside the drawing, none over another nor over a curve or an edge. */
export function chartLabels({ window, states, chosen, scales, frame }: Parts): ChartLabel[] {
  const spot = ({ v, i }: Point): Spot => ({ x: scales.x(v), y: scales.y(i) });
  const floor = scales.y(0);
  const lines: Spot[][] = states.map(({ array }) =>
    curvePoints(array)
      .filter((_, k, all) => k % everyPoint === 0 || k === all.length - 1)
      .map(spot),
  );
  const wanted: (Wanted & { readonly about: About })[] = [];
  const operating = chosen?.operating ?? null;
  if (operating !== null && operating.p > 0) {
    const at = spot(operating);
    const why = bindingWords[operating.limitedBy];
    lines.push(ring(at), [{ x: frame.left, y: at.y }, at, { x: at.x, y: floor }]);
    wanted.push({
      key: "running",
      about: "running",
      at,
      sides: ["belowLeft", "aboveRight", "aboveLeft", "belowRight"],
      lines: [
        { text: amount(operating.p, "W"), sizePx: 15, bold: true },
        ...(operating.limitedBy === "none" ? [] : [{ text: why, sizePx: 12, bold: false }]),
      ],
      shorter: [{ text: amount(operating.p, "W"), sizePx: 15, bold: true }],
    });
  }
  if (window !== null) {
    lines.push(...edges(window, scales).map((points) => points.map(spot)));
    wanted.push(...ofWindow(window, scales, floor).map((each) => ({ ...each, about: "window" as const })));
  }
  const ceilingX = window === null ? Number.POSITIVE_INFINITY : scales.x(window.maxV);
  const right = Math.min(frame.width - frame.right, ceilingX) - 2;
  const within = { left: frame.left + 2, right, top: frame.top + 2, bottom: floor - 2 };
  const byKey = new Map(wanted.map((each) => [each.key, each]));
  return placeLabels(wanted, within, lines).flatMap((label) => {
    const about = byKey.get(label.key)?.about;
    return about === undefined ? [] : [{ ...label, about }];
  });
}

function ofWindow(window: InputWindow, scales: Scales, floor: number): Wanted[] {
  const plain = (text: string) => [{ text, sizePx: plainPx, bold: false }];
  const wanted: Wanted[] = window.currentLimits.flatMap((tier) => {
    const from = Math.max(tier.fromV, window.minV);
    const to = Math.min(tier.toV, window.maxV, scales.maxV);
    if (tier.amps > scales.maxA || scales.x(to) - scales.x(from) < minTierPx) return [];
    return [
      {
        key: `tier ${tier.fromV} ${tier.toV}`,
        at: { x: scales.x(from), y: scales.y(tier.amps) },
        sides: ["aboveRight", "belowRight"],
        lines: plain(given(tier.amps, "A")),
        shorter: null,
      },
    ];
  });
  const wattsAtV = Math.min(window.maxV, scales.maxV) * 0.98;
  const wattsAtA = (window.maxW ?? 0) / wattsAtV;
  if (window.maxW !== null && wattsAtV >= window.minV && wattsAtA <= scales.maxA * 0.94)
    wanted.push({
      key: "watts",
      at: { x: scales.x(wattsAtV), y: scales.y(wattsAtA) },
      sides: ["belowLeft", "aboveLeft"],
      lines: plain(given(window.maxW, "W")),
      shorter: null,
    });
  if (window.minV > 0)
    wanted.push({
      key: "floor",
      at: { x: scales.x(window.minV), y: floor },
      sides: ["aboveLeft", "aboveRight"],
      lines: [...plain("asleep"), ...plain(labelsTexts.belowMinV(limit(window.minV, "V")))],
      shorter: plain(limit(window.minV, "V")),
    });
  return wanted;
}

/** The outline of what the input accepts, and its ceiling all the way up. */
function edges(window: InputWindow, scales: Scales): Point[][] {
  const top = windowTop(window, scales.maxV, scales.maxA);
  const [first, last] = [top[0], top.at(-1)];
  if (first === undefined || last === undefined) return [];
  const upright = (v: number, i: number): Point[] => [
    { v, i: 0 },
    { v, i },
  ];
  return [
    [{ v: first.v, i: 0 }, ...top, { v: last.v, i: 0 }],
    ...(window.maxV < scales.maxV ? [upright(window.maxV, scales.maxA)] : []),
  ];
}

function ring({ x, y }: Spot): Spot[] {
  return [
    { x: x - ringPx, y: y - ringPx },
    { x: x + ringPx, y: y - ringPx },
    { x: x + ringPx, y: y + ringPx },
    { x: x - ringPx, y: y + ringPx },
    { x: x - ringPx, y: y - ringPx },
  ];
}
