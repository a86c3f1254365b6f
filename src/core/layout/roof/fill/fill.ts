import { type Ground } from "../placement-candidates";
import { type Point } from "../vector";
import { rowBounds } from "./bound";
import { improved } from "./improve";
import { type Raster, rasterOf, turnedRaster, withTaken } from "./raster";
import { searchLayout } from "./search";
import { type Laid, stripLayout, sumOf, type Tile, worthOf } from "./strips";

/** A kind of panel that may be laid. */
export type FillKind = {
  readonly panelId: string;
  readonly lengthMm: number;
  readonly widthMm: number;
  readonly watts: number;
  /** How many there are; null: as many as fit. */ readonly count: number | null;
};

/** How much of its light a panel keeps that lies over a rectangle, 0 to 1; of its watts that is what it is worth. */
export type KeptLight = (leftMm: number, rightMm: number, backMm: number, frontMm: number) => number;
export const allLight: KeptLight = () => 1;

export type FillAsk = {
  readonly ground: Ground;
  readonly kinds: readonly FillKind[];
  /** Between panels. */ readonly seamMm: number;
  readonly kept: KeptLight;
  /** Which way panels may lie: with their longer edge to the front, across, or as it comes. */
  readonly ways: "any" | "along" | "across";
};

export type Filled = {
  readonly panels: readonly {
    readonly panelId: string;
    readonly xMm: number;
    readonly yMm: number;
    readonly turnedDeg: 0 | 90;
  }[];
  readonly watts: number;
  /** Watts, each less the light it loses where it lies. */ readonly worthW: number;
  /** No layout on these squares is worth more than this. */ readonly boundW: number;
  readonly proved: boolean;
};

/**
 * Lays panels on what is free of a surface for most watts: the best layout of strips, from the back and from the side; where there
 * are few places, a search through all of them; or else window by window, for so many tries. Each answer says how far from a bound it
 * is. Squares of 10 mm, rounded to the safe side: what is laid is free, and a layout that only just fits may be missed by a centimetre.
 */
export function* fillSurface(ask: FillAsk, maxTries: number): Generator<undefined, Filled> {
  const raster = rasterOf(ask.ground);
  const seam = Math.ceil(ask.seamMm / raster.gridMm);
  const tiles = tilesOf(ask, raster);
  const counts = ask.kinds.map(({ count }) => count);
  yield;
  const turned = turnedRaster(raster);
  let best: readonly Laid[] = [];
  for (const order of countedOrders(ask.kinds)) {
    for (const isTurned of [false, true]) {
      const laid = laidInTurn(isTurned ? turned : raster, tiles, seam, ask.kinds, order, isTurned);
      if (sumOf(laid) > sumOf(best) + 1e-9) best = laid;
      yield;
    }
  }
  const [byRows, byColumns] = [rowBounds(raster, tiles, seam), rowBounds(turned, tiles.map(flipped), seam)];
  const owned = ask.kinds.reduce((sum, { watts, count }) => sum + (count === null ? Infinity : watts * count), 0);
  const boundW = Math.min(byRows[0] ?? 0, byColumns[0] ?? 0, owned);
  let proved = sumOf(best) >= boundW - 1e-6;
  if (!proved && maxTries > 0) {
    const found = yield* searchLayout(raster, tiles, seam, counts, best, maxTries);
    proved = found.proved;
    best = proved ? found.laid : yield* improved(raster, tiles, seam, counts, found.laid, maxTries);
    proved ||= sumOf(best) >= boundW - 1e-6;
  }
  const worthW = sumOf(best);
  return {
    panels: best.map((laid) => {
      const [xMm, yMm] = middleOf(laid, raster, ask.kinds);
      const { panelId = "" } = ask.kinds[laid.tile.kind] ?? {};
      return { panelId, xMm, yMm, turnedDeg: laid.tile.turned ? 90 : 0 };
    }),
    watts: best.reduce((sum, { tile }) => sum + tile.worth, 0),
    worthW,
    boundW: proved ? worthW : boundW,
    proved,
  };
}

