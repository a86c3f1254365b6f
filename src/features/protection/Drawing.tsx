"use client";

import { Fragment, memo } from "react";
import { type Box, type Diagram, lineStep } from "@/core/protection/diagram";
import { type Level } from "@/core/checks";
import { levelWords } from "@/ui";
import { sign } from "@/messages/en";
import style from "./protect.module.css";
import { drawingTexts } from "@/messages/en/protection/view";

type Props = {
  readonly diagram: Diagram;
  /** The box that is read and changed beside the drawing. */ readonly chosen: string | null;
  readonly onChoose: (id: string) => void;
  /** The worst that the rules say of a box, by its id. */ readonly levels: ReadonlyMap<string, Level>;
};

/** The wiring's drawing: every panel, joint, cable, fuse and switch can be pressed. */
export const Drawing = memo(function Drawing({ diagram, chosen, onChoose, levels }: Props) {
  const { wide, high, boxes, lines } = diagram;
  return (
    <div className={style["paper"]} role="region" aria-label={drawingTexts.diagram} tabIndex={0}>
      <svg
        className={style["drawing"]}
        viewBox={`0 0 ${wide} ${high}`}
        // larger where the light asks for larger letters
        style={{ width: `${wide / 16}rem`, height: `${high / 16}rem` }}
        role="group"
        aria-label={drawingTexts.wiringDiagramIsABoldLineADashed}
      >
        {lines.map(({ id, points, pole }) => (
          <polyline
            key={id}
            className={style["lead"]}
            data-pole={pole}
            points={points.map(([x, y]) => `${x},${y}`).join(" ")}
          />
        ))}
        {boxes.map((box) => (
          <BoxView
            key={box.id}
            box={box}
            isChosen={box.id === chosen}
            level={levels.get(box.id) ?? null}
            onChoose={onChoose}
          />
        ))}
      </svg>
    </div>
  );
});

type BoxProps = {
  readonly box: Box & { readonly left: number; readonly top: number };
  readonly isChosen: boolean;
  readonly level: Level | null;
  readonly onChoose: (id: string) => void;
};

const BoxView = memo(function BoxView({ box, isChosen, level, onChoose }: BoxProps) {
  const { id, part, text, left, top, wide, high, titleY, ports } = box;
  const isTold = level !== null && level !== "good";
  const signs = ports.flatMap(({ sign: pole }) => (pole === null ? [] : [sign(pole)]));
  // the very words that are seen, so that they can be said to it
  const words = [text.title, ...text.lines, ...signs].join(" ");
  return (
    <g
      className={style["box"]}
      data-type={part.type}
      data-chosen={isChosen}
      data-level={isTold ? level : undefined}
      transform={`translate(${left} ${top})`}
      role="button"
      tabIndex={0}
      aria-pressed={isChosen}
      aria-label={isTold ? `${words}: ${levelWords[level]}` : words}
      onClick={() => onChoose(id)}
      onKeyDown={(event) => {
        if (event.key !== "Enter" && event.key !== " ") return;
        event.preventDefault();
        onChoose(id);
      }}
    >
      <rect className={style["body"]} width={wide} height={high} rx={part.type === "cable" ? 9 : 0} />
      {part.type === "panel" && <path className={style["cells"]} d={cells(wide, high)} />}
      <text className={style["title"]} x={wide / 2} y={titleY}>
        {text.title}
      </text>
      {/* what reads it out keeps words apart only where there is room between them */}
      {text.lines.map((line, k) => (
        <Fragment key={k}>
          {" "}
          <text className={style["line"]} x={wide / 2} y={titleY + lineStep * (k + 1)}>
            {line}
          </text>
        </Fragment>
      ))}
      {ports.map(({ id: port, side, sign: pole, x, y }) =>
        pole === null ? null : (
          <Fragment key={port}>
            {" "}
            <text className={style["sign"]} x={x} y={side === "north" ? y + 11 : y - 3}>
              {sign(pole)}
            </text>
          </Fragment>
        ),
      )}
      {isTold && <circle className={style["told"]} cx={wide - 7} cy={high / 2} r={4.5} />}
    </g>
  );
});

/** A hint of cells at both ends of a panel, clear of its words. */
function cells(wide: number, high: number): string {
  return [4, 8, wide - 8, wide - 4].map((x) => `M${x} 4V${high - 4}`).join("");
}
