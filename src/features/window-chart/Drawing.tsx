import { line } from "d3-shape";
import { type ReactNode, type Ref } from "react";
import { type InputWindow } from "@/core/engine/pv-input";
import { type ChartPart } from "@/core/checks";
import { type SkyView } from "@/core/assessment";
import { isLimitSky, limitSkies, type SkyName } from "@/core/engine/sky";
import { amount, given } from "@/messages/en";
import { curvePoints, edgeLines, type Frame, type Point, type Scales, scalesFor, windowTop } from "./geometry";
import { type ChartLabel, chartLabels } from "./labels";
import { baselines } from "./place-labels";
import { skyWords } from "@/messages/en/window-chart/operating";
import { drawingTexts } from "@/messages/en/window-chart/view";

export type DrawingProps = {
  readonly window: InputWindow | null;
  readonly skies: Readonly<Record<SkyName, SkyView>> | null;
  readonly chosen: SkyName;
  /** what a rule pointed at speaks of */
  readonly lit: ChartPart;
  readonly width: number;
  readonly height: number;
  readonly ref?: Ref<SVGSVGElement>;
};

/** Line style of each sky: dash and weight differ, so that they can be told apart without colour. */
const strokes: Readonly<Record<SkyName, { colour: string; dash: string | undefined; width: number }>> = {
  coldDawn: { colour: "var(--cold)", dash: "9 4", width: 2 },
  brightNoon: { colour: "var(--amber-deep)", dash: undefined, width: 3 },
  hotRoof: { colour: "var(--hot)", dash: "2 4", width: 2.4 },
  haze: { colour: "var(--ink-soft)", dash: "1 3 7 3", width: 2.2 },
  now: { colour: "var(--ink)", dash: "14 3", width: 2.2 },
};

/** The window chart's drawing: what the input accepts, and the array's curves moving inside it. */
export function Drawing({ window, skies, chosen, lit, width, height, ref }: DrawingProps) {
  const states = skies === null ? [] : shownSkies(chosen).map((name) => skies[name]);
  const frame: Frame = { width, height, left: 40, right: 10, top: 26 + flagPx * states.length, bottom: 34 };
  const scales = scalesFor(
    frame,
    window,
    states.map(({ array, openV }) => ({ iscA: array.iscA, vocV: Math.max(array.vocV, openV) })),
  );
  const path = line<Point>(
    (p) => scales.x(p.v),
    (p) => scales.y(p.i),
  );
  return (
    <svg
      ref={ref}
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={drawingTexts.windowChartCurrentAgainstVoltage}
      style={{ display: "block", fontFamily: "inherit" }}
    >
      <defs>
        <pattern id="hatch-over" width="8" height="8" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <path d="M0 0v8" stroke="var(--stop)" strokeWidth="2.2" />
        </pattern>
        <clipPath id="plot-area">
          <rect
            x={frame.left}
            y={frame.top}
            width={width - frame.left - frame.right}
            height={height - frame.top - frame.bottom}
          />
        </clipPath>
      </defs>
      <rect
        x={frame.left}
        y={frame.top}
        width={width - frame.left - frame.right}
        height={height - frame.top - frame.bottom}
        fill="var(--sheet)"
      />
      {window !== null && <Region window={window} scales={scales} path={path} />}
      <Grid scales={scales} frame={frame} />
      {window !== null && <Ceiling window={window} scales={scales} frame={frame} />}
      {window !== null &&
        lit.edge !== null &&
        edgeLines(window, lit.edge, scales).map((points) => (
          <path
            key={`${points[0]?.v} ${points[0]?.i}`}
            data-lit-edge={lit.edge}
            d={path(points) ?? ""}
            fill="none"
            stroke="var(--ink)"
            strokeWidth="5"
            strokeLinecap="round"
          />
        ))}
      <g clipPath="url(#plot-area)">
        {states.map(({ sky, array }) => {
          const stroke = strokes[sky.name];
          const loud = sky.name === chosen || lit.skies.includes(sky.name);
          return (
            <path
              key={sky.name}
              data-sky={sky.name}
              d={path(curvePoints(array)) ?? ""}
              fill="none"
              stroke={stroke.colour}
              strokeWidth={loud ? stroke.width + 0.8 : stroke.width - 0.4}
              strokeDasharray={stroke.dash}
            />
          );
        })}
      </g>
      {skies !== null && <VocFlags states={states} scales={scales} frame={frame} />}
      {skies !== null && <RunningPoint state={skies[chosen]} scales={scales} frame={frame} />}
      {chartLabels({ window, states, chosen: skies?.[chosen] ?? null, scales, frame }).map((label) => (
        <PlacedLabel key={label.key} label={label} />
      ))}
    </svg>
  );
}

