import { addPhoto, addWeather, createPlan, putReadings, withDatabase } from "@/server/db";
import { readAside } from "@/server/reader";
import { answer, bodyFile, guarded, planHttpFault } from "@/server/http";

export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const reading = await readAside(await bodyFile(request));
    if (reading.type === "fault") throw planHttpFault(reading.fault);
    const { plan, weather, photos, readings } = reading;
    const made = { id: crypto.randomUUID(), plan, now: new Date().toISOString() };
    // kept under its own digest: another file than the plan names is kept beside it and never taken for it
    const name = plan.site.weather?.name ?? "";
    if (weather !== null) await withDatabase((db) => addWeather(db, { name, text: weather, now: made.now }));
    for (const bytes of photos) await withDatabase((db) => addPhoto(db, { bytes, now: made.now }));
    const receipt = await withDatabase((db) => createPlan(db, made));
    if (readings.length > 0) await withDatabase((db) => putReadings(db, made.id, readings, made.now));
    return answer(receipt, 201);
  });
}
