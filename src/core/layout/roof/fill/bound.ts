import { fitsIn, type Raster } from "./raster";
import { type Tile } from "./strips";

/**
 * No layout is worth more than this from a row on to the front. Every tile, with the seam after it, shares out its worth evenly over
 * the rows it lies on; in a row the tiles that lie on it stand side by side, each at a column where it fits with some of its rows on
 * this one. So a row gets at most the best filling by such tiles (a knapsack by place), and all rows together are a bound for any
 * layout, of strips or not. As long as the surface is deep, and the seam of the last.
 */
export function rowBounds(raster: Raster, tiles: readonly Tile[], seam: number): Float64Array {
  const { columns, rows } = raster;
  const end = columns + seam;
  const length = rows + seam;
  const free = tiles.map(({ wide, deep }) => fitsIn(raster, wide, deep));
  // of each tile and column: the last row so far at which it fits
  const last = tiles.map(() => new Int32Array(columns).fill(-1_000_000));
  const best = new Float64Array(end + 1);
  const each = new Float64Array(length);
  for (let row = 0; row < length; row++) {
    for (const [k, fits] of free.entries())
      if (row < rows)
        for (let column = 0; column < columns; column++)
          if (fits[row * columns + column] === 1) (last[k] as Int32Array)[column] = row;
    for (let to = 1; to <= end; to++) {
      let most = best[to - 1] ?? 0;
      for (let k = 0; k < tiles.length; k++) {
        const tile = tiles[k];
        if (tile === undefined) continue;
        const column = to - tile.wide - seam;
        if (column < 0 || (last[k]?.[column] ?? -1_000_000) + tile.deep + seam <= row) continue;
        most = Math.max(most, (best[column] ?? 0) + tile.worth / (tile.deep + seam));
      }
      best[to] = most;
    }
    each[row] = best[end] ?? 0;
  }
  const from = new Float64Array(length + 1);
  for (let row = length - 1; row >= 0; row--) from[row] = (from[row + 1] ?? 0) + (each[row] ?? 0);
  return from;
}
