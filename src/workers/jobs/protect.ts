import { type Plan } from "@/core/plan";
import { type ProtectReport, protectReport } from "@/core/protection/diagram";
import { type SolveCache, solvableById } from "@/core/plan-model";
import { type Job } from "../rpc";

export type ProtectInput = { readonly plan: Plan; readonly wiringId: string };

/** What a wiring is made of: cables, fuses, plugs, the list and the money. In one go: a few ms. Throws where there is no such wiring. */
export function protectJob(memory: SolveCache): Job<ProtectInput, never, ProtectReport> {
  return function* protect({ plan, wiringId }) {
    return protectReport(solvableById(plan, wiringId, null, memory));
  };
}
