import { browserClient } from "@/api";
import { type Surface } from "@/core/plan";
import { maxPhotoBytes } from "@/core/image-type";
import { photoTexts } from "@/messages/en/layout/view";

/** Longest side of a photo as it is kept, pixels; and the largest file looked at. */
const longestPx = 2400;
const maxFileBytes = 60_000_000;

export type PhotoTaken =
  | { readonly type: "photo"; readonly id: string; readonly widthPx: number; readonly heightPx: number }
  | { readonly type: "fault"; readonly message: string };

/**
 * Takes a picture file in: upright, scaled down, written anew as JPEG, so that the place it was taken at and all else a camera writes
 * into it stays out; then keeps it in the data folder of this computer.
 */
export async function takePhoto(file: File): Promise<PhotoTaken> {
  if (file.size > maxFileBytes)
    return fault(photoTexts.nameHasSizeBytesAllowedAtMost(file.name, file.size, maxFileBytes));
  const picture = await createImageBitmap(file).catch(() => null);
  if (picture === null) return fault(photoTexts.nameIsNotAReadablePictureSaveIt(file.name));
  for (const [longest, quality] of [
    [longestPx, 0.85],
    [1600, 0.7],
  ] as const) {
    const scale = Math.min(1, longest / Math.max(picture.width, picture.height));
    const canvas = document.createElement("canvas");
    canvas.width = Math.max(1, Math.round(picture.width * scale));
    canvas.height = Math.max(1, Math.round(picture.height * scale));
    canvas.getContext("2d")?.drawImage(picture, 0, 0, canvas.width, canvas.height);
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, "image/jpeg", quality));
    if (blob === null || blob.size > maxPhotoBytes) continue;
    const kept = await browserClient.addPhoto(new Uint8Array(await blob.arrayBuffer()), "image/jpeg");
    if (kept.type === "fault") return fault(kept.fault.message);
    return { type: "photo", id: kept.value.id, widthPx: canvas.width, heightPx: canvas.height };
  }
  return fault(photoTexts.nameStaysAboveMaxPhotoBytesBytes(file.name, maxPhotoBytes));
}

function fault(message: string): PhotoTaken {
  return { type: "fault", message };
}

type Photo = NonNullable<Surface["photo"]>;
type Spot = readonly [number, number];

/** A photo scaled about the first of two spots pressed on the drawing, so that they come to lie as far apart as was measured. */
export function scaledBy(photo: Photo, [a, b]: readonly [Spot, Spot], apartMm: number): Photo | null {
  const shownMm = Math.hypot(a[0] - b[0], a[1] - b[1]);
  if (shownMm < 1) return null;
  const factor = apartMm / shownMm;
  return {
    ...photo,
    mmPerPx: photo.mmPerPx * factor,
    xMm: a[0] + (photo.xMm - a[0]) * factor,
    yMm: a[1] + (photo.yMm - a[1]) * factor,
  };
}
