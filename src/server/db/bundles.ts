import "server-only";
import { type BundleParts } from "@/core/bundle";
import { type Plan } from "@/core/plan";
import { type Db } from "./open";
import { addPhoto } from "./photos";
import { createPlanIn, type PlanReceipt } from "./plans";
import { putReadingsIn } from "./readings";
import { addWeather } from "./weather";

/** Makes a plan with all that came along with it: all of it is there afterwards, or none. */
export function importPlan(
  db: Db,
  { id, plan, weather, photos, readings, now }: { id: string; plan: Plan; now: string } & BundleParts,
): Promise<PlanReceipt> {
  return db.transaction().execute(async (trx) => {
    // kept under its own digest: another file than the plan names is kept beside it and never taken for it
    if (weather !== null) await addWeather(trx, { name: plan.site.weather?.name ?? "", text: weather, now });
    for (const bytes of photos) await addPhoto(trx, { bytes, now });
    const receipt = await createPlanIn(trx, { id, plan, now });
    if (readings.length > 0) await putReadingsIn(trx, id, readings, now);
    return receipt;
  });
}
