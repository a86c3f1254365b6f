/** Dots for each mm: fine enough for letters 2 mm high, small enough to send. */
const dotsPerMm = 8;

/** A drawing in SVG as a PNG, drawn by the browser. Rejects where it cannot be drawn. */
export async function asPng(svg: string): Promise<Uint8Array<ArrayBuffer>> {
  const image = new Image();
  const drawn = new Promise<void>((resolve, reject) => {
    image.onload = () => resolve();
    image.onerror = () => reject(new Error("the drawing could not be made into a picture"));
  });
  // as data, so that no address is asked for it
  image.src = `data:image/svg+xml,${encodeURIComponent(svg)}`;
  await drawn;
  const size = /width="([\d.]+)mm" height="([\d.]+)mm"/.exec(svg);
  const canvas = document.createElement("canvas");
  canvas.width = Math.round(Number(size?.[1] ?? 210) * dotsPerMm);
  canvas.height = Math.round(Number(size?.[2] ?? 297) * dotsPerMm);
  canvas.getContext("2d")?.drawImage(image, 0, 0, canvas.width, canvas.height);
  const blob = await new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, "image/png"));
  if (blob === null) throw new Error("the drawing could not be made into a picture");
  return new Uint8Array(await blob.arrayBuffer());
}
