import { type Mark, pens, type Sheet } from "./marks";

/** A sheet as an SVG file in mm, at its true size when printed at 100 %. */
export function sheetSvg({ name, wideMm, deepMm, marks }: Sheet): string {
  return [
    `<svg xmlns="http://www.w3.org/2000/svg" width="${wideMm}mm" height="${deepMm}mm" viewBox="0 0 ${wideMm} ${deepMm}" font-family="sans-serif" fill="none" stroke="#000">`,
    `<title>${escaped(name)}</title>`,
    `<rect width="${wideMm}" height="${deepMm}" fill="#fff" stroke="none"/>`,
    ...marks.map(markSvg),
    "</svg>",
  ].join("\n");
}

function markSvg(mark: Mark): string {
  switch (mark.type) {
    case "line": {
      const points = mark.points.map(([x, y]) => `${short(x)},${short(y)}`).join(" ");
      const dash = mark.dashed ? ` stroke-dasharray="2 1.4"` : "";
      return `<${mark.closed ? "polygon" : "polyline"} points="${points}" stroke-width="${pens[mark.pen]}"${dash}/>`;
    }
    case "circle":
      return `<circle cx="${short(mark.middle[0])}" cy="${short(mark.middle[1])}" r="${short(mark.radiusMm)}" stroke-width="${pens[mark.pen]}"/>`;
    case "text": {
      const [x, y] = mark.at.map(short);
      const turn = mark.turnedDeg === 0 ? "" : ` transform="rotate(-90 ${x} ${y})"`;
      return `<text x="${x}" y="${y}" font-size="${short(mark.sizeMm)}" text-anchor="${mark.anchor}" fill="#000" stroke="none"${turn}>${escaped(mark.text)}</text>`;
    }
  }
}

function short(value: number): string {
  return String(Number(value.toFixed(3)));
}

function escaped(words: string): string {
  return words
    .replace(/\p{Cc}/gu, " ")
    .replaceAll("&", "&amp;")
    .replaceAll("<", "&lt;")
    .replaceAll(">", "&gt;")
    .replaceAll('"', "&quot;");
}
