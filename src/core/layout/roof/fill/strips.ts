import { fitsIn, type Raster } from "./raster";

/** A way to lay a kind: how many squares it takes, and what it is worth where it lies. */
export type Tile = {
  readonly kind: number;
  readonly turned: boolean;
  readonly wide: number;
  readonly deep: number;
  /** In full light. */ readonly worth: number;
  /** What of its worth it keeps at a column and a row; null: all, everywhere. */
  readonly keeps: ((column: number, row: number) => number) | null;
};
/** A tile laid, from a column and a row on. */
export type Laid = { readonly tile: Tile; readonly column: number; readonly row: number };

export function worthOf({ tile, column, row }: Laid): number {
  return tile.keeps === null ? tile.worth : tile.worth * tile.keeps(column, row);
}

export function sumOf(laid: readonly Laid[]): number {
  return laid.reduce((sum, each) => sum + worthOf(each), 0);
}

/**
 * The best of all layouts made of strips: each strip as deep as one tile, in it tiles side by side from its back, low ones on top
 * of one another. Exact among those; a proof that there is no better layout of another make it is not.
 */
export function stripLayout(raster: Raster, tiles: readonly Tile[], seam: number): readonly Laid[] {
  const { rows } = raster;
  const depths = [...new Set(tiles.map(({ deep }) => deep))];
  const strips = createStrips(raster, tiles, seam);
  // best from a row on to the front, and how deep a strip begins there, if one does
  const best = new Float64Array(rows + 1);
  const deepOf = new Int32Array(rows + 1);
  for (let row = rows - 1; row >= 0; row--) {
    best[row] = best[row + 1] ?? 0;
    for (const deep of depths) {
      if (row + deep > rows) continue;
      const worth = strips(row, deep) + (best[Math.min(rows, row + deep + seam)] ?? 0);
      if (worth > (best[row] ?? 0) + 1e-9) [best[row], deepOf[row]] = [worth, deep];
    }
  }
  const laid: Laid[] = [];
  for (let row = 0; row < rows;) {
    const deep = deepOf[row] ?? 0;
    if (deep === 0) row += 1;
    else {
      strips(row, deep, laid);
      row += deep + seam;
    }
  }
  return laid;
}

/** What a strip that begins at a row and is so deep is worth at most; its tiles are added to a list, if one is given. */
function createStrips(raster: Raster, tiles: readonly Tile[], seam: number) {
  const { columns } = raster;
  const end = columns + seam;
  const all = tiles.map((tile) => ({ tile, fits: fitsIn(raster, tile.wide, tile.deep) }));
  const byDepth = new Map(tiles.map(({ deep }) => [deep, all.filter(({ tile }) => tile.deep <= deep)]));
  // best of the first so many columns; a seam follows a tile but at the end
  const best = new Float64Array(end + 1);
  const chosen = new Int32Array(end + 1);
  return (row: number, deep: number, into?: Laid[]): number => {
    const fitting = byDepth.get(deep) ?? [];
    for (let to = 1; to <= end; to++) {
      let most = best[to - 1] ?? 0;
      let which = -1;
      for (let k = 0; k < fitting.length; k++) {
        const { tile, fits } = fitting[k] as (typeof all)[number];
        const column = to - tile.wide - seam;
        if (column < 0 || fits[row * columns + column] !== 1) continue;
        const worth = (best[column] ?? 0) + piled(tile, fits, column, row, deep);
        if (worth > most + 1e-9) {
          most = worth;
          which = k;
        }
      }
      best[to] = most;
      chosen[to] = which;
    }
    if (into !== undefined) collect(fitting, row, deep, into);
    return best[end] ?? 0;
  };

  function collect(fitting: typeof all, row: number, deep: number, into: Laid[]): void {
    for (let to = end; to > 0;) {
      const chose = fitting[chosen[to] ?? -1];
      if (chose === undefined) {
        to -= 1;
        continue;
      }
      const { tile, fits } = chose;
      const column = to - tile.wide - seam;
      for (let at = row; at + tile.deep <= row + deep && fits[at * columns + column] === 1; at += tile.deep + seam)
        into.push({ tile, column, row: at });
      to = column;
    }
  }

  /** Low tiles on top of one another, as many as the strip is deep. */
  function piled(tile: Tile, fits: Uint8Array, column: number, row: number, deep: number): number {
    let worth = 0;
    for (let at = row; at + tile.deep <= row + deep && fits[at * columns + column] === 1; at += tile.deep + seam)
      worth += tile.keeps === null ? tile.worth : tile.worth * tile.keeps(column, at);
    return worth;
  }
}
