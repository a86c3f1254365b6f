import { minTextMm, type Mark, text, textWideMm } from "./marks";

/** Names on a drawing to scale: as large as they fit, or a number that is told below, so that none is too small and none lies on another. */

const maxTextMm = 3.2;

type TextMark = Extract<Mark, { type: "text" }>;

/** Marks of a drawing at its true size, with their names as they are at a scale, and what the numbers among them stand for. */
export function legible(marks: readonly Mark[], scale: number): { readonly marks: Mark[]; readonly legend: string[] } {
  const legend: string[] = [];
  const taken: Box[] = [];
  const told = marks.map((mark): Mark => {
    if (mark.type !== "text") return mark;
    const fits = mark.sizeMm / scale >= minTextMm;
    const shown: TextMark = fits
      ? { ...mark, sizeMm: Math.min(maxTextMm, mark.sizeMm / scale) }
      : { ...mark, text: String(legend.push(mark.text)), sizeMm: minTextMm, turnedDeg: 0 };
    const free = steps
      .map(([right, down]) => ({ ...shown, at: [shown.at[0] + right * scale, shown.at[1] + down * scale] as const }))
      .find((each) => !taken.some((box) => meets(box, boxOf(each, scale))));
    const settled = fits || free === undefined ? shown : free;
    taken.push(boxOf(settled, scale));
    return settled;
  });
  return { marks: told, legend };
}

/** Where a number goes instead, mm on the paper. */
const steps = [0, 3.4, -3.4, 6.8, -6.8].flatMap((down) => [0, 4.5, -4.5, 9, -9].map((right) => [right, down] as const));

type Box = readonly [left: number, top: number, right: number, bottom: number];

/** What words cover, in mm of the paper. */
function boxOf({ at, text: words, sizeMm, anchor, turnedDeg }: TextMark, scale: number): Box {
  const wide = textWideMm(words, sizeMm);
  const from = anchor === "start" ? 0 : anchor === "middle" ? -wide / 2 : -wide;
  const [x, y] = [at[0] / scale, at[1] / scale];
  return turnedDeg === 0
    ? [x + from, y - sizeMm, x + from + wide, y + 0.2 * sizeMm]
    : [x - sizeMm, y - from - wide, x + 0.2 * sizeMm, y - from];
}

function meets(a: Box, b: Box): boolean {
  return a[0] < b[2] && b[0] < a[2] && a[1] < b[3] && b[1] < a[3];
}

const lineMm = 4.2;

/** What the numbers stand for, in columns; `deepMm`: how much room it takes. */
export function legendMarks(
  legend: readonly string[],
  x: number,
  y: number,
  wideMm: number,
): { readonly marks: Mark[]; readonly deepMm: number } {
  const columns = wideMm > 170 ? 2 : 1;
  const down = Math.ceil(legend.length / columns);
  const most = Math.floor(wideMm / columns / textWideMm("m", minTextMm)) - 2;
  return {
    marks: legend.map((name, k) => {
      const words = `${k + 1}  ${name}`;
      return text(
        [x + Math.floor(k / down) * (wideMm / columns), y + lineMm * (1 + (k % down))],
        words.length > most ? `${words.slice(0, most - 1)}…` : words,
        minTextMm,
      );
    }),
    deepMm: down === 0 ? 0 : lineMm * (down + 1),
  };
}
