import { type Grey } from "./gray-image";

/** Shade of paper in an evened picture; ink is near 0. */
export const paperShade = 225;
const inkShade = 15;

/**
 * A picture as if its light had been even, with dark ink on light paper, whichever of the two was the darker.
 * `background` is the same picture without its letters: blurred far wider than a stroke, of the same size. `contrast` is how
 * far ink is from paper, as a share of the light.
 */
export function evened(picture: Grey, background: Grey): { readonly picture: Grey; readonly contrast: number } {
  const { width, height, data } = picture;
  const apart = new Float32Array(data.length);
  // how far a pixel is from what is round it, as a share of the light there; in the dark, noise would be all
  for (let k = 0; k < data.length; k++) {
    const round = background.data[k] ?? 0;
    apart[k] = ((data[k] ?? 0) - round) / Math.max(round, 40);
  }
  const isLightOnDark = skewness(apart, width, height) > 0;
  if (isLightOnDark) for (let k = 0; k < apart.length; k++) apart[k] = -(apart[k] ?? 0);
  const ink = Math.max(0.06, -quantile(apart, 0.012));
  const scale = (paperShade - inkShade) / ink;
  const out = new Uint8Array(data.length);
  for (let k = 0; k < out.length; k++) {
    const shade = paperShade + (apart[k] ?? 0) * scale;
    out[k] = shade < 0 ? 0 : shade > 255 ? 255 : shade;
  }
  return { picture: { width, height, data: out }, contrast: ink };
}

/** Whether what stands out is lighter (over 0) or darker than what is round it, from the middle of the picture. */
function skewness(apart: Float32Array, width: number, height: number): number {
  let sum = 0;
  for (let y = Math.floor(height * 0.15); y < height * 0.85; y++)
    for (let x = Math.floor(width * 0.12); x < width * 0.88; x++) {
      const d = Math.max(-0.5, Math.min(0.5, apart[y * width + x] ?? 0));
      sum += d * d * d;
    }
  return sum;
}

/** The value that a share of all lies below, to a two-thousandth of the range −1 to 1. */
function quantile(values: Float32Array, share: number): number {
  const bins = new Uint32Array(2001);
  for (const value of values) {
    const at = Math.round(1000 + 1000 * Math.max(-1, Math.min(1, value)));
    bins[at] = (bins[at] ?? 0) + 1;
  }
  let below = 0;
  for (let k = 0; k < bins.length; k++) {
    below += bins[k] ?? 0;
    if (below >= share * values.length) return (k - 1000) / 1000;
  }
  return 1;
}
