import sharp, { type Sharp } from "sharp";
import {
  cleaned,
  evened,
  type Grey,
  liesOf,
  maxPicturePixels,
  paperShade,
  pictureKindOf,
  type PictureFault,
} from "@/core/panels/label-import/photo";

/** Wide enough to read small print, small enough to be read in a second or two, px. */
const wantedPx = 2000;
/** More patches of ink than any sticker has: grain, leaves, gravel. */
const maxMarks = 6000;

/** A photo made ready: turned as the camera held it, levelled. */
export type Prepared = {
  /** Evenly lit, dark letters on light paper, nothing but writing; null: there is none. */ readonly writing: Grey | null;
  /** The photo itself, turned and scaled as the writing is, without what the camera noted beside it. */
  readonly shown: { readonly jpeg: Buffer; readonly width: number; readonly height: number };
};

/** Why a picture cannot be read, thrown. */
export class UnreadablePicture extends Error {
  constructor(readonly fault: PictureFault) {
    super(fault);
  }
}

/** Ways to hold a photo, the likelier first: as its lines lie, on its head, and both with its lines taken the other way. */
export const holds = [
  { lie: 0, isUpsideDown: false },
  { lie: 0, isUpsideDown: true },
  { lie: 1, isUpsideDown: false },
  { lie: 1, isUpsideDown: true },
] as const;

/** Levels a photo held in one of the ways, and evens its light. Throws `UnreadablePicture`. */
export async function prepared(file: Uint8Array, hold: (typeof holds)[number] = holds[0]): Promise<Prepared> {
  const sized = await sizedOf(file);
  const even = await evenly(await greyOf(colour(sized).greyscale()));
  const { deg, quarters: ofLie } = liesOf(await greyOf(from(even).resize(700, 700, { fit: "inside" })))[hold.lie];
  // a quarter turn first, then what is left
  const quarters = 90 * (ofLie + (hold.isUpsideDown ? 2 : 0));
  const onPaper = { background: { r: paperShade, g: paperShade, b: paperShade } };
  const level = await colourOf(colour(await colourOf(colour(sized).rotate(quarters))).rotate(-deg, onPaper));
  const levelEven = await greyOf(from(await greyOf(from(even).rotate(quarters))).rotate(-deg, onPaper));
  const { picture, letterPx, marks } = cleaned(levelEven);
  const jpeg = await colour(level).jpeg({ quality: 78 }).toBuffer();
  return {
    writing: letterPx === 0 || marks > maxMarks ? null : picture,
    shown: { jpeg, width: level.width, height: level.height },
  };
}

type Colour = { readonly data: Buffer; readonly width: number; readonly height: number };

async function sizedOf(file: Uint8Array): Promise<Colour> {
  if (file.length === 0) throw new UnreadablePicture("empty");
  const kind = pictureKindOf(file);
  if (kind === "heic") throw new UnreadablePicture("heic");
  if (kind === "other") throw new UnreadablePicture("notAPicture");
  try {
    const picture = sharp(file, { limitInputPixels: maxPicturePixels, failOn: "error" });
    const { autoOrient } = await picture.metadata();
    if (autoOrient.width * autoOrient.height > maxPicturePixels) throw new UnreadablePicture("tooManyPixels");
    const scale = Math.min(1.6, wantedPx / Math.max(autoOrient.width, autoOrient.height));
    const width = Math.max(1, Math.round(autoOrient.width * scale));
    return await colourOf(
      picture.autoOrient().flatten({ background: "#fff" }).resize(width, null, { kernel: "cubic" }),
    );
  } catch (error) {
    if (error instanceof UnreadablePicture) throw error;
    const isTooLarge = error instanceof Error && /pixel limit/i.test(error.message);
    throw new UnreadablePicture(isTooLarge ? "tooManyPixels" : "broken");
  }
}

/** Where ink is pale, the grain of the camera is as dark as its strokes: it is smoothed first. */
async function evenly(sized: Grey): Promise<Grey> {
  const { picture, contrast } = evened(sized, await background(sized));
  if (contrast >= paleInk) return picture;
  const smooth = await greyOf(from(sized).blur(1.3));
  return evened(smooth, await background(smooth)).picture;
}
const paleInk = 0.3;

async function background(picture: Grey): Promise<Grey> {
  const { width, height } = picture;
  const small = await greyOf(
    from(picture).resize(Math.max(8, Math.round(width / 16)), Math.max(8, Math.round(height / 16)), { fit: "fill" }),
  );
  const calm = await greyOf(from(small).median(7).blur(2));
  return greyOf(from(calm).resize(width, height, { fit: "fill", kernel: "cubic" }));
}

export function from({ width, height, data }: Grey): Sharp {
  return sharp(data, { raw: { width, height, channels: 1 } });
}

function colour({ width, height, data }: Colour): Sharp {
  return sharp(data, { raw: { width, height, channels: 3 } });
}

async function colourOf(picture: Sharp): Promise<Colour> {
  const { data, info } = await picture.toColourspace("srgb").removeAlpha().raw().toBuffer({ resolveWithObject: true });
  return info.channels === 3
    ? { data, width: info.width, height: info.height }
    : colourOf(
        sharp(data, { raw: { width: info.width, height: info.height, channels: info.channels } }).toColourspace("srgb"),
      );
}

async function greyOf(picture: Sharp): Promise<Grey> {
  const { data, info } = await picture
    .toColourspace("b-w")
    .extractChannel(0)
    .raw()
    .toBuffer({ resolveWithObject: true });
  return { width: info.width, height: info.height, data };
}