function tilesOf({ kinds, kept, ways }: FillAsk, { gridMm, leftMm, backMm }: Raster): Tile[] {
  return kinds.flatMap(({ lengthMm, widthMm, watts, count }, kind) =>
    [false, true]
      .filter((turned) => (ways === "any" || (ways === "across") === turned) && !(turned && lengthMm === widthMm))
      .filter(() => count !== 0)
      .map((turned): Tile => {
        const [wideMm, deepMm] = turned ? [lengthMm, widthMm] : [widthMm, lengthMm];
        const [wide, deep] = [Math.ceil(wideMm / gridMm - 1e-9), Math.ceil(deepMm / gridMm - 1e-9)];
        const keeps = (column: number, row: number) => {
          const [x, y] = [leftMm + column * gridMm, backMm + row * gridMm];
          return kept(x, x + wideMm, y, y + deepMm);
        };
        return { kind, turned, wide, deep, worth: watts, keeps: kept === allLight ? null : keeps };
      }),
  );
}

function flipped(tile: Tile): Tile {
  const { wide, deep, keeps } = tile;
  return { ...tile, wide: deep, deep: wide, keeps: keeps === null ? null : (column, row) => keeps(row, column) };
}

/** Kinds all at once; and where there are only so many of them, one after another, in every order. */
function countedOrders(kinds: readonly FillKind[]): readonly (readonly number[])[] {
  const all = kinds.map((_, kind) => kind);
  if (kinds.every(({ count }) => count === null)) return [all];
  const orders = (left: readonly number[]): number[][] =>
    left.length === 0
      ? [[]]
      : left.flatMap((kind) => orders(left.filter((each) => each !== kind)).map((rest) => [kind, ...rest]));
  // more than four kinds have too many orders: by their watts, and the other way round
  if (kinds.length <= maxOrdered) return [all, ...orders(all)];
  const byWatts = all.toSorted((a, b) => (kinds[b]?.watts ?? 0) - (kinds[a]?.watts ?? 0));
  return [all, byWatts, byWatts.toReversed()];
}
const maxOrdered = 3;

/** Strips of all kinds in an order at once, or kind after kind: what there are too many of is left out, and what is left filled again. */
function laidInTurn(
  raster: Raster,
  tiles: readonly Tile[],
  seam: number,
  kinds: readonly FillKind[],
  order: readonly number[],
  isTurned: boolean,
): readonly Laid[] {
  const isAtOnce = kinds.every(({ count }) => count === null);
  const across = isTurned ? tiles.map(flipped) : tiles;
  const laid: Laid[] = [];
  for (const group of isAtOnce ? [order] : order.map((kind) => [kind])) {
    const free =
      laid.length === 0
        ? raster
        : withTaken(
            raster,
            laid.map(({ tile: { wide, deep }, column, row }) => ({
              column: column - seam,
              row: row - seam,
              wide: wide + 2 * seam,
              deep: deep + 2 * seam,
            })),
          );
    const strips = stripLayout(
      free,
      across.filter(({ kind }) => group.includes(kind)),
      seam,
    );
    for (const kind of group) {
      const of = strips.filter(({ tile }) => tile.kind === kind).sort((a, b) => worthOf(b) - worthOf(a));
      laid.push(...of.slice(0, kinds[kind]?.count ?? of.length));
    }
  }
  if (!isTurned) return laid;
  return laid.map(({ tile, column, row }) => ({ tile: tiles[across.indexOf(tile)] ?? tile, column: row, row: column }));
}

/** A panel begins where its squares do, which are a little larger than it is. */
function middleOf({ tile, column, row }: Laid, { gridMm, leftMm, backMm }: Raster, kinds: readonly FillKind[]): Point {
  const { lengthMm = 0, widthMm = 0 } = kinds[tile.kind] ?? {};
  const [wideMm, deepMm] = tile.turned ? [lengthMm, widthMm] : [widthMm, lengthMm];
  return [leftMm + column * gridMm + wideMm / 2, backMm + row * gridMm + deepMm / 2];
}
