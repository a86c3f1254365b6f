import { line } from "d3-shape";
import { type Ref } from "react";
import { type InputWindow } from "@/core/engine/pv-input";
import { type ChartPart } from "@/core/checks";
import { type SkyView } from "@/core/assessment";
import { isLimitSky, limitSkies, type SkyName } from "@/core/engine/sky";
import { given } from "@/messages/en";
import { curvePoints, edgeLines, type Frame, type Point, type Scales, scalesFor, windowTop } from "./geometry";
import { chartLabels } from "./labels";
import { drawingTexts } from "@/messages/en/window-chart/view";
import { PlacedLabel, RunningPoint, Label, VocFlags, flagPx, strokes } from "./DrawnLabels";

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
