import { newPlanSchema } from "@/api";
import { emptyPlan, type Plan } from "@/core/plan";
import { createPlan, listPlans, withDatabase } from "@/server/db";
import { unitsCookie } from "@/ui";
import { answer, bodyJson, guarded, parsed, planSearch } from "@/server/http";

export const dynamic = "force-dynamic";

/** Plans, the last saved first: `?find=WORDS&archived=1&from=N&most=N`; of all at most five hundred at once. */
export function GET(request: Request): Promise<Response> {
  return guarded(async () => {
    const asked = new URL(request.url).searchParams;
    if (!asked.has("archived")) asked.set("archived", "1");
    return answer(await withDatabase((db) => listPlans(db, planSearch(asked, 500))));
  });
}

export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const { name } = parsed(newPlanSchema, await bodyJson(request));
    const plan = emptyPlan(name);
    // cables by AWG for whoever measures in feet, else by mm²
    const cable = request.headers.get("cookie")?.includes(`${unitsCookie}=us`) ? "land" : null;
    const made = {
      id: crypto.randomUUID(),
      plan: { ...plan, standards: { ...plan.standards, cable } } satisfies Plan,
      now: new Date().toISOString(),
    };
    return answer(await withDatabase((db) => createPlan(db, made)), 201);
  });
}
