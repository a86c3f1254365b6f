import { memo, useMemo } from "react";
import { type ShadeMap } from "@/core/wiring/year";
import style from "../space.module.css";
import { type View } from "../view";

/** Steps of loss, as shares of a year's light; each is washed darker, and the more the denser its strokes. */
export const lossSteps = [0.02, 0.05, 0.1, 0.2, 0.4] as const;

/** Where shadows take how much of a year's light, in washes of ink. */
export const Shade = memo(function Shade({ map, view }: { readonly map: ShadeMap; readonly view: View }) {
  const paths = useMemo(() => stepsOf(map, view), [map, view]);
  return (
    <g clipPath="url(#surface-clip)" pointerEvents="none" data-testid="shade-map">
      {paths.map((d, k) => (
        <path key={k} d={d} className={style["loss"]} />
      ))}
    </g>
  );
});

/** One shape for each step: all spots that lose at least so much. Spots of a row that lie side by side are one rectangle. */
function stepsOf({ spotMm, leftMm, backMm, columns, rows, lostKwhM2, openKwhM2 }: ShadeMap, view: View): string[] {
  return lossSteps.map((step) => {
    const least = step * openKwhM2;
    let path = "";
    for (let row = 0; row < rows; row++)
      for (let column = 0; column < columns;) {
        const from = column;
        while (column < columns && (lostKwhM2[row * columns + column] ?? 0) >= least) column += 1;
        if (column > from) {
          const [x0, x1] = [leftMm + from * spotMm, leftMm + column * spotMm];
          const [y0, y1] = [backMm + row * spotMm, backMm + (row + 1) * spotMm];
          path += view.path([
            [x0, y0],
            [x1, y0],
            [x1, y1],
            [x0, y1],
          ]);
        } else column += 1;
      }
    return path;
  });
}
