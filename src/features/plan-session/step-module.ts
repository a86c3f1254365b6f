import { type ComponentType } from "react";
import { type MeasuredRecord } from "@/core/measurements";
import { type Plan } from "@/core/plan";
import { type Assessment } from "@/core/assessment";
import { worstLevel } from "@/core/checks";

/** What the trail shows of a step. `notes` is a step kept by hand, with something written in it. */
export type StepState = "empty" | "question" | "ready" | "care" | "stopFound" | "notes";

/** A step of the job, as the frame around all of them knows it. The list of them is in `app/steps.ts`. */
export type StepModule = {
  /** As addresses and rules name it. */ readonly id: string;
  readonly name: string;
  readonly View: ComponentType;
  /** What of it goes to paper, in the print frame; fetched once the screen stands. */
  readonly loadPrint: () => Promise<ComponentType>;
  /** Whether it reckons yet; one that does not keeps notes, and is shown as that. */
  readonly built: boolean;
  /** Names of what can be looked for there; absent where there is nothing. */
  readonly search?: (plan: Plan) => readonly string[];
  /** Whether it has what it needs; what the rules say of it is added by `stateOf`. */
  readonly state: (plan: Plan, assessment: Assessment | null, readings: readonly MeasuredRecord[]) => StepState;
};

/** A step's own state, or the worst that the rules say of it where that is worse than ready. */
export function stateOf(
  { id, state }: StepModule,
  plan: Plan,
  assessment: Assessment | null,
  readings: readonly MeasuredRecord[],
): StepState {
  const own = state(plan, assessment, readings);
  if (own !== "ready" || assessment?.type !== "assessed") return own;
  const worst = worstLevel(assessment.findings.filter(({ step }) => step === id));
  switch (worst) {
    case "stop":
      return "stopFound";
    case "open":
      return "question";
    case "care":
      return "care";
    case "note":
    case "good":
      return "ready";
  }
}
