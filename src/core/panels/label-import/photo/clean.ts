import { type Blob, blotsOf } from "./blobs";
import { paperShade } from "./equalize";
import { type Grey } from "./gray-image";

const inkDarkerThan = 150;

/** `marks`: how many patches of ink stay. An evened picture without what is no writing: frames, rules, walls, bars, rows of dots that lead from a name to its value. */
export function cleaned(picture: Grey): { readonly picture: Grey; readonly letterPx: number; readonly marks: number } {
  const { blots, of } = blotsOf(picture, inkDarkerThan);
  const letterPx = letterHeight(blots);
  if (letterPx === 0) return { picture, letterPx, marks: 0 };
  const goes = new Set(blots.filter((blot) => isNoLetter(blot, letterPx)).map(({ id }) => id));
  for (const id of leadersAmong(blots, letterPx)) goes.add(id);
  const { width, height } = picture;
  const data = Uint8Array.from(picture.data);
  const wiped = new Uint8Array(data.length);
  for (let k = 0; k < wiped.length; k++) if (goes.has(of[k] ?? 0)) wiped[k] = 1;
  for (const blot of blots) if (goes.has(blot.id)) keepLetters(blot, letterPx, { of, wiped, width });
  // with the rim that a blurred edge leaves round what goes
  const rim = Math.max(1, Math.round(letterPx / 12));
  for (let y = 0; y < height; y++)
    for (let x = 0; x < width; x++) {
      if (wiped[y * width + x] !== 1) continue;
      for (let ny = Math.max(0, y - rim); ny <= Math.min(height - 1, y + rim); ny++)
        for (let nx = Math.max(0, x - rim); nx <= Math.min(width - 1, x + rim); nx++) {
          const at = ny * width + nx;
          if (of[at] === 0 || wiped[at] === 1) data[at] = paperShade;
        }
    }
  for (let k = 0; k < data.length; k++) data[k] = toned(data[k] ?? paperShade);
  return { picture: { width, height, data }, letterPx, marks: blots.length - goes.size };
}

/** Paper is one shade: the camera's grain and faint dots go, the soft edges of strokes stay. */
function toned(shade: number): number {
  if (shade >= palestInk) return paperShade;
  return shade < 110 ? shade : 110 + ((shade - 110) * (paperShade - 110)) / (palestInk - 110);
}
const palestInk = 180;

type Ink = { readonly of: Int32Array; readonly wiped: Uint8Array; readonly width: number };

/** A rule that runs into letters goes without them: what is thicker than a rule, and lower than a frame, stays. */
function keepLetters({ box, id }: Blob, letterPx: number, { of, wiped, width }: Ink): void {
  if (box.x1 - box.x0 < 3 * letterPx || box.y1 - box.y0 < 0.6 * letterPx) return;
  for (let x = box.x0; x < box.x1; x++)
    for (let y = box.y0; y < box.y1; y++) {
      let end = y;
      while (end < box.y1 && of[end * width + x] === id) end++;
      const run = end - y;
      if (run > 0.4 * letterPx && run < 1.5 * letterPx) for (let at = y; at < end; at++) wiped[at * width + x] = 0;
      if (run > 0) y = end;
    }
}

const sizeOf = ({ box: { x0, y0, x1, y1 } }: Blob) => ({ wide: x1 - x0, high: y1 - y0 });

/** The usual height of a capital or a digit, px: most blots of writing are as high as one or as a small letter. 0: no writing. */
function letterHeight(blots: readonly Blob[]): number {
  const heights = blots
    .filter((blot) => {
      const { wide, high } = sizeOf(blot);
      return high >= 9 && high <= 110 && wide <= 1.6 * high && wide >= 0.12 * high && blot.pixels > 0.15 * wide * high;
    })
    .map((blot) => sizeOf(blot).high)
    .sort((a, b) => a - b);
  if (heights.length < 12) return 0;
  // by weight of ink, so that many specks do not outvote the writing
  const all = heights.reduce((sum, high) => sum + high * high, 0);
  let below = 0;
  return heights.find((high) => (below += high * high) >= 0.5 * all) ?? 0;
}

function isNoLetter(blot: Blob, letterPx: number): boolean {
  const { wide, high } = sizeOf(blot);
  // grain; the smallest point is larger
  if (wide < 0.1 * letterPx && high < 0.1 * letterPx) return true;
  if (high > 4.5 * letterPx || wide > 14 * letterPx) return true;
  // a rule; letters that touch are as high as a letter
  if (wide > 3 * letterPx && high < 0.45 * letterPx) return true;
  // bars and strokes of a frame
  return high > 3.4 * letterPx && wide < 0.5 * letterPx;
}

/** Dots of one height above the foot of the page, six or more, at even distances. */
function leadersAmong(blots: readonly Blob[], letterPx: number): number[] {
  const dots = blots
    .filter((blot) => {
      const { wide, high } = sizeOf(blot);
      return wide < 0.3 * letterPx && high < 0.3 * letterPx;
    })
    .map(({ box, id }) => ({ id, x: (box.x0 + box.x1) / 2, y: (box.y0 + box.y1) / 2 }))
    .sort((a, b) => a.x - b.x);
  const runs: { ids: number[]; x: number; y: number; step: number }[] = [];
  for (const { id, x, y } of dots) {
    const run = runs.find(
      (each) =>
        Math.abs(each.y - y) < 0.15 * letterPx &&
        x - each.x > 0 &&
        x - each.x < 1.2 * letterPx &&
        (each.step === 0 || Math.abs(x - each.x - each.step) < 0.45 * each.step),
    );
    if (run === undefined) {
      runs.push({ ids: [id], x, y, step: 0 });
      continue;
    }
    run.step = run.step === 0 ? x - run.x : 0.7 * run.step + 0.3 * (x - run.x);
    run.ids.push(id);
    run.x = x;
    run.y = y;
  }
  return runs.filter(({ ids }) => ids.length >= 6).flatMap(({ ids }) => ids);
}
