import { figuresIn } from "../number";
import { namesIn } from "../pairs";
import { inColumns } from "./columns";
import { type Box, boxAround } from "./gray-image";
import { correctOcrText, type OcrCharacter } from "./ocr-corrections";
import { type Word, type Row } from "./row";

/** Room wider than this many heights of a line parts two columns. */
const columnGap = 1.4;

/** Words of a levelled picture as lines from above, each from the left; columns apart are parted by a tab. */
export function rowsOf(words: readonly Word[]): Row[] {
  const rows: Word[][] = [];
  for (const word of words.filter(isWriting).sort((a, b) => a.box.x0 - b.box.x0)) {
    const middle = (word.box.y0 + word.box.y1) / 2;
    // the row whose last word stands beside this one: lines may lean a little over the width of a picture
    const fits = rows
      .map((row) => ({ row, off: offOf(row, word, middle) }))
      .filter(({ off }) => off < 0.5)
      .sort((a, b) => a.off - b.off)[0];
    if (fits === undefined) rows.push([word]);
    else fits.row.push(word);
  }
  return inColumns(rows.map(rowOf).sort((a, b) => a.box.y0 + a.box.y1 - b.box.y0 - b.box.y1));
}

/** How far a word's middle is from that of the last words of a row, in heights of the larger of the two. */
function offOf(row: readonly Word[], word: Word, middle: number): number {
  const near = row.slice(-3).filter(({ box }) => box.x1 <= word.box.x0 + heightOf(word));
  const last = near.at(-1);
  if (last === undefined) return Number.POSITIVE_INFINITY;
  const middles = near.map(({ box }) => (box.y0 + box.y1) / 2);
  const mean = middles.reduce((sum, each) => sum + each, 0) / middles.length;
  return Math.abs(mean - middle) / Math.max(heightOf(word), ...near.map(heightOf));
}

function heightOf({ box }: Word): number {
  return box.y1 - box.y0;
}

/** Frames and grain are read as strokes now and then: short words without a digit, of which the reader was not sure. */
function isWriting({ signs, sure }: Word): boolean {
  const text = signs.map((sign) => sign.text).join("");
  if (/\d|[A-Za-z]{3}/.test(text)) return true;
  if (!/[\p{L}\p{N}%°]/u.test(text)) return /^[-+/=:~]+$/.test(text) && sure > 50;
  return sure >= (/[VAW%]/.test(text) ? 12 : 55);
}

function rowOf(words: readonly Word[]): Row {
  const heights = words.map(heightOf).sort((a, b) => a - b);
  const height = heights[Math.floor(heights.length / 2)] ?? 1;
  const letters: OcrCharacter[] = [];
  let before: Word | null = null;
  for (const word of withoutEnds(words, columnGap * height)) {
    const own = word.signs.flatMap((sign) => [...plain(sign.text)].map((c) => ({ c, sign })));
    if (own.length === 0) continue;
    if (before !== null) letters.push({ c: word.box.x0 - before.box.x1 > columnGap * height ? "\t" : " ", sign: null });
    letters.push(...own);
    before = word;
  }
  const fixed = correctOcrText(letters);
  return {
    text: fixed.map(({ c }) => c).join(""),
    signs: fixed.map(({ sign }) => sign),
    words,
    box: boxAround(words.map(({ box }) => box)),
  };
}

/** Words of a row without single signs that stand apart at its ends: strokes of a frame, not the beginning of a row, nor its value. */
function withoutEnds(words: readonly Word[], gap: number): readonly Word[] {
  const lone = (word: Word | undefined, isLast: boolean) =>
    word !== undefined && word.signs.length === 1 && !(isLast && /\d/.test(word.signs[0]?.text ?? ""));
  const [first, second] = words;
  if (second !== undefined && first !== undefined && lone(first, false) && second.box.x0 - first.box.x1 > gap)
    return withoutEnds(words.slice(1), gap);
  const [last, next] = [words.at(-1), words.at(-2)];
  if (next !== undefined && last !== undefined && lone(last, true) && last.box.x0 - next.box.x1 > gap)
    return withoutEnds(words.slice(0, -1), gap);
  return words;
}

/** One unit of text for one sign, none that a reader of pages would take for markup. */
function plain(text: string): string {
  return text
    .replace(/[<>&|\s]/g, "")
    .replace(/[\u2010-\u2015\u2212]/g, "-")
    .replace(/[×✕✖]/g, "x");
}

/** Where a row names a field and has no number: the strip beside the name, in which a reader of pages missed it. */
export function emptyStrips(
  rows: readonly Row[],
  { width, height }: { readonly width: number; readonly height: number },
): Box[] {
  return rows
    .filter(({ text }) => namesIn(text).length > 0 && figuresIn(text).length === 0)
    .map(({ box }) => {
      const rim = Math.round(0.35 * (box.y1 - box.y0));
      return {
        x0: Math.min(width, box.x1 + rim),
        y0: Math.max(0, box.y0 - rim),
        x1: width,
        y1: Math.min(height, box.y1 + rim),
      };
    })
    .filter(({ x0, x1, y0, y1 }) => x1 - x0 > y1 - y0)
    .slice(0, 16);
}
