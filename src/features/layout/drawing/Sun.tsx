import { type PointerEvent } from "react";
import { type Layout } from "../layout";
import style from "../space.module.css";
import { type View } from "../view";
import { sunTexts } from "@/messages/en/layout/drawing";

type Props = { readonly layout: Layout; readonly view: View; readonly onTake: (event: PointerEvent) => void };

/** The sun, a handle that goes round the edge of the paper. */
export function Sun({ layout: { sun }, view, onTake }: Props) {
  const { left, top, width, height, span, isTurned } = view;
  const rad = (sun.azimuthDeg * Math.PI) / 180;
  const [right, front] = [Math.sin(rad), Math.cos(rad)];
  const [du, dv] = isTurned ? [front, right] : [right, -front];
  const inset = 0.04 * span;
  const [halfU, halfV] = [width / 2 - inset, height / 2 - inset];
  // on the rectangle round the drawing, in the sun's direction
  const reach = Math.min(halfU / Math.max(1e-6, Math.abs(du)), halfV / Math.max(1e-6, Math.abs(dv)));
  const [u, v] = [left + width / 2 + du * reach, top + height / 2 + dv * reach];
  return (
    <g className={style["sun"]} data-up={sun.elevationDeg > 0} onPointerDown={onTake}>
      <circle cx={u} cy={v} r={0.045 * span} className={style["sunHit"]} />
      <circle cx={u} cy={v} r={0.026 * span} />
      <title>{sunTexts.sunDragItOrUseTheArrowKeys}</title>
    </g>
  );
}
