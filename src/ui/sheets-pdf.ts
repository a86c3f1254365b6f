import { jsPDF } from "jspdf";
import { type Mark, pens, type Sheet } from "@/core/drawings";

/** Sheets as one PDF, a page each, in true mm. */
export function sheetsPdf(sheets: readonly Sheet[]): Uint8Array<ArrayBuffer> {
  const [first] = sheets;
  if (first === undefined) throw new Error("no sheet to print");
  const size = ({ wideMm, deepMm }: Sheet): [number, number] => [wideMm, deepMm];
  const turned = ({ wideMm, deepMm }: Sheet) => (wideMm > deepMm ? "landscape" : "portrait");
  const pdf = new jsPDF({ unit: "mm", format: size(first), orientation: turned(first), compress: true });
  for (const [k, sheet] of sheets.entries()) {
    if (k > 0) pdf.addPage(size(sheet), turned(sheet));
    pdf.setDrawColor(0);
    for (const mark of sheet.marks) drawn(pdf, mark);
  }
  return new Uint8Array(pdf.output("arraybuffer"));
}

const pointsAMm = 72 / 25.4;

function drawn(pdf: jsPDF, mark: Mark): void {
  switch (mark.type) {
    case "line": {
      const [start, ...rest] = mark.points;
      if (start === undefined) return;
      pdf.setLineWidth(pens[mark.pen]);
      pdf.setLineDashPattern(mark.dashed ? [2, 1.4] : [], 0);
      const steps = rest.map(([x, y], k): [number, number] => {
        const [fromX, fromY] = mark.points[k] ?? start;
        return [x - fromX, y - fromY];
      });
      pdf.lines(steps, start[0], start[1], [1, 1], "S", mark.closed);
      return;
    }
    case "circle":
      pdf.setLineWidth(pens[mark.pen]);
      pdf.setLineDashPattern([], 0);
      pdf.circle(mark.middle[0], mark.middle[1], mark.radiusMm, "S");
      return;
    case "text":
      pdf.setFontSize(mark.sizeMm * pointsAMm);
      // the font every reader has knows only western letters
      pdf.text(western(mark.text), mark.at[0], mark.at[1], {
        align: mark.anchor === "start" ? "left" : mark.anchor === "end" ? "right" : "center",
        angle: mark.turnedDeg,
      });
      return;
  }
}

/** Signs the built-in font lacks, as the nearest it has. */
function western(words: string): string {
  return words
    .replace(/[\u2018\u2019]/g, "'")
    .replace(/[\u201c\u201d]/g, '"')
    .replace(/[\u2013\u2014\u2212]/g, "-")
    .replace(/[\u00a0\u2009\u202f]/g, " ")
    .replace(/[^\u0020-\u007e\u00a1-\u00ff]/g, "?");
}
