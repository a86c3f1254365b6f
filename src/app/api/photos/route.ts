import { maxPhotoBytes, photoTypeOf } from "@/core/image-type";
import { addPhoto, withDatabase } from "@/server/db";
import { answer, fault, guarded } from "@/server/http";

/** Keeps a photo in the plans' data folder. It goes nowhere else. */
export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const bytes = new Uint8Array(await request.arrayBuffer());
    if (bytes.length > maxPhotoBytes)
      throw fault("tooLarge", `The photo holds ${bytes.length} bytes; allowed: ${maxPhotoBytes}.`);
    if (photoTypeOf(bytes) === null) throw fault("invalid", "This is no JPEG and no PNG picture. Nothing was kept.");
    const id = await withDatabase((db) => addPhoto(db, { bytes, now: new Date().toISOString() }));
    return answer({ id }, 201);
  });
}
