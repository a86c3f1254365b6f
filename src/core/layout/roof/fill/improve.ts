import { croppedRaster, type Raster, withTaken } from "./raster";
import { searchLayout } from "./search";
import { type Laid, stripLayout, sumOf, type Tile } from "./strips";

/** Tries in each window. */
const triesAWindow = 6000;

/**
 * Betters a layout window by window: the panels that lie in one are taken out, and what is then free in it is filled anew, by strips
 * and branch by branch. As long as it helps, and no longer than the tries last.
 */
export function* improved(
  raster: Raster,
  tiles: readonly Tile[],
  seam: number,
  counts: readonly (number | null)[],
  from: readonly Laid[],
  maxTries: number,
): Generator<undefined, readonly Laid[]> {
  const reach = Math.max(...tiles.map(({ wide, deep }) => Math.max(wide, deep)), 1);
  const windows = windowsOver(raster, reach);
  let best = from;
  let left = maxTries;
  for (let again = true; again && left > 0;) {
    again = false;
    for (const window of windows) {
      if (left <= 0) break;
      const stays = best.filter((laid) => !isIn(laid, window));
      const goes = best.filter((laid) => isIn(laid, window));
      const { column, row, wide, deep } = window;
      const free = croppedRaster(
        withTaken(
          raster,
          stays.map((laid) => around(laid, seam)),
        ),
        column,
        row,
        wide,
        deep,
      );
      const counted = counts.map((most, kind) =>
        most === null ? null : most - stays.filter(({ tile }) => tile.kind === kind).length,
      );
      const shifted = tiles.map((tile): Tile => {
        const { keeps } = tile;
        return keeps === null ? tile : { ...tile, keeps: (c, r) => keeps(c + column, r + row) };
      });
      const local = goes.map((laid): Laid => ({
        tile: shifted[tiles.indexOf(laid.tile)] ?? laid.tile,
        column: laid.column - column,
        row: laid.row - row,
      }));
      const strips = counted.every((most) => most === null) ? stripLayout(free, shifted, seam) : [];
      const known = sumOf(strips) > sumOf(local) + 1e-6 ? strips : local;
      const { laid } = yield* searchLayout(free, shifted, seam, counted, known, triesAWindow);
      left -= triesAWindow;
      yield undefined;
      if (sumOf(laid) > sumOf(local) + 1e-6) {
        const back = laid.map((each): Laid => ({
          tile: tiles[shifted.indexOf(each.tile)] ?? each.tile,
          column: each.column + column,
          row: each.row + row,
        }));
        best = [...stays, ...back];
        again = true;
      }
    }
  }
  return best;
}

type Window = { readonly column: number; readonly row: number; readonly wide: number; readonly deep: number };

/** Windows of twice the longest panel, each half over the next. */
function windowsOver({ columns, rows }: Raster, reach: number): readonly Window[] {
  const along = (length: number) => {
    const size = Math.min(length, 2 * reach);
    const count = Math.ceil((length - size) / reach);
    return Array.from(
      { length: count + 1 },
      (_, k) => [Math.round(((length - size) * k) / Math.max(1, count)), size] as const,
    );
  };
  return along(rows).flatMap(([row, deep]) => along(columns).map(([column, wide]) => ({ column, row, wide, deep })));
}

function isIn({ tile, column, row }: Laid, window: Window): boolean {
  return (
    column >= window.column &&
    row >= window.row &&
    column + tile.wide <= window.column + window.wide &&
    row + tile.deep <= window.row + window.deep
  );
}

function around({ tile, column, row }: Laid, seam: number): Window {
  return { column: column - seam, row: row - seam, wide: tile.wide + 2 * seam, deep: tile.deep + 2 * seam };
}
