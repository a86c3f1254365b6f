import { memo } from "react";
import { type Surface } from "@/core/plan";
import { pointsOf } from "@/core/layout/roof";
import { ribLines } from "@/core/drawings";
import style from "../space.module.css";
import { type View } from "../view";
import { paperTexts } from "@/messages/en/layout/drawing";

/** Graph paper, the photo under the drawing, the outline of the surface and its ribs: a sheet of its own, that is not drawn again when something moves over it. */
export const Paper = memo(function Paper({ surface, view }: { readonly surface: Surface; readonly view: View }) {
  const { left, top, width, height, span } = view;
  const outline = pointsOf(surface.outline);
  const { photo } = surface;
  const [frontX, frontY] = view.isTurned
    ? [left + width - 0.045 * span, top + height / 2]
    : [left + width / 2, top + 0.075 * span];
  return (
    <svg viewBox={`${left} ${top} ${width} ${height}`} className={style["paper"]} aria-hidden>
      <defs>
        <pattern id="space-grid" width={100} height={100} patternUnits="userSpaceOnUse">
          <path d="M100 0H0V100" className={style["fine"]} />
        </pattern>
        <pattern id="space-bold" width={500} height={500} patternUnits="userSpaceOnUse">
          <rect width={500} height={500} fill="url(#space-grid)" />
          <path d="M500 0H0V500" className={style["bold"]} />
        </pattern>
      </defs>
      <rect x={left} y={top} width={width} height={height} fill="url(#space-bold)" pointerEvents="none" />
      {photo !== null && (
        <image
          href={`/api/photos/${photo.id}`}
          width={photo.widthPx}
          height={photo.heightPx}
          preserveAspectRatio="none"
          transform={photoTransform(photo, view)}
          pointerEvents="none"
          className={style["photo"]}
        />
      )}
      <path d={view.path(outline)} className={style["outline"]} data-over={photo !== null} pointerEvents="none" />
      <path
        d={ribLines(surface)
          .map((line) => view.path(line, true))
          .join("")}
        className={style["rib"]}
        pointerEvents="none"
      />
      <text
        transform={`translate(${frontX} ${frontY})${view.isTurned ? " rotate(90)" : ""}`}
        textAnchor="middle"
        fontSize={0.026 * span}
        className={style["word"]}
      >
        {paperTexts.front}
      </text>
    </svg>
  );
});

/** A photo lies with its top to the front, turned clockwise about its top left corner. */
function photoTransform({ mmPerPx, xMm, yMm, turnDeg }: NonNullable<Surface["photo"]>, view: View): string {
  const [u, v] = view.project([xMm, yMm]);
  return `translate(${u} ${v}) rotate(${view.turn(turnDeg)}) scale(${mmPerPx})`;
}
