import { type CableWay, type Gland, type Plan, type Zone } from "@/core/plan";
import { boundsOf, type LaidPanel, pointsOf, wayLength, wayLine } from "@/core/layout/roof";
import style from "../space.module.css";
import { type View } from "../view";
import { type Hands } from "./Panel";
import { marksTexts } from "@/messages/en/layout/drawing";

type WithHands = Hands & { readonly view: View; readonly chosen: ReadonlySet<string> };

/** What must stay free, and what lies under the skin. */
export function Zones({ zones, view, chosen, onTake, onPress }: WithHands & { readonly zones: readonly Zone[] }) {
  return zones.map(({ id, name, kind, outline }) => {
    const shape = pointsOf(outline);
    const { x, y } = boundsOf(shape);
    const [u, v] = view.project([(x[0] + x[1]) / 2, (y[0] + y[1]) / 2]);
    const isUpright = y[1] - y[0] > x[1] - x[0] !== view.isTurned;
    const what = { type: "zone", id } as const;
    return (
      <g
        key={id}
        data-zone={id}
        data-kind={kind}
        data-chosen={chosen.has(what.id)}
        role="button"
        tabIndex={0}
        aria-pressed={chosen.has(what.id)}
        aria-label={marksTexts.nameWidthMmByLengthMmMm(name, Math.round(x[1] - x[0]), Math.round(y[1] - y[0]))}
        className={style["area"]}
        onPointerDown={(event) => onTake(event, what)}
        onKeyDown={(event) => onPress(event, what)}
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

export function Glands({ glands, view, chosen, onTake, onPress }: WithHands & { readonly glands: readonly Gland[] }) {
  return glands.map(({ id, name, xMm, yMm, holeMm }) => {
    const [u, v] = view.project([xMm, yMm]);
    const what = { type: "gland", id } as const;
    const arm = 0.014 * view.span;
    return (
      <g
        key={id}
        data-gland={id}
        data-chosen={chosen.has(what.id)}
        role="button"
        tabIndex={0}
        aria-pressed={chosen.has(what.id)}
        aria-label={marksTexts.nameXMmMmFromTheLeftYMmMmFromThe(name, Math.round(xMm), Math.round(yMm))}
        className={style["gland"]}
        onPointerDown={(event) => onTake(event, what)}
        onKeyDown={(event) => onPress(event, what)}
      >
        <circle cx={u} cy={v} r={Math.max(holeMm / 2, arm)} />
        <path d={`M${u - arm} ${v}H${u + arm}M${u} ${v - arm}V${v + arm}`} />
      </g>
    );
  });
}

type WaysProps = WithHands & {
  readonly plan: Pick<Plan, "space">;
  readonly ways: readonly CableWay[];
  readonly panels: readonly LaidPanel[];
};

export function Ways({ plan, ways, panels, view, chosen, onTake, onPress }: WaysProps) {
  return ways.map((way) => {
    const line = wayLine(way, plan, panels);
    const what = { type: "way", id: way.id } as const;
    if (line.length < 2) return null;
    return (
      <g
        key={way.id}
        data-way={way.id}
        data-chosen={chosen.has(what.id)}
        role="button"
        tabIndex={0}
        aria-pressed={chosen.has(what.id)}
        aria-label={marksTexts.nameCutMmMmCutLength(way.name, Math.round(wayLength(way, line).cutMm))}
        className={style["way"]}
        onPointerDown={(event) => onTake(event, what)}
        onKeyDown={(event) => onPress(event, what)}
      >
        <path d={view.path(line, true)} className={style["wayHit"]} strokeWidth={0.035 * view.span} />
        <path d={view.path(line, true)} className={style["wayLine"]} />
      </g>
    );
  });
}
