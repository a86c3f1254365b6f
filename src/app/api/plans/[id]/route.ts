import { database, deletePlan, readPlanRecord, replacePlan } from "@/server/db";
import { readAside } from "@/server/reader";
import { answer, answerNothing, bodyText, guarded, ifMatch, planHttpFault, staleFault } from "@/server/http";

type Context = { params: Promise<{ id: string }> };

export function GET(_: Request, { params }: Context): Promise<Response> {
  return guarded(async () => answer(await readPlanRecord(await database(), (await params).id)));
}

export function PUT(request: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const revision = ifMatch(request);
    const reading = await readAside(await bodyText(request));
    if (reading.type === "fault") throw planHttpFault(reading.fault);
    const result = await replacePlan(await database(), {
      id: (await params).id,
      revision,
      plan: reading.plan,
      now: new Date().toISOString(),
    });
    if (result.type === "stale") throw staleFault(result, revision);
    return answer(result.receipt);
  });
}

export function DELETE(request: Request, { params }: Context): Promise<Response> {
  return guarded(async () => {
    const revision = ifMatch(request);
    const result = await deletePlan(await database(), (await params).id, revision);
    if (result.type === "stale") throw staleFault(result, revision);
    return answerNothing();
  });
}
