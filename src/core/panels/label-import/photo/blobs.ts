import { type Box, type Grey } from "./gray-image";

/** A patch of ink whose pixels touch, and how many they are. */
export type Blob = { readonly box: Box; readonly pixels: number; readonly id: number };

/** Every patch of ink of a picture: pixels darker than a shade, joined over their eight neighbours; `of` holds each pixel's blot + 1. */
export function blotsOf(
  { width, height, data }: Grey,
  darkerThan: number,
): { readonly blots: readonly Blob[]; readonly of: Int32Array } {
  const of = new Int32Array(width * height);
  const blots: Blob[] = [];
  const open: number[] = [];
  for (let start = 0; start < of.length; start++) {
    if (of[start] !== 0 || (data[start] ?? 255) >= darkerThan) continue;
    const id = blots.length + 1;
    let [x0, y0, x1, y1, pixels] = [width, height, 0, 0, 0];
    of[start] = id;
    open.push(start);
    for (let at = open.pop(); at !== undefined; at = open.pop()) {
      const [x, y] = [at % width, Math.floor(at / width)];
      pixels++;
      if (x < x0) x0 = x;
      if (x >= x1) x1 = x + 1;
      if (y < y0) y0 = y;
      if (y >= y1) y1 = y + 1;
      for (let ny = Math.max(0, y - 1); ny <= Math.min(height - 1, y + 1); ny++)
        for (let nx = Math.max(0, x - 1); nx <= Math.min(width - 1, x + 1); nx++) {
          const next = ny * width + nx;
          if (of[next] === 0 && (data[next] ?? 255) < darkerThan) {
            of[next] = id;
            open.push(next);
          }
        }
    }
    blots.push({ box: { x0, y0, x1, y1 }, pixels, id });
  }
  return { blots, of };
}
