import { importPlan, withDatabase } from "@/server/db";
import { readAside } from "@/server/reader";
import { answer, bodyFile, guarded, planHttpFault } from "@/server/http";

/** Takes in a plan file, or a bundle with all that belongs to a plan: wholly or not at all. */
export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const reading = await readAside(await bodyFile(request));
    if (reading.type === "fault") throw planHttpFault(reading.fault);
    const made = { ...reading, id: crypto.randomUUID(), now: new Date().toISOString() };
    return answer(await withDatabase((db) => importPlan(db, made)), 201);
  });
}
