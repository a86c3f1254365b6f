import sharp from "sharp";
import { createRandom, type Random } from "@/core/engine/random";
import { type Drawing, drawn, type Layout, layouts } from "./drawing";
import { madeLabel } from "./made-label";

/** A photograph of a made-up sticker, and what stands on it. */
export type Sticker = {
  readonly jpeg: Buffer;
  readonly layout: Layout;
  readonly fields: Readonly<Record<string, number>>;
  readonly name: string;
  /** How hard it is to read, 0 to 1. */ readonly hard: number;
  readonly turnDeg: number;
  readonly letterPx: number;
};

/** A sticker drawn from a seed, worn and photographed: turned, blurred, noisy, unevenly lit, grey on grey or light on dark. */
export async function madeSticker(
  seed: number,
  asked: { readonly hard?: number; readonly layout?: Layout } = {},
): Promise<Sticker> {
  const draw = createRandom(seed);
  const label = madeLabel(draw);
  const layout = asked.layout ?? draw.pick(layouts);
  const hard = asked.hard ?? draw.number(0.05, 0.5);
  const drawing = drawn(label, layout, draw);
  const turnDeg = draw.number(-6, 6);
  const letterPx = draw.number(22, 40);
  const jpeg = await photographed(drawing, { hard, turnDeg, letterPx }, draw);
  return { jpeg, layout, fields: drawing.fields, name: `${label.maker} ${label.model}`, hard, turnDeg, letterPx };
}

async function photographed(
  drawing: Drawing,
  { hard, turnDeg, letterPx }: { readonly hard: number; readonly turnDeg: number; readonly letterPx: number },
  draw: Random,
): Promise<Buffer> {
  const scale = letterPx / 30;
  const [wide, high] = [drawing.widePx * scale, drawing.highPx * scale];
  const [w, h] = [Math.round(wide * 1.16), Math.round(high * 1.18)];
  const isDark = draw.chance(0.2);
  const paper = isDark ? draw.whole(40, 90) : draw.whole(150, 235);
  const contrast = 150 - 200 * hard * draw.number(0.4, 1);
  const inkAt = isDark ? Math.min(240, paper + contrast) : Math.max(10, paper - contrast);
  const wall = draw.whole(60, 210);
  const shade = (v: number) => `rgb(${Math.round(v)},${Math.round(v)},${Math.round(v)})`;
  const lean = draw.number(-0.02, 0.02);
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${w}" height="${h}"><rect width="${w}" height="${h}" fill="${shade(wall)}"/><g transform="translate(${w / 2} ${h / 2}) rotate(${turnDeg}) skewX(${lean * 57}) scale(${scale}) translate(${-drawing.widePx / 2} ${-drawing.highPx / 2})">${drawing.svg(shade(inkAt), shade(paper))}</g></svg>`;
  const { data, info } = await sharp(Buffer.from(svg), { unlimited: true })
    .flatten()
    .greyscale()
    .blur(0.5 + hard * draw.number(0.6, 1.8))
    .raw()
    .toBuffer({ resolveWithObject: true });
  // the light falls off to one side, with a soft spot; each pixel has the camera's noise
  const [gx, gy] = [draw.number(-1, 1) * hard, draw.number(-1, 1) * hard];
  const [sx, sy, spot] = [draw.number(0, 1), draw.number(0, 1), draw.number(-0.5, 0.5) * hard];
  const noise = 3 + 16 * hard;
  const step = info.channels;
  const lit = Buffer.alloc(info.width * info.height);
  for (let y = 0; y < info.height; y++)
    for (let x = 0; x < info.width; x++) {
      const [u, v] = [x / info.width, y / info.height];
      const light = 1 + 0.6 * (gx * (u - 0.5) + gy * (v - 0.5)) + spot * Math.exp(-8 * ((u - sx) ** 2 + (v - sy) ** 2));
      const grain = noise * (draw.number(-1, 1) + draw.number(-1, 1)) * 0.6;
      const at = y * info.width + x;
      lit[at] = Math.max(0, Math.min(255, (data[at * step] ?? 0) * light + grain));
    }
  return sharp(lit, { raw: { width: info.width, height: info.height, channels: 1 } })
    .jpeg({ quality: Math.round(82 - 60 * hard) })
    .toBuffer();
}
