/** A picture in shades of grey: one byte a pixel, row by row from the upper left. */
export type Grey = { readonly width: number; readonly height: number; readonly data: Uint8Array };
/** Where something stands in a picture, px, the lower right not in it. */
export type Box = { readonly x0: number; readonly y0: number; readonly x1: number; readonly y1: number };

/** The smallest box round all of some. */
export function boxAround(boxes: readonly Box[]): Box {
  return {
    x0: Math.min(...boxes.map(({ x0 }) => x0)),
    y0: Math.min(...boxes.map(({ y0 }) => y0)),
    x1: Math.max(...boxes.map(({ x1 }) => x1)),
    y1: Math.max(...boxes.map(({ y1 }) => y1)),
  };
}
