import { findMends } from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { type SolveCache, solvableById } from "@/core/plan-model";
import { type Fixes } from "@/core/assessment";
import { type Job } from "../rpc";

export type MendsInput = { readonly plan: Plan; readonly wiringId: string; readonly poseId: string | null };

/** By the finding they are for. */
export type Remedies = readonly (readonly [string, Fixes])[];

/** What mends the findings of a wiring that do not pass. Tells how many wirings it has tried. */
export function mendsJob(memory: SolveCache): Job<MendsInput, { readonly tried: number }, Remedies> {
  return function* mends({ plan, wiringId, poseId }) {
    const search = findMends(solvableById(plan, wiringId, poseId, memory));
    let tried = 0;
    for (;;) {
      const step = search.next();
      if (step.done) return [...step.value];
      if (step.value === "tried") tried += 1;
      yield step.value === "tried" ? { tried } : undefined;
    }
  };
}
