/** The longest side a picture is read at, px: codes are coarse. */
const maxPx = 1600;

/** What the code in a picture says; read here in the page, nothing leaves it. */
export async function readCodes(file: Blob): Promise<readonly string[]> {
  const picture = await createImageBitmap(file).catch(() => null);
  if (picture === null) return [];
  const { default: jsQR } = await import("jsqr");
  const scale = Math.min(1, maxPx / Math.max(picture.width, picture.height));
  const [width, height] = [Math.round(picture.width * scale), Math.round(picture.height * scale)];
  const canvas = new OffscreenCanvas(width, height);
  const context = canvas.getContext("2d");
  if (context === null) return [];
  context.drawImage(picture, 0, 0, width, height);
  picture.close();
  const found = jsQR(context.getImageData(0, 0, width, height).data, width, height);
  return found === null ? [] : [found.data];
}
