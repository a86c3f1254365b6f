"use client";

import { roundTo } from "@/core/engine/numeric";
import { type SkyView } from "@/core/assessment";
import { csvText, downloadFile } from "@/ui";
import { skyWords } from "@/messages/en/window-chart/operating";
import { curvePoints } from "./geometry";

export type CurveRow = { readonly sky: string; readonly volts: number; readonly amps: number; readonly watts: number };

/** The curves as rows, for the table and for CSV. */
export function curveRows(states: readonly SkyView[]): CurveRow[] {
  return states.flatMap(({ sky, array }) =>
    curvePoints(array).map(({ v, i }) => ({
      sky: skyWords[sky.name],
      volts: roundTo(v, 2),
      amps: roundTo(i, 3),
      watts: roundTo(v * i, 1),
    })),
  );
}

export async function saveCsv(states: readonly SkyView[]): Promise<void> {
  downloadFile("window-chart.csv", "text/csv", await csvText(curveRows(states)));
}

/** The drawing as a file of its own: colours are written out, as a file has no stylesheet. */
export function saveSvg(drawing: SVGSVGElement): void {
  const styles = getComputedStyle(document.documentElement);
  const text = new XMLSerializer()
    .serializeToString(drawing)
    .replace(/var\((--[a-z-]+)\)/g, (_, name: string) => styles.getPropertyValue(name).trim());
  downloadFile("window-chart.svg", "image/svg+xml", text);
}

/** The array as a deck for a circuit simulator. */
export function saveNetlist(deck: string): void {
  downloadFile("array.cir", "text/plain", deck);
}
