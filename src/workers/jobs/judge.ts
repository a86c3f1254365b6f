import { type Plan } from "@/core/plan";
import {
  type Assessment,
  assessReady,
  type ShadeCost,
  shadeCost,
  type ViewState,
  lookInto,
  type TileStates,
} from "@/core/assessment";
import { solvableById, type SolveCache } from "@/core/plan-model";
import { type Job } from "../rpc";

export type JudgeInput = { readonly plan: Plan; readonly wiringId: string; readonly look: ViewState };

export type Judged = {
  readonly assessment: Assessment;
  /** What each panel does under the sky looked at. */ readonly tiles: TileStates;
  /** What shade put on panels by hand costs under that sky; null: there is none. */ readonly shade: ShadeCost | null;
};

/** What the rules say of a wiring, fixes aside. In one go: a few ms. Throws where the plan has no such wiring. */
export function judgeJob(memory: SolveCache): Job<JudgeInput, never, Judged> {
  return function* judge({ plan, wiringId, look }) {
    const ready = solvableById(plan, wiringId, look.positionId, memory);
    // one answer, so that the page is drawn once
    return { assessment: assessReady(ready, look), tiles: lookInto(ready, look), shade: shadeCost(ready, look) };
  };
}
