import { line } from "d3-shape";
import { type ReactNode, type Ref } from "react";
import { type Window } from "@/core/input";
import { type ChartPart, type SkyView } from "@/core/rules";
import { isLimitSky, limitSkies, type SkyName } from "@/core/sky";
import { amount, given, limit } from "@/words";
import { curvePoints, edgeLines, type Frame, type Point, type Scales, scalesFor, windowTop } from "./geometry";
import { bindingWords, skyWords } from "./words";

export type DrawingProps = {
  readonly window: Window | null;
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
  const frame: Frame = { width, height, left: 40, right: 10, top: 26, bottom: 34 };
  const states = skies === null ? [] : shownSkies(chosen).map((name) => skies[name]);
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
      aria-label="Window chart: amps against volts"
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
      {window !== null && <Region window={window} scales={scales} frame={frame} path={path} />}
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
    </svg>
  );
}

/** The skies the limits are judged by, and the one looked at. */
function shownSkies(chosen: SkyName): readonly SkyName[] {
  return isLimitSky(chosen) ? limitSkies : [...limitSkies, chosen];
}

type Path = (points: Point[]) => string | null;

function Region({ window, scales, frame, path }: { window: Window; scales: Scales; frame: Frame; path: Path }) {
  const top = windowTop(window, scales.mostV, scales.mostA);
  const first = top[0];
  const last = top[top.length - 1];
  if (first === undefined || last === undefined) return null;
  const outline = path([{ v: first.v, i: 0 }, ...top, { v: last.v, i: 0 }]);
  const floor = scales.y(0);
  return (
    <g>
      <path d={`${outline ?? ""}Z`} fill="var(--window-wash)" />
      <path d={outline ?? ""} fill="none" stroke="var(--window-edge)" strokeWidth="1.8" />
      {window.currentLimits.map((tier) => {
        const from = Math.max(tier.fromV, window.minV);
        const to = Math.min(tier.toV, window.maxV, scales.mostV);
        if (tier.amps > scales.mostA || scales.x(to) - scales.x(from) < 46) return null;
        return (
          <Label
            key={`${tier.fromV}-${tier.toV}`}
            x={scales.x(from) + 6}
            y={scales.y(tier.amps) - 5}
            anchor="start"
            colour="var(--window-edge)"
          >
            {given(tier.amps, "A")}
          </Label>
        );
      })}
      {window.maxW !== null && <WattLabel maxW={window.maxW} window={window} scales={scales} />}
      {window.minV > 0 && scales.x(window.minV) - frame.left > 34 && (
        <Label x={scales.x(window.minV) - 5} y={floor - 7} anchor="end" colour="var(--window-edge)">
          sleeps
        </Label>
      )}
      {window.minV > 0 && (
        <Label x={scales.x(window.minV) + 4} y={floor - 7} anchor="start" colour="var(--window-edge)">
          {limit(window.minV, "V")}
        </Label>
      )}
    </g>
  );
}

/** The watt limit's own label, on its hyperbola where it is the binding edge and inside the drawing. */
function WattLabel({ maxW, window, scales }: { maxW: number; window: Window; scales: Scales }) {
  const v = Math.min(window.maxV, scales.mostV) * 0.98;
  const i = maxW / v;
  if (v < window.minV || i > scales.mostA * 0.94) return null;
  return (
    <Label x={scales.x(v)} y={scales.y(i) + 16} anchor="end" colour="var(--window-edge)">
      {given(maxW, "W")}
    </Label>
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
        volts →
      </Label>
      <Label x={4} y={frame.top - 12} anchor="start" size={12}>
        amps
      </Label>
    </g>
  );
}

/** Everything right of the ceiling is hatched: not for this input. */
function Ceiling({ window, scales, frame }: { window: Window; scales: Scales; frame: Frame }) {
  if (window.maxV >= scales.mostV) return null;
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
      <Label
        x={x - 6}
        y={frame.top - 10}
        anchor="end"
        colour="var(--stop)"
        weight={700}
      >{`too much from ${given(window.maxV, "V")}`}</Label>
    </g>
  );
}

/** Small flags on the volt axis at the volts with nothing connected. Near ones are stacked. */
function VocFlags({ states, scales, frame }: { states: readonly SkyView[]; scales: Scales; frame: Frame }) {
  const bottom = scales.y(0);
  const width = frame.width - frame.right;
  return (
    <g>
      {[...states]
        .sort((a, b) => b.openV - a.openV)
        .map(({ sky, openV }, k) => {
          const x = scales.x(openV);
          const y = frame.top + 14 + k * 17;
          const text = `${skyWords[sky.name]} ${amount(openV, "V")}`;
          const flip = x + text.length * 6.4 > width;
          return (
            <g key={sky.name}>
              <path
                d={`M${x} ${bottom}V${y - 4}`}
                stroke={strokes[sky.name].colour}
                strokeWidth="1"
                strokeDasharray="1 3"
              />
              <circle cx={x} cy={bottom} r="3" fill={strokes[sky.name].colour} />
              <Label
                x={flip ? x - 5 : x + 5}
                y={y}
                anchor={flip ? "end" : "start"}
                colour={strokes[sky.name].colour}
                weight={600}
                halo
              >
                {text}
              </Label>
            </g>
          );
        })}
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
      <Label x={x - 14} y={y + 22} anchor="end" size={15} weight={700} halo>
        {amount(operating.p, "W")}
      </Label>
      <Label x={x - 14} y={y + 38} anchor="end" size={12} halo>
        {bindingWords[operating.limitedBy]}
      </Label>
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
  readonly halo?: boolean;
  readonly children: ReactNode;
};

function Label({ x, y, anchor, colour = "var(--ink)", size = 12.5, weight = 500, halo = false, children }: LabelProps) {
  return (
    <text
      x={x}
      y={y}
      textAnchor={anchor}
      fontSize={size}
      fontWeight={weight}
      fill={colour}
      className="num"
      {...(halo
        ? { stroke: "var(--sheet)", strokeWidth: 4, paintOrder: "stroke", strokeLinejoin: "round" as const }
        : {})}
    >
      {children}
    </text>
  );
}
