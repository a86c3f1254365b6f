import { type CableWay, type Gland, type Plan, type Zone } from "@/core/plan";
import { type LaidPanel, pointsOf, wayLength, wayLine } from "@/core/roof";
import { type Chosen } from "../chosen";
import { boundsOf } from "../layout";
import style from "../space.module.css";
import { type View } from "../view";
import { type Handlers } from "./Panel";

type WithHandlers = { readonly view: View; readonly handlers: (what: Chosen) => Handlers };

/** What must stay free, and what lies under the skin. */
export function Zones({ zones, view, handlers }: WithHandlers & { readonly zones: readonly Zone[] }) {
  return zones.map(({ id, name, kind, outline }) => {
    const shape = pointsOf(outline);
    const { x, y } = boundsOf(shape);
    const [u, v] = view.project([(x[0] + x[1]) / 2, (y[0] + y[1]) / 2]);
    const isUpright = y[1] - y[0] > x[1] - x[0] !== view.isTurned;
    const { chosen, onPointerDown, onKeyDown } = handlers({ type: "zone", id });
    return (
      <g
        key={id}
        data-zone={id}
        data-kind={kind}
        data-chosen={chosen}
        role="button"
        tabIndex={0}
        aria-pressed={chosen}
        aria-label={`${name}: ${Math.round(x[1] - x[0])} by ${Math.round(y[1] - y[0])} mm`}
        className={style["area"]}
        onPointerDown={onPointerDown}
        onKeyDown={onKeyDown}
      >
        <path d={view.path(shape)} className={style["zone"]} />
        <text
          transform={`translate(${u} ${v})${isUpright ? " rotate(-90)" : ""}`}
          textAnchor="middle"
          dominantBaseline="middle"
          fontSize={0.02 * view.span}
          className={style["word"]}
          aria-hidden
        >
          {name}
        </text>
      </g>
    );
  });
}

export function Glands({ glands, view, handlers }: WithHandlers & { readonly glands: readonly Gland[] }) {
  return glands.map(({ id, name, xMm, yMm, holeMm }) => {
    const [u, v] = view.project([xMm, yMm]);
    const { chosen, onPointerDown, onKeyDown } = handlers({ type: "gland", id });
    const arm = 0.014 * view.span;
    return (
      <g
        key={id}
        data-gland={id}
        data-chosen={chosen}
        role="button"
        tabIndex={0}
        aria-pressed={chosen}
        aria-label={`${name}, ${Math.round(xMm)} mm from the left, ${Math.round(yMm)} mm from the back`}
        className={style["gland"]}
        onPointerDown={onPointerDown}
        onKeyDown={onKeyDown}
      >
        <circle cx={u} cy={v} r={Math.max(holeMm / 2, arm)} />
        <path d={`M${u - arm} ${v}H${u + arm}M${u} ${v - arm}V${v + arm}`} />
      </g>
    );
  });
}

type WaysProps = WithHandlers & {
  readonly plan: Pick<Plan, "space">;
  readonly ways: readonly CableWay[];
  readonly panels: readonly LaidPanel[];
};

export function Ways({ plan, ways, panels, view, handlers }: WaysProps) {
  return ways.map((way) => {
    const line = wayLine(way, plan, panels);
    const { chosen, onPointerDown, onKeyDown } = handlers({ type: "way", id: way.id });
    if (line.length < 2) return null;
    return (
      <g
        key={way.id}
        data-way={way.id}
        data-chosen={chosen}
        role="button"
        tabIndex={0}
        aria-pressed={chosen}
        aria-label={`${way.name}, ${Math.round(wayLength(way, line).cutMm)} mm to cut`}
        className={style["way"]}
        onPointerDown={onPointerDown}
        onKeyDown={onKeyDown}
      >
        <path d={view.path(line, true)} className={style["wayHit"]} strokeWidth={0.035 * view.span} />
        <path d={view.path(line, true)} className={style["wayLine"]} />
      </g>
    );
  });
}
