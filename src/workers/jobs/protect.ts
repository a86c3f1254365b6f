import { type Plan } from "@/core/plan";
import { installationLines, type ListLine, type ProtectReport, protectReport } from "@/core/protection/diagram";
import { type SolveCache, solvableById } from "@/core/plan-model";
import { type Job } from "../rpc";

export type ProtectInput = { readonly plan: Plan; readonly wiringId: string };

/** What a wiring is made of: cables, fuses, plugs, the list and the money. In one go: a few ms. Throws where there is no such wiring. */
export function protectJob(memory: SolveCache): Job<ProtectInput, never, ProtectReport> {
  return function* protect({ plan, wiringId }) {
    return protectReport(solvableById(plan, wiringId, null, memory));
  };
}

/** One parts list for all wirings of a plan. In one go: a few ms a wiring. */
export function installationJob(
  memory: SolveCache,
): Job<Pick<ProtectInput, "plan">, never, { readonly lines: readonly ListLine[] }> {
  return function* installation({ plan }) {
    const reports = plan.wirings.map(({ id }) => protectReport(solvableById(plan, id, null, memory)));
    return { lines: installationLines(plan, reports) };
  };
}
