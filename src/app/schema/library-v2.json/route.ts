import { libraryJsonSchema } from "@/core/library";

/** The published JSON Schema of the library file. */
export function GET(): Response {
  return Response.json(libraryJsonSchema(), { headers: { "content-type": "application/schema+json; charset=utf-8" } });
}
