import { type PointerEvent } from "react";
import { type CornerOf } from "../chosen";
import style from "../space.module.css";
import { arrowOf, type View } from "../view";
import { cornersTexts } from "@/messages/en/layout/drawing";

type Props = {
  readonly of: Omit<CornerOf, "at">;
  readonly corners: readonly { readonly xMm: number; readonly yMm: number }[];
  readonly view: View;
  readonly onTake: (event: PointerEvent, corner: CornerOf) => void;
  readonly onMove: (corner: CornerOf, to: readonly [number, number]) => void;
};

/** The corners of what is chosen, to be taken hold of. */
export function Corners({ of, corners, view, onTake, onMove }: Props) {
  return corners.map(({ xMm, yMm }, at) => {
    const [u, v] = view.project([xMm, yMm]);
    const corner = { ...of, at };
    const side = 0.026 * view.span;
    return (
      <rect
        key={at}
        data-corner={at}
        role="button"
        tabIndex={0}
        aria-label={cornersTexts.cornerAtXMmMmFromTheLeftYMmMm(at + 1, Math.round(xMm), Math.round(yMm))}
        x={u - side / 2}
        y={v - side / 2}
        width={side}
        height={side}
        className={style["corner"]}
        onPointerDown={(event) => {
          event.stopPropagation();
          onTake(event, corner);
        }}
        onKeyDown={(event) => {
          const arrow = arrowOf(event.key, view);
          if (arrow === null) return;
          event.preventDefault();
          event.stopPropagation();
          const by = event.shiftKey ? 100 : event.altKey ? 1 : 10;
          onMove(corner, [xMm + by * arrow[0], yMm + by * arrow[1]]);
        }}
      />
    );
  });
}
