import { photoTypeOf } from "@/core/image-type";
import { readPhoto, withDatabase } from "@/server/db";
import { guarded } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

/** A photo, as the picture it is and nothing else, whatever its bytes say. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { id } = await params;
    const bytes = await withDatabase((db) => readPhoto(db, id));
    return new Response(bytes, {
      headers: {
        "content-type": photoTypeOf(bytes) ?? "application/octet-stream",
        "x-content-type-options": "nosniff",
        "cache-control": "private, max-age=31536000, immutable",
      },
    });
  });
}
