import { createPlan, withDatabase } from "@/server/db";
import { readAside } from "@/server/reader";
import { answer, bodyFile, guarded, planHttpFault } from "@/server/http";

export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const reading = await readAside(await bodyFile(request));
    if (reading.type === "fault") throw planHttpFault(reading.fault);
    const made = { id: crypto.randomUUID(), plan: reading.plan, now: new Date().toISOString() };
    return answer(await withDatabase((db) => createPlan(db, made)), 201);
  });
}
