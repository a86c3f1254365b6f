import { areaOf, boundsOf, commonOf, type Polygon } from "../convex";
import { piecesOf, pointsOf } from "../outline";
import { type Ground } from "../placement-candidates";

/**
 * A surface in small squares, row by row from the back, of which each is free or not; one that anything touches is not, so that what
 * is laid on free squares is free.
 */
export type Raster = {
  readonly gridMm: number;
  readonly leftMm: number;
  readonly backMm: number;
  readonly columns: number;
  readonly rows: number;
  readonly blocked: Uint8Array;
};

/** Squares are made larger where a surface would have more than this. */
const maxSquares = 160_000;
const finestMm = 10;

export function rasterOf({ outline, taken, zones }: Ground): Raster {
  const { x, y } = boundsOf(pointsOf(outline));
  const [leftMm, backMm] = [x[0], y[0]];
  const [wideMm, deepMm] = [x[1] - leftMm, y[1] - backMm];
  const gridMm = Math.max(finestMm, Math.ceil(Math.sqrt((wideMm * deepMm) / maxSquares) / 5) * 5);
  const [columns, rows] = [Math.floor(wideMm / gridMm + 1e-9), Math.floor(deepMm / gridMm + 1e-9)];
  const whole = gridMm * gridMm;
  const inside = new Float64Array(columns * rows);
  const blocked = new Uint8Array(columns * rows);
  const over = (shape: Polygon, each: (at: number, sharedMm2: number) => void) => {
    const {
      x: [fromX, toX],
      y: [fromY, toY],
    } = boundsOf(shape);
    const [firstColumn, firstRow] = [Math.floor((fromX - leftMm) / gridMm), Math.floor((fromY - backMm) / gridMm)];
    const shared = sharedWith(shape, gridMm);
    for (let row = Math.max(0, firstRow); row < rows && backMm + row * gridMm < toY; row++)
      for (let column = Math.max(0, firstColumn); column < columns && leftMm + column * gridMm < toX; column++)
        each(row * columns + column, shared(leftMm + column * gridMm, backMm + row * gridMm));
  };
  for (const piece of piecesOf(outline)) over(piece, (at, sharedMm2) => (inside[at] = (inside[at] ?? 0) + sharedMm2));
  for (let at = 0; at < blocked.length; at++) if ((inside[at] ?? 0) < whole - 1e-3) blocked[at] = 1;
  for (const shape of [...taken, ...zones.flatMap((zone) => [...piecesOf(zone)])])
    over(shape, (at, sharedMm2) => {
      if (sharedMm2 > 1e-3) blocked[at] = 1;
    });
  return { gridMm, leftMm, backMm, columns, rows, blocked };
}

/** What a square, by its corner, has in common with a convex shape: most lie wholly in or out, which their middles tell. */
function sharedWith(shape: Polygon, gridMm: number): (x: number, y: number) => number {
  const sides = shape.map(([ax, ay], k) => {
    const [bx, by] = shape[(k + 1) % shape.length] ?? [ax, ay];
    const [nx, ny] = [ay - by, bx - ax];
    // how far a corner of the square is from its middle, as this side counts
    return { nx, ny, least: nx * ax + ny * ay, reach: ((Math.abs(nx) + Math.abs(ny)) * gridMm) / 2 };
  });
  return (x, y) => {
    const [midX, midY] = [x + gridMm / 2, y + gridMm / 2];
    let isIn = true;
    for (const { nx, ny, least, reach } of sides) {
      const over = nx * midX + ny * midY - least;
      if (over <= -reach) return 0;
      if (over < reach) isIn = false;
    }
    if (isIn) return gridMm * gridMm;
    const square: Polygon = [
      [x, y],
      [x + gridMm, y],
      [x + gridMm, y + gridMm],
      [x, y + gridMm],
    ];
    return areaOf(commonOf(square, shape));
  };
}

/** A part of a surface: so many columns and rows from one on. */
export function croppedRaster(raster: Raster, column: number, row: number, wide: number, deep: number): Raster {
  const { gridMm, leftMm, backMm } = raster;
  const blocked = new Uint8Array(wide * deep);
  for (let y = 0; y < deep; y++) {
    const from = (row + y) * raster.columns + column;
    blocked.set(raster.blocked.subarray(from, from + wide), y * wide);
  }
  return {
    gridMm,
    leftMm: leftMm + column * gridMm,
    backMm: backMm + row * gridMm,
    columns: wide,
    rows: deep,
    blocked,
  };
}

/** The same surface with rows for columns. */
export function turnedRaster({ gridMm, leftMm, backMm, columns, rows, blocked }: Raster): Raster {
  const turned = Uint8Array.from(blocked, (_, at) => blocked[(at % rows) * columns + Math.floor(at / rows)] ?? 1);
  return { gridMm, leftMm: backMm, backMm: leftMm, columns: rows, rows: columns, blocked: turned };
}

/** The same surface with some rectangles of squares taken as well. */
export function withTaken(
  raster: Raster,
  rectangles: readonly {
    readonly column: number;
    readonly row: number;
    readonly wide: number;
    readonly deep: number;
  }[],
): Raster {
  const { columns, rows } = raster;
  const blocked = raster.blocked.slice();
  for (const { column, row, wide, deep } of rectangles)
    for (let y = Math.max(0, row); y < Math.min(rows, row + deep); y++)
      blocked.fill(1, y * columns + Math.max(0, column), y * columns + Math.min(columns, column + wide));
  return { ...raster, blocked };
}

/** How many squares are blocked between the back left corner and each square: of any rectangle it is told by four of these. */
const summed = new WeakMap<Raster, Int32Array>();

function sumsOf(raster: Raster): Int32Array {
  const known = summed.get(raster);
  if (known !== undefined) return known;
  const { columns, rows, blocked } = raster;
  const stride = columns + 1;
  const sums = new Int32Array(stride * (rows + 1));
  for (let row = 0; row < rows; row++) {
    let inRow = 0;
    for (let column = 0; column < columns; column++) {
      inRow += blocked[row * columns + column] ?? 0;
      sums[(row + 1) * stride + column + 1] = (sums[row * stride + column + 1] ?? 0) + inRow;
    }
  }
  summed.set(raster, sums);
  return sums;
}

/** At each square, whether a rectangle of squares that begins there is free. */
export function fitsIn(raster: Raster, wide: number, deep: number): Uint8Array {
  const { columns, rows } = raster;
  const stride = columns + 1;
  const sums = sumsOf(raster);
  const fits = new Uint8Array(columns * rows);
  for (let row = 0; row + deep <= rows; row++)
    for (let column = 0; column + wide <= columns; column++) {
      const back = row * stride + column;
      const front = back + deep * stride;
      const taken = (sums[front + wide] ?? 0) - (sums[back + wide] ?? 0) - (sums[front] ?? 0) + (sums[back] ?? 0);
      if (taken === 0) fits[row * columns + column] = 1;
    }
  return fits;
}
