/** Kinds of picture that are read, and one that phones make and this program cannot. */
export type PictureKind = "jpeg" | "png" | "webp" | "heic" | "other";

/** Most bytes of a picture that is read: several times what a phone makes of one photo. */
export const maxPictureBytes = 40_000_000;
/** Most pixels. */
export const maxPicturePixels = 100_000_000;

/** What kind of picture some bytes are, by how they begin. Nothing is believed that its name says. */
export function pictureKindOf(bytes: Uint8Array): PictureKind {
  const text = (from: number, to: number) => String.fromCharCode(...bytes.subarray(from, to));
  if (bytes[0] === 0xff && bytes[1] === 0xd8 && bytes[2] === 0xff) return "jpeg";
  if (text(0, 8) === "\x89PNG\r\n\x1a\n") return "png";
  if (text(0, 4) === "RIFF" && text(8, 12) === "WEBP") return "webp";
  if (text(4, 8) === "ftyp" && /^(?:hei[cmsx]|hev[cmsx]|mif1|msf1)$/.test(text(8, 12))) return "heic";
  return "other";
}

/** Why a picture is not read at all. */
export type PictureFault = "empty" | "heic" | "notAPicture" | "tooManyBytes" | "tooManyPixels" | "broken" | "tooLong";

const sentences: Readonly<Record<PictureFault, string>> = {
  empty: "The file is empty.",
  heic: "This is an HEIC picture, which cannot be read here. On the phone, share or export it as JPEG (in the camera's settings: “most compatible”), or take a screenshot of it, and give that.",
  notAPicture: "This is no JPEG, PNG or WebP picture. Save it as one of these, or photograph the sticker anew.",
  tooManyBytes: `The picture is larger than ${maxPictureBytes / 1e6} MB; allowed: up to that. Crop it to the sticker.`,
  tooManyPixels: `The picture has more than ${maxPicturePixels / 1e6} megapixels; allowed: up to that. Crop it to the sticker.`,
  broken:
    "The picture is broken: it ends too early or does not hold together. Copy it once more from where it was taken.",
  tooLong:
    "The picture took too long to read and was given up. Crop it to the sticker, or photograph it nearer and in even light.",
};

/** The fault as a sentence, with what to do about it. */
export function pictureFault(fault: PictureFault): string {
  return sentences[fault];
}
