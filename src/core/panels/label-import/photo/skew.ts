import { type Grey } from "./gray-image";

const maxDeg = 12;

/** A way lines of letters may run: so many quarter turns clockwise make them level but for `deg`; the sharper, the likelier. */
export type Lie = { readonly quarters: 0 | 1; readonly deg: number; readonly sharp: number };

/**
 * How lines of letters lie, along the picture and across it, the likelier first: the turn at which rows of the picture differ most
 * from one another (the projection profile of Postl, 1986). Bars on a sticker may look like lines across it. For an evened picture,
 * a few hundred pixels wide.
 */
export function liesOf(picture: Grey): readonly [Lie, Lie] {
  const ink = inkOf(picture);
  const across = ink.map(({ x, y, dark }) => ({ x: y, y: picture.width - 1 - x, dark }));
  const along: Lie = { quarters: 0, ...bestTurn(ink, picture) };
  const sideways: Lie = { quarters: 1, ...bestTurn(across, { width: picture.height, height: picture.width }) };
  return sideways.sharp > surelySideways * along.sharp ? [sideways, along] : [along, sideways];
}

/** Photos are held upright far more often than not. */
const surelySideways = 1.4;

type Size = { readonly width: number; readonly height: number };

function bestTurn(ink: readonly Point[], size: Size): { readonly deg: number; readonly sharp: number } {
  const best = (from: number, to: number, step: number) => {
    let found = { deg: 0, sharp: -1 };
    for (let deg = from; deg <= to + 1e-9; deg += step) {
      const sharp = sharpness(ink, deg, size);
      if (sharp > found.sharp) found = { deg, sharp };
    }
    return found;
  };
  const coarse = best(-maxDeg, maxDeg, 0.5).deg;
  return best(coarse - 0.5, coarse + 0.5, 0.05);
}

type Point = { readonly x: number; readonly y: number; readonly dark: number };

function inkOf({ width, height, data }: Grey): Point[] {
  const found: Point[] = [];
  for (let y = 1; y < height - 1; y++)
    for (let x = 1; x < width - 1; x++) {
      const dark = 255 - (data[y * width + x] ?? 255);
      if (dark > 90) found.push({ x, y, dark });
    }
  return found;
}

/** How unlike neighbouring rows are, at a turn. */
function sharpness(ink: readonly Point[], deg: number, { width, height }: Size): number {
  const slope = Math.tan((deg * Math.PI) / 180);
  const offset = Math.ceil(Math.abs(slope) * width) + 1;
  const rows = new Float64Array(height + 2 * offset + 2);
  for (const { x, y, dark } of ink) {
    const at = y - slope * x + offset;
    const low = Math.floor(at);
    rows[low] = (rows[low] ?? 0) + dark * (low + 1 - at);
    rows[low + 1] = (rows[low + 1] ?? 0) + dark * (at - low);
  }
  let sum = 0;
  for (let k = 1; k < rows.length; k++) sum += ((rows[k] ?? 0) - (rows[k - 1] ?? 0)) ** 2;
  return sum;
}
