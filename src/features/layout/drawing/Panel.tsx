import { type KeyboardEvent, memo, type PointerEvent } from "react";
import { type Chosen } from "../chosen";
import { type LaidOut } from "../layout";
import style from "../space.module.css";
import { type View } from "../view";
import { panelTexts } from "@/messages/en/layout/drawing";

/** What is done with a thing on the drawing, whichever it is. */
export type Hands = {
  readonly onTake: (event: PointerEvent, what: Chosen) => void;
  readonly onPress: (event: KeyboardEvent, what: Chosen) => void;
};
type Props = Hands & {
  readonly chosen: boolean;
  readonly name: string;
  readonly panel: LaidOut;
  readonly view: View;
  readonly isInTrouble: boolean;
};

/** A panel with its number, its frame, and its cells that lie in shade. */
export const Panel = memo(function Panel({ name, panel, view, isInTrouble, chosen, onTake, onPress }: Props) {
  const { id, shape, shade, xMm, yMm, faceDown } = panel;
  const [u, v] = view.project([xMm, yMm]);
  const where = panelTexts.xMmMmFromTheLeftYMmMmFromTheBack(Math.round(xMm), Math.round(yMm));
  const light = faceDown ? "face down" : panelTexts.litLit(Math.round(100 * shade.lit));
  return (
    <g
      data-panel={id}
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${name}, ${where}, ${light}${isInTrouble ? panelTexts.hasAConflict : ""}`}
      className={style["panel"]}
      data-chosen={chosen}
      data-trouble={isInTrouble}
      data-down={faceDown}
      onPointerDown={(event) => onTake(event, { type: "panel", id })}
      onKeyDown={(event) => onPress(event, { type: "panel", id })}
    >
      <path d={view.path(shape)} className={style["glass"]} />
      {!faceDown && <Cells panel={panel} view={view} />}
      <path d={view.path(shape)} className={style["frame"]} />
      <text
        x={u}
        y={v}
        textAnchor="middle"
        dominantBaseline="middle"
        fontSize={0.026 * view.span}
        className={style["number"]}
        aria-hidden
      >
        {id.slice(id.lastIndexOf(".") + 1)}
      </text>
    </g>
  );
});

/** Cells are drawn in so many steps of darkness, one shape each: a few elements a panel, however many cells it has. */
const steps = 4;

const Cells = memo(function Cells({ panel, view }: { readonly panel: LaidOut; readonly view: View }) {
  const { shade, cellsAlong, cellsAcross, alongMm, acrossMm, turnDeg, xMm, yMm, tiltDeg, tiltTowardsDeg } = panel;
  const rad = Math.PI / 180;
  const [s, c] = [Math.sin(turnDeg * rad), Math.cos(turnDeg * rad)];
  const [sinksX, sinksY] = [Math.sin(tiltTowardsDeg * rad), Math.cos(tiltTowardsDeg * rad)];
  const flat = 1 - Math.cos(tiltDeg * rad);
  const at = (along: number, across: number): readonly [number, number] => {
    const [x, y] = [along * s + across * c, along * c - across * s];
    const down = (x * sinksX + y * sinksY) * flat;
    return [xMm + x - down * sinksX, yMm + y - down * sinksY];
  };
  const dark: string[] = Array.from({ length: steps }, () => "");
  for (const [k, lit] of shade.cells.entries()) {
    if (lit >= 0.999) continue;
    const [column, row] = [Math.floor(k / cellsAlong), k % cellsAlong];
    const [a0, a1] = [row / cellsAlong - 0.5, (row + 1) / cellsAlong - 0.5].map((share) => share * alongMm) as [
      number,
      number,
    ];
    const [c0, c1] = [column / cellsAcross - 0.5, (column + 1) / cellsAcross - 0.5].map(
      (share) => share * acrossMm,
    ) as [number, number];
    const step = Math.min(steps - 1, Math.floor((1 - lit) * steps));
    dark[step] += view.path([at(a0, c0), at(a1, c0), at(a1, c1), at(a0, c1)]);
  }
  return (
    <g pointerEvents="none">
      {dark.map((d, step) =>
        d === "" ? null : (
          <path key={step} d={d} className={style["dark"]} opacity={0.25 + (0.6 * (step + 1)) / steps} />
        ),
      )}
    </g>
  );
});
