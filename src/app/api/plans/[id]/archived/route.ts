import { archivingSchema } from "@/api";
import { archivePlan, database } from "@/server/db";
import { answerNothing, bodyJson, guarded, parsed } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

export function PUT(request: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { archived } = parsed(archivingSchema, await bodyJson(request));
    await archivePlan(await database(), (await params).id, archived, new Date().toISOString());
    return answerNothing();
  });
}
