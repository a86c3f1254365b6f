import { type ComponentType } from "react";
import { type Plan, type Stop } from "@/core/plan";
import { type Assessment } from "@/core/rules";

/** What the trail shows of a stop. `notes` is a stop kept by hand, with something written in it. */
export type StopState = "empty" | "question" | "ready" | "stopFound" | "notes";

/** A stop of the job, as the frame around all of them knows it. The list of them is in `app/stops.ts`. */
export type StopModule = {
  readonly id: Stop;
  readonly View: ComponentType;
  /** Whether it reckons yet; one that does not keeps notes, and is shown as that. */
  readonly built: boolean;
  readonly state: (plan: Plan, assessment: Assessment | null) => StopState;
};
