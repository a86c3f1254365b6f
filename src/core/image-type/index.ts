/** Photos are made small in the page before they are kept; more bytes than this are none of ours. */
export const maxPhotoBytes = 2_500_000;
/** As many as a plan can have: one under each surface, one of each label and input. */
export const maxPhotos = 80;

/** What kind of picture some bytes are, by how they begin; null: none that is kept. */
export function photoTypeOf(bytes: Uint8Array): "image/jpeg" | "image/png" | null {
  const begins = (...signature: readonly number[]) => signature.every((byte, k) => bytes[k] === byte);
  if (begins(0xff, 0xd8, 0xff)) return "image/jpeg";
  if (begins(0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a)) return "image/png";
  return null;
}
