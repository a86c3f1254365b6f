import { database, readPlanRecord } from "@/server/db";
import { guarded } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

/** The plan as a file: the document alone, indented, as the published schema describes it. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { plan } = await readPlanRecord(await database(), (await params).id);
    const fileName = `${
      plan.name
        .toLowerCase()
        .replace(/[^a-z0-9]+/g, "-")
        .replace(/^-|-$/g, "") || "plan"
    }.golden-array.json`;
    return new Response(`${JSON.stringify(plan, null, 2)}\n`, {
      headers: {
        "content-type": "application/json; charset=utf-8",
        "content-disposition": `attachment; filename="${fileName}"`,
        "cache-control": "no-store",
      },
    });
  });
}
