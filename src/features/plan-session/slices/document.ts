import { type SavedPlan } from "@/api";
import { type History, type Plan, startHistory } from "@/core/plan";
import { type Standing, standingOf } from "@/features/sync";

/** The plan, how one came to it, and how it is saved. */
export type DocumentSlice = Standing<Plan> & { readonly planId: string; readonly history: History };

export function openDocument({ id, revision, plan }: SavedPlan): DocumentSlice {
  return { planId: id, ...standingOf({ revision, document: plan }), history: startHistory(plan) };
}
