import { planFileName, planFileText } from "@/core/plan";
import { readPlanRecord, withDatabase } from "@/server/db";
import { guarded } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

/** The plan as a file, as it is saved. */
export function GET(_: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { id } = await params;
    const { plan } = await withDatabase((db) => readPlanRecord(db, id));
    return new Response(planFileText(plan), {
      headers: {
        "content-type": "application/json; charset=utf-8",
        "content-disposition": `attachment; filename="${planFileName(plan)}"`,
        "cache-control": "no-store",
      },
    });
  });
}
