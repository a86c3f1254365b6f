import { type Blob, blotsOf } from "./blobs";
import { type Box, type Grey } from "./gray-image";

/** What a number looks like: how many of its marks are as high as a digit, and before which of them a point stands. */
export type Shape = { readonly digits: number; readonly points: readonly number[] };

/** Shades at which to part ink from paper: a faint point shows at a light one, one that runs into its digit at a dark one. */
const levels = [60, 95, 130, 165];

/**
 * Where a number's points stand, seen as marks and not read as letters: a small blot at the foot of the digits. A reader that
 * looks at whole words loses such a blot more often than anything else. For a number's own ink.
 */
export function shapeOf(part: Grey): Shape | null {
  const shapes = levels.flatMap((level) => shapeAt(part, level) ?? []);
  const most = Math.max(0, ...shapes.map(({ digits }) => digits));
  const full = shapes.filter(({ digits }) => digits === most);
  if (most === 0) return null;
  // a point seen at any level is one, where the digits are apart as well
  return full.reduce((best, each) => (each.points.length > best.points.length ? each : best));
}

export function cut({ width, height, data }: Grey, { x0, y0, x1, y1 }: Box): Grey {
  const [left, top] = [Math.max(0, Math.floor(x0)), Math.max(0, Math.floor(y0))];
  const [wide, high] = [Math.min(width, Math.ceil(x1)) - left, Math.min(height, Math.ceil(y1)) - top];
  const out = new Uint8Array(Math.max(0, wide) * Math.max(0, high));
  for (let y = 0; y < high; y++)
    out.set(data.subarray((top + y) * width + left, (top + y) * width + left + wide), y * wide);
  return { width: Math.max(0, wide), height: Math.max(0, high), data: out };
}

function shapeAt(part: Grey, level: number): Shape | null {
  const { blots } = blotsOf(part, level);
  const heights = blots.map(({ box }) => box.y1 - box.y0);
  const tallest = Math.max(0, ...heights);
  if (tallest < 8) return null;
  const digits = blots.filter(({ box }) => box.y1 - box.y0 >= 0.75 * tallest).sort((a, b) => a.box.x0 - b.box.x0);
  const foot = median(digits.map(({ box }) => box.y1));
  const isPoint = ({ box, pixels }: Blob) => {
    const [wide, high] = [box.x1 - box.x0, box.y1 - box.y0];
    return (
      wide <= 0.34 * tallest &&
      high <= 0.34 * tallest &&
      wide < 2.2 * high &&
      high < 2.2 * wide &&
      pixels >= Math.max(3, 0.006 * tallest * tallest) &&
      Math.abs(box.y1 - foot) <= 0.16 * tallest
    );
  };
  const points = blots.filter(isPoint).flatMap(({ box }) => {
    const middle = (box.x0 + box.x1) / 2;
    const before = digits.filter((digit) => (digit.box.x0 + digit.box.x1) / 2 < middle).length;
    // a point stands between digits
    return before > 0 && before < digits.length ? [before] : [];
  });
  return { digits: digits.length, points: [...new Set(points)] };
}

function median(values: readonly number[]): number {
  return [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;
}
