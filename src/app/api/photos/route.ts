import { maxPhotoBytes, photoTypeOf } from "@/core/image-type";
import { addPhoto, withDatabase } from "@/server/db";
import { answer, fault, guarded } from "@/server/http";

/** Keeps a photo in the plans' data folder. It goes nowhere else. */
export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const bytes = new Uint8Array(await request.arrayBuffer());
    if (bytes.length > maxPhotoBytes)
      throw fault("tooLarge", `The photo has ${bytes.length} bytes; allowed: at most ${maxPhotoBytes}.`);
    if (photoTypeOf(bytes) === null) throw fault("invalid", "This is not a JPEG or PNG picture. Nothing was saved.");
    const id = await withDatabase((db) => addPhoto(db, { bytes, now: new Date().toISOString() }));
    return answer({ id }, 201);
  });
}
