import { addPhoto, addWeather, createPlan, withDatabase } from "@/server/db";
import { readAside } from "@/server/reader";
import { answer, bodyFile, guarded, planHttpFault } from "@/server/http";

export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const reading = await readAside(await bodyFile(request));
    if (reading.type === "fault") throw planHttpFault(reading.fault);
    const { plan, weather, photos } = reading;
    const made = { id: crypto.randomUUID(), plan, now: new Date().toISOString() };
    // kept under its own digest: another file than the plan names is kept beside it and never taken for it
    const name = plan.site.weather?.name ?? "";
    if (weather !== null) await withDatabase((db) => addWeather(db, { name, text: weather, now: made.now }));
    for (const bytes of photos) await withDatabase((db) => addPhoto(db, { bytes, now: made.now }));
    return answer(await withDatabase((db) => createPlan(db, made)), 201);
  });
}
