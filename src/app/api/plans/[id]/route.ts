import { deletePlan, readPlanRecord, replacePlan, withDatabase } from "@/server/db";
import { readAside } from "@/server/reader";
import { answer, answerNothing, bodyText, guarded, ifMatch, planHttpFault, staleFault } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

export function GET(_: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const { id } = await params;
    return answer(await withDatabase((db) => readPlanRecord(db, id)));
  });
}

export function PUT(request: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const revision = ifMatch(request);
    const reading = await readAside(await bodyText(request));
    if (reading.type === "fault") throw planHttpFault(reading.fault);
    const write = { id: (await params).id, revision, plan: reading.plan, now: new Date().toISOString() };
    const result = await withDatabase((db) => replacePlan(db, write));
    if (result.type === "stale") throw staleFault(result, revision);
    return answer(result.receipt);
  });
}

export function DELETE(request: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const revision = ifMatch(request);
    const { id } = await params;
    const result = await withDatabase((db) => deletePlan(db, id, revision));
    if (result.type === "stale") throw staleFault(result, revision);
    return answerNothing();
  });
}
