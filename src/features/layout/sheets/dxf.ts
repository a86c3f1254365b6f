import Drawing from "dxf-writer";
import { type SurfaceDrawing } from "@/core/drawings";

/** A surface at its true size as DXF in mm, x to the right and y to the front, from its back left corner. */
export function drawingDxf({ marks, deepMm }: SurfaceDrawing): string {
  const dxf = new Drawing();
  dxf.setUnits("Millimeters");
  dxf.addLayer("outline", Drawing.ACI.WHITE, "CONTINUOUS");
  dxf.addLayer("fine", Drawing.ACI.WHITE, "CONTINUOUS");
  dxf.addLayer("words", Drawing.ACI.WHITE, "CONTINUOUS");
  const up = (y: number) => deepMm - y;
  for (const mark of marks) {
    switch (mark.type) {
      case "line":
        dxf.setActiveLayer(mark.pen === "fine" ? "fine" : "outline");
        dxf.drawPolyline(
          mark.points.map(([x, y]): [number, number] => [x, up(y)]),
          mark.closed,
        );
        break;
      case "circle":
        dxf.setActiveLayer("outline");
        dxf.drawCircle(mark.middle[0], up(mark.middle[1]), mark.radiusMm);
        break;
      case "text":
        dxf.setActiveLayer("words");
        // a line of its own in the file: what is no writing would end it
        dxf.drawText(
          mark.at[0],
          up(mark.at[1]),
          mark.sizeMm,
          mark.turnedDeg,
          mark.text.replace(/\p{Cc}+/gu, " "),
          "center",
        );
        break;
    }
  }
  return dxf.toDxfString();
}
