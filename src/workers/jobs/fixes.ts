import { findFixes } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { type SolveCache, solvableById } from "@/core/plan-model";
import { type Fixes } from "@/core/assessment";
import { type Job } from "../rpc";

export type FixesInput = { readonly plan: Plan; readonly wiringId: string; readonly positionId: string | null };

/** By the finding they are for. */
export type Remedies = readonly (readonly [string, Fixes])[];

/** What fixes the findings of a wiring that do not pass. Tells how many wirings it has tried. */
export function fixesJob(memory: SolveCache): Job<FixesInput, { readonly tried: number }, Remedies> {
  return function* fixes({ plan, wiringId, positionId }) {
    const search = findFixes(solvableById(plan, wiringId, positionId, memory));
    let tried = 0;
    for (;;) {
      const step = search.next();
      if (step.done) return [...step.value];
      if (step.value === "tried") tried += 1;
      yield step.value === "tried" ? { tried } : undefined;
    }
  };
}
