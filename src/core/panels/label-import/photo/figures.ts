import { type Blob, blotsOf } from "./blobs";
import { paperShade } from "./equalize";
import { type Box, boxAround, type Grey } from "./gray-image";
import { cut } from "./points";
import { type Row } from "./row";

/** A number of a row as it was read first, and its ink alone, cut out of the picture. */
export type PhotoFigure = {
  readonly row: number;
  /** Where it stands in the row's text. */ readonly at: number;
  readonly end: number;
  readonly text: string;
  readonly box: Box;
  readonly ink: Grey;
  /** Whether a letter touches it that is no unit: it may be a digit of it. */ readonly isBeset: boolean;
};

const maxFigures = 90;
const number = /[-+]?\d[\d.,]*(?<=\d)/g;

/** Every number of a sticker that may be a value; strings of digits longer than any value are serial numbers. */
export function figuresOf(rows: readonly Row[], picture: Grey): PhotoFigure[] {
  return rows
    .flatMap(({ text, signs }, row) =>
      [...text.matchAll(number)].flatMap((match): PhotoFigure[] => {
        const [at, end] = [match.index, match.index + match[0].length];
        const own = signs
          .slice(at, end)
          .flatMap((sign, k) => (sign === null || /[-+]/.test(match[0][k] ?? "") ? [] : [sign.box]));
        if (own.length === 0 || match[0].replace(/\D/g, "").length > 6) return [];
        const box = boxAround(own);
        return [{ row, at, end, text: match[0], box, ink: inkOf(picture, box), isBeset: isBeset(text, at, end) }];
      }),
    )
    .slice(0, maxFigures);
}

function isBeset(text: string, at: number, end: number): boolean {
  return !before.test(text.slice(Math.max(0, at - 3), at)) || !after.test(text.slice(end, end + 8));
}
const before = /(?:^|[^A-Za-z\d ]|(?<!\d) |DC|x)$/;
const after = /^(?:$|[^A-Za-z\d ]| (?!\d)|[VAW](?![a-z])|Wp|V ?[dD][cC]|[kK]?g\b|[cm]?m\b|x|pcs|in\b|AC)/;

/** A number's ink on paper, with a rim: what its neighbours reach into its box is left out. */
function inkOf(picture: Grey, box: Box): Grey {
  const high = box.y1 - box.y0;
  const reach = Math.round(0.35 * high);
  const round = { x0: box.x0 - reach, y0: box.y0 - reach, x1: box.x1 + reach, y1: box.y1 + reach };
  const part = cut(picture, round);
  const [left, top] = [Math.max(0, Math.floor(round.x0)), Math.max(0, Math.floor(round.y0))];
  const { blots, of } = blotsOf(part, 200);
  const isOwn = ({ box: { x0, x1, y0, y1 } }: Blob) => {
    const [x, y] = [left + (x0 + x1) / 2, top + (y0 + y1) / 2];
    const wide = x1 - x0;
    const inside = Math.min(left + x1, box.x1) - Math.max(left + x0, box.x0);
    return x >= box.x0 - 1 && x <= box.x1 + 1 && y >= box.y0 - 1 && y <= box.y1 + 1 && inside > 0.5 * wide;
  };
  const own = new Set(blots.filter(isOwn).map(({ id }) => id));
  const data = part.data.map((shade, k) => (own.has(of[k] ?? 0) || (of[k] === 0 && shade >= 200) ? shade : paperShade));
  return { width: part.width, height: part.height, data };
}
