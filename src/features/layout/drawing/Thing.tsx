import { memo } from "react";
import { type RoofObstacle } from "@/core/plan";
import { type Polygon } from "@/core/layout/roof";
import style from "../space.module.css";
import { type View } from "../view";
import { type Hands } from "./Panel";
import { thingTexts } from "@/messages/en/layout/drawing";

type Props = Hands & {
  readonly chosen: boolean;
  readonly obstacle: RoofObstacle;
  readonly base: Polygon;
  readonly free: Polygon;
  readonly view: View;
};

/** Something that stands on a surface, and what must stay free round it. */
export const Thing = memo(function Thing({ obstacle, base, free, view, chosen, onTake, onPress }: Props) {
  const { id, name, xMm, yMm, shape, planned, clearanceMm } = obstacle;
  const [u, v] = view.project([xMm, yMm]);
  return (
    <g
      data-obstacle={id}
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={thingTexts.at(name, Math.round(shape.heightMm), Math.round(xMm), Math.round(yMm), planned)}
      className={style["thing"]}
      data-chosen={chosen}
      data-planned={planned}
      onPointerDown={(event) => onTake(event, { type: "obstacle", id })}
      onKeyDown={(event) => onPress(event, { type: "obstacle", id })}
    >
      {clearanceMm > 0 && <path d={view.path(free)} className={style["clear"]} />}
      <path d={view.path(base)} className={style["body"]} />
      <text
        x={u}
        y={v}
        textAnchor="middle"
        dominantBaseline="middle"
        fontSize={0.021 * view.span}
        className={style["word"]}
        aria-hidden
      >
        {name}
      </text>
    </g>
  );
});
