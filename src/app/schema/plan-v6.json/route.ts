import { planJsonSchema } from "@/core/plan";

/** The published JSON Schema of the plan file. */
export function GET(): Response {
  return Response.json(planJsonSchema(), { headers: { "content-type": "application/schema+json; charset=utf-8" } });
}
