import { homeJsonSchema } from "@/core/phone-sheet";

/** The published JSON Schema of what a sheet for the roof brings home. */
export function GET(): Response {
  return Response.json(homeJsonSchema(), { headers: { "content-type": "application/schema+json; charset=utf-8" } });
}
