import {
  type Box,
  cut,
  emptyStrips,
  figuresOf,
  type Grey,
  type PhotoReading,
  readPhoto,
  rowsOf,
  settled,
  shapeOf,
  type Word,
  withStrokes,
} from "@/core/panels/label-import/photo";
import { type Engine } from "./engine";
import { from, holds, prepared, type Prepared } from "./prepare";

/** What a photo says, and the photo itself as it was levelled: boxes of values are in its pixels. */
export type StickerReading = PhotoReading & Pick<Prepared, "shown">;

/** How high a number's cut-out is shown to a reader, px. */
const figurePx = 56;

/**
 * Reads the photo of a sticker: the whole first, then every number by itself. `told` hears how far it is, 0 to 1.
 * Throws `UnreadablePicture`.
 */
export async function readSticker(
  file: Uint8Array,
  engine: Engine,
  told: (share: number) => void,
): Promise<StickerReading> {
  let best: StickerReading | null = null;
  for (const [k, hold] of holds.entries()) {
    // each look more is half of what is left
    const before = 1 - 0.5 ** k;
    const read = await look(file, hold, engine, (share) =>
      told(k === 0 ? share * 0.97 : before + 0.5 ** (k + 1) * share),
    );
    if (best === null || understoodIn(read) > understoodIn(best)) best = read;
    // a sticker on its head gives rows of letters, and none that mean anything
    if (understoodIn(best) > 1) return best;
  }
  if (best === null) throw new Error("there is a way to hold a photo");
  return best;
}

function understoodIn({ panels }: PhotoReading): number {
  return Math.max(0, ...panels.map(({ marks }) => Object.keys(marks).length));
}

async function look(
  file: Uint8Array,
  hold: (typeof holds)[number],
  engine: Engine,
  told: (share: number) => void,
): Promise<StickerReading> {
  const { writing, shown } = await prepared(file, hold);
  told(0.2);
  if (writing === null) return { panels: [], devices: [], unread: [], shown };
  const page = await engine.words(await pngOf(writing), "page");
  const words = [...page, ...(await missedOn(writing, page, engine))];
  const rows = rowsOf(words);
  told(0.6);
  const figures = figuresOf(rows, writing);
  const cuts = await Promise.all(
    figures.map(({ ink }) =>
      from(ink)
        .resize(null, figurePx, { kernel: "cubic" })
        .extend({ top: 16, bottom: 16, left: 24, right: 24, background: { r: 225, g: 225, b: 225 } })
        .png({ compressionLevel: 1 })
        .toBuffer(),
    ),
  );
  const said = await engine.numbers(cuts, (share) => told(0.6 + 0.4 * share));
  const isPoor = isHardToRead(words);
  const all = figures.map((figure, k) =>
    settled(figure.text, said[k] ?? [], shapeOf(figure.ink), figure.isBeset || isPoor),
  );
  return { ...readPhoto(rows, figures, withStrokes(all)), shown };
}

/** Words beside names that had no number: looked for once more, each strip by itself. */
async function missedOn(writing: Grey, page: readonly Word[], engine: Engine): Promise<Word[]> {
  const found: Word[] = [];
  for (const strip of emptyStrips(rowsOf(page), writing)) {
    const part = cut(writing, strip);
    if (part.data.every((shade) => shade > 150)) continue;
    const moved = ({ x0, y0, x1, y1 }: Box) => ({
      x0: x0 + strip.x0,
      x1: x1 + strip.x0,
      y0: y0 + strip.y0,
      y1: y1 + strip.y0,
    });
    for (const word of await engine.words(await pngOf(part), "line"))
      if (!page.some(({ box }) => isOver(box, moved(word.box))))
        found.push({
          ...word,
          box: moved(word.box),
          signs: word.signs.map((sign) => ({ ...sign, box: moved(sign.box) })),
        });
  }
  return found;
}

function isOver(one: Box, other: Box): boolean {
  return one.x0 < other.x1 && other.x0 < one.x1 && one.y0 < other.y1 && other.y0 < one.y1;
}

function pngOf(picture: Grey): Promise<Buffer> {
  return from(picture).png({ compressionLevel: 1 }).toBuffer();
}

/** Whether a photo is so poor that nothing on it is taken without a doubt: the reader was sure of few of its words. */
function isHardToRead(words: readonly Word[]): boolean {
  const long = words.filter(({ signs }) => signs.length >= 2);
  return long.reduce((sum, { sure }) => sum + sure, 0) < 70 * long.length;
}
