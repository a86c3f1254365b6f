import { archivingSchema } from "@/api";
import { archivePlan, withDatabase } from "@/server/db";
import { answerNothing, bodyJson, guarded, parsed } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

export function PUT(request: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { archived } = parsed(archivingSchema, await bodyJson(request));
    const { id } = await params;
    await withDatabase((db) => archivePlan(db, id, archived, new Date().toISOString()));
    return answerNothing();
  });
}