/** The skies the limits are judged by, and the one looked at. */
function shownSkies(chosen: SkyName): readonly SkyName[] {
  return isLimitSky(chosen) ? limitSkies : [...limitSkies, chosen];
}

type Path = (points: Point[]) => string | null;

function Region({ window, scales, path }: { window: InputWindow; scales: Scales; path: Path }) {
  const top = windowTop(window, scales.maxV, scales.maxA);
  const first = top[0];
  const last = top[top.length - 1];
  if (first === undefined || last === undefined) return null;
  const outline = path([{ v: first.v, i: 0 }, ...top, { v: last.v, i: 0 }]);
  return (
    <g>
      <path d={`${outline ?? ""}Z`} fill="var(--window-wash)" />
      <path d={outline ?? ""} fill="none" stroke="var(--window-edge)" strokeWidth="1.8" />
    </g>
  );
}

function Grid({ scales, frame }: { scales: Scales; frame: Frame }) {
  const bottom = scales.y(0);
  return (
    <g>
      {scales.xTicks.map((v) => (
        <g key={v}>
          <path
            d={`M${scales.x(v)} ${frame.top}V${bottom}`}
            stroke="var(--line-strong)"
            strokeWidth="1"
            strokeDasharray="1 5"
          />
          <Label x={scales.x(v)} y={bottom + 15} anchor="middle" size={12}>
            {v}
          </Label>
        </g>
      ))}
      {scales.yTicks.map((i) => (
        <g key={i}>
          <path
            d={`M${frame.left} ${scales.y(i)}H${frame.width - frame.right}`}
            stroke="var(--line-strong)"
            strokeWidth="1"
            strokeDasharray="1 5"
          />
          <Label x={frame.left - 6} y={scales.y(i) + 4} anchor="end" size={12}>
            {i}
          </Label>
        </g>
      ))}
      <path
        d={`M${frame.left} ${frame.top}V${bottom}H${frame.width - frame.right}`}
        fill="none"
        stroke="var(--ink)"
        strokeWidth="1.6"
      />
      <Label x={frame.width - frame.right} y={bottom + 30} anchor="end" size={12}>
        {drawingTexts.volts}
      </Label>
      <Label x={4} y={12} anchor="start" size={12}>
        {drawingTexts.amps}
      </Label>
    </g>
  );
}

/** Everything right of the ceiling is hatched: not for this input. */
function Ceiling({ window, scales, frame }: { window: InputWindow; scales: Scales; frame: Frame }) {
  if (window.maxV >= scales.maxV) return null;
  const x = scales.x(window.maxV);
  const bottom = scales.y(0);
  return (
    <g>
      <rect
        x={x}
        y={frame.top}
        width={frame.width - frame.right - x}
        height={bottom - frame.top}
        fill="url(#hatch-over)"
        opacity="0.28"
      />
      <path d={`M${x} ${frame.top}V${bottom}`} stroke="var(--stop)" strokeWidth="2.6" />
      <Label x={Math.min(x + 60, frame.width - 4)} y={12} anchor="end" colour="var(--stop)" weight={700}>
        {drawingTexts.aboveMaxPvVoltageMaxV(given(window.maxV, "V"))}
      </Label>
    </g>
  );
}

/** Height of one flag above the drawing, px. */
const flagPx = 16;
/** As much room as the letters of a flag take, px each. */
const flagLetterPx = 7.4;

/**
 * Volts with nothing connected, told above the drawing, where no curve comes: the most on top, each ending at its line, so that
 * no line runs through another's words.
 */
function VocFlags({ states, scales, frame }: { states: readonly SkyView[]; scales: Scales; frame: Frame }) {
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

function PlacedLabel({ label: { lines, about, box } }: { label: ChartLabel }) {
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
function RunningPoint({ state, scales, frame }: { state: SkyView; scales: Scales; frame: Frame }) {
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

function Label({ x, y, anchor, colour = "var(--ink)", size = 12.5, weight = 500, children }: LabelProps) {
  return (
    <text x={x} y={y} textAnchor={anchor} fontSize={size} fontWeight={weight} fill={colour} className="num">
      {children}
    </text>
  );
}
