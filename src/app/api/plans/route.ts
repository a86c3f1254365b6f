import { newPlanSchema } from "@/api";
import { emptyPlan } from "@/core/plan";
import { createPlan, listPlans, withDatabase } from "@/server/db";
import { answer, bodyJson, guarded, parsed } from "@/server/http";

export const dynamic = "force-dynamic";

export function GET(): Promise<Response> {
  return guarded(async () => answer(await withDatabase(listPlans)));
}

export function POST(request: Request): Promise<Response> {
  return guarded(async () => {
    const { name } = parsed(newPlanSchema, await bodyJson(request));
    const made = { id: crypto.randomUUID(), plan: emptyPlan(name), now: new Date().toISOString() };
    return answer(await withDatabase((db) => createPlan(db, made)), 201);
  });
}
