import { rowBounds } from "./bound";
import { fitsIn, type Raster } from "./raster";
import { type Laid, sumOf, type Tile, worthOf } from "./strips";

export type Searched = { readonly laid: readonly Laid[]; readonly proved: boolean };

/** A step of a search: so that whoever drives it can turn to something newer. */
const triesAStep = 20_000;
/** With more places than this a search sees only the beginning of what there is. */
const maxPlaces = 60_000;

/**
 * Looks for a better layout than one known, branch by branch: tiles are laid in the order of their back left corners, at places
 * where they touch something to the left and to the back, as any layout can be pushed to such (normal patterns). A branch is left
 * when what lies behind the row it has come to, with the bound for the rows from there on, is no more than the best: tiles that
 * reach over that row are counted by the share of them behind it. Through before the tries run out, the best is proved.
 */
export function* searchLayout(
  raster: Raster,
  tiles: readonly Tile[],
  seam: number,
  counts: readonly (number | null)[],
  known: readonly Laid[],
  maxTries: number,
): Generator<undefined, Searched> {
  const places = placesIn(raster, tiles, seam);
  if (places.length > maxPlaces) return { laid: known, proved: false };
  const bounds = rowBounds(raster, tiles, seam);
  let best = known;
  let bestWorth = sumOf(known);
  const used = counts.map(() => 0);
  const stack: { readonly laid: Laid; readonly worth: number }[] = [];
  /** The places gone through at each depth, and the worth of all below it. */
  const next: number[] = [0];
  let worth = 0;
  for (let tries = 1; next.length > 0; tries++) {
    if (tries % triesAStep === 0) yield undefined;
    if (tries > maxTries) return { laid: best, proved: false };
    const depth = next.length - 1;
    const at = next[depth] ?? 0;
    const place = places[at];
    if (place === undefined || maxFrom(place.row) <= bestWorth + 1e-6) {
      next.pop();
      const last = stack.pop();
      if (last !== undefined) {
        used[last.laid.tile.kind] = (used[last.laid.tile.kind] ?? 0) - 1;
        worth -= last.worth;
      }
      continue;
    }
    next[depth] = at + 1;
    const most = counts[place.tile.kind] ?? null;
    if (most !== null && (used[place.tile.kind] ?? 0) >= most) continue;
    if (stack.some(({ laid }) => meets(laid, place, seam))) continue;
    const own = worthOf(place);
    stack.push({ laid: place, worth: own });
    used[place.tile.kind] = (used[place.tile.kind] ?? 0) + 1;
    worth += own;
    next.push(at + 1);
    if (worth > bestWorth + 1e-6) [best, bestWorth] = [stack.map(({ laid }) => laid), worth];
  }
  return { laid: best, proved: true };

  /** What a layout can be worth that goes on from a row: of the tiles laid, the share behind it. */
  function maxFrom(row: number): number {
    let ahead = 0;
    for (const { laid, worth: own } of stack) {
      const over = laid.row + laid.tile.deep + seam - row;
      if (over > 0) ahead += own * Math.min(1, over / (laid.tile.deep + seam));
    }
    return worth - ahead + (bounds[row] ?? 0);
  }
}

export function meets(a: Laid, b: Laid, seam: number): boolean {
  return (
    a.column < b.column + b.tile.wide + seam &&
    b.column < a.column + a.tile.wide + seam &&
    a.row < b.row + b.tile.deep + seam &&
    b.row < a.row + a.tile.deep + seam
  );
}

/** Where tiles pushed as far as they go can come to lie, from the back left; the worthiest of a place first. */
function placesIn(raster: Raster, tiles: readonly Tile[], seam: number): Laid[] {
  const { columns, rows } = raster;
  const [atColumns, atRows] = [normalPlaces(raster, tiles, seam, true), normalPlaces(raster, tiles, seam, false)];
  const fits = tiles.map(({ wide, deep }) => fitsIn(raster, wide, deep));
  const byWorth = tiles.map((_, k) => k).sort((a, b) => (tiles[b]?.worth ?? 0) - (tiles[a]?.worth ?? 0));
  const places: Laid[] = [];
  for (let row = 0; row < rows; row++) {
    if (atRows[row] !== 1) continue;
    for (let column = 0; column < columns; column++) {
      if (atColumns[column] !== 1) continue;
      for (const k of byWorth) {
        const tile = tiles[k];
        if (tile !== undefined && fits[k]?.[row * columns + column] === 1) places.push({ tile, column, row });
      }
      if (places.length > maxPlaces) return places;
    }
  }
  return places;
}

/** Columns, or rows, at which a tile pushed as far as it goes can begin: at the near edge of something free, or some tiles on. */
function normalPlaces(
  { columns, rows, blocked }: Raster,
  tiles: readonly Tile[],
  seam: number,
  isColumns: boolean,
): Uint8Array {
  const length = isColumns ? columns : rows;
  const reached = new Uint8Array(length + 1);
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      if (blocked[row * columns + column] === 1) continue;
      const isEdge = isColumns
        ? column === 0 || blocked[row * columns + column - 1] === 1
        : row === 0 || blocked[(row - 1) * columns + column] === 1;
      if (isEdge) reached[isColumns ? column : row] = 1;
    }
  const sizes = [...new Set(tiles.map(({ wide, deep }) => (isColumns ? wide : deep)))];
  for (let at = 0; at <= length; at++)
    if (reached[at] === 1) for (const size of sizes) if (at + size + seam <= length) reached[at + size + seam] = 1;
  return reached;
}
