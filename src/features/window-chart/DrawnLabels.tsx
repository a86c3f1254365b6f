import { type ReactNode } from "react";
import { type SkyView } from "@/core/assessment";
import { type SkyName } from "@/core/engine/sky";
import { amount } from "@/messages/en";
import { type Frame, type Scales } from "./geometry";
import { type ChartLabel } from "./labels";
import { baselines } from "./place-labels";
import { skyWords } from "@/messages/en/window-chart/operating";

/** Line style of each sky: dash and weight differ, so that they can be told apart without colour. */
export const strokes: Readonly<Record<SkyName, { colour: string; dash: string | undefined; width: number }>> = {
  coldDawn: { colour: "var(--cold)", dash: "9 4", width: 2 },
  brightNoon: { colour: "var(--amber-deep)", dash: undefined, width: 3 },
  hotRoof: { colour: "var(--hot)", dash: "2 4", width: 2.4 },
  haze: { colour: "var(--ink-soft)", dash: "1 3 7 3", width: 2.2 },
  now: { colour: "var(--ink)", dash: "14 3", width: 2.2 },
};

/** Height of one flag above the drawing, px. */
export const flagPx = 16;

/** As much room as the letters of a flag take, px each. */
const flagLetterPx = 7.4;

/**
 * Volts with nothing connected, told above the drawing, where no curve comes: the most on top, each ending at its line, so that
 * no line runs through another's words.
 */
export function VocFlags({ states, scales, frame }: { states: readonly SkyView[]; scales: Scales; frame: Frame }) {
  const bottom = scales.y(0);
  const flags = [...states]
    .sort((a, b) => b.openV - a.openV)
    .map(({ sky, openV }, k) => {
      const text = `${skyWords[sky.name]} ${amount(openV, "V")}`;
      const x = scales.x(openV);
      return { name: sky.name, text, x, y: 26 + flagPx * k, fits: x - text.length * flagLetterPx > 0 };
    });
  const allFit = flags.every(({ fits }) => fits);
  return (
    <g>
      {flags.map(({ name, text, x, y, fits }) => (
        <g key={name}>
          <path
            d={`M${x} ${bottom}V${allFit ? y - 10 : frame.top}`}
            stroke={strokes[name].colour}
            strokeWidth="1"
            strokeDasharray="1 3"
          />
          <circle cx={x} cy={bottom} r="3" fill={strokes[name].colour} />
          <Label x={fits ? x - 5 : 4} y={y} anchor={fits ? "end" : "start"} colour={strokes[name].colour} weight={600}>
            {text}
          </Label>
        </g>
      ))}
    </g>
  );
}

export function PlacedLabel({ label: { lines, about, box } }: { label: ChartLabel }) {
  const heights = baselines(lines, box);
  return (
    <g data-label={about}>
      {lines.map(({ text, sizePx, bold }, k) => (
        <Label
          key={text}
          x={(box.left + box.right) / 2}
          y={heights[k] ?? 0}
          anchor="middle"
          size={sizePx}
          weight={bold ? 700 : 500}
          colour={about === "running" ? "var(--ink)" : "var(--window-edge)"}
        >
          {text}
        </Label>
      ))}
    </g>
  );
}

/** The running point as an instrument's needle tip: ring, cross hairs to both axes, and its reading. */
export function RunningPoint({ state, scales, frame }: { state: SkyView; scales: Scales; frame: Frame }) {
  const { operating, array } = state;
  if (operating === null || operating.p <= 0) return null;
  const x = scales.x(operating.v);
  const y = scales.y(operating.i);
  const free = { x: scales.x(array.mpp.v), y: scales.y(array.mpp.i) };
  const limited = operating.limitedBy !== "none";
  return (
    <g>
      <path
        d={`M${frame.left} ${y}H${x}V${scales.y(0)}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1"
        strokeDasharray="4 3"
      />
      {limited && (
        <path
          d={`M${free.x - 6} ${free.y}L${free.x} ${free.y - 6}L${free.x + 6} ${free.y}L${free.x} ${free.y + 6}Z`}
          fill="var(--sheet)"
          stroke="var(--ink)"
          strokeWidth="1.5"
        />
      )}
      <circle cx={x} cy={y} r="9" fill="var(--amber)" stroke="var(--ink)" strokeWidth="2" />
      <circle cx={x} cy={y} r="2.2" fill="var(--ink)" />
    </g>
  );
}

type LabelProps = {
  readonly x: number;
  readonly y: number;
  readonly anchor: "start" | "middle" | "end";
  readonly colour?: string;
  readonly size?: number;
  readonly weight?: number;
  readonly children: ReactNode;
};

export function Label({ x, y, anchor, colour = "var(--ink)", size = 12.5, weight = 500, children }: LabelProps) {
  return (
    <text x={x} y={y} textAnchor={anchor} fontSize={size} fontWeight={weight} fill={colour} className="num">
      {children}
    </text>
  );
}
