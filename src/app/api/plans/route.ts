import { newPlanSchema } from "@/api";
import { emptyPlan, type Plan } from "@/core/plan";
import { createPlan, listPlans, withDatabase } from "@/server/db";
import { unitsCookie } from "@/ui";
import { answer, bodyJson, guarded, parsed } from "@/server/http";

export const dynamic = "force-dynamic";

export function GET(): Promise<Response> {
  return guarded(async () => answer(await withDatabase(listPlans)));
}

export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const { name } = parsed(newPlanSchema, await bodyJson(request));
    const plan = emptyPlan(name);
    // cables by AWG for whoever measures in feet, else by mm²
    const cable = request.headers.get("cookie")?.includes(`${unitsCookie}=us`) ? "land" : null;
    const made = {
      id: crypto.randomUUID(),
      plan: { ...plan, schools: { ...plan.schools, cable } } satisfies Plan,
      now: new Date().toISOString(),
    };
    return answer(await withDatabase((db) => createPlan(db, made)), 201);
  });
}
