import { type Plan, type Stop } from "@/core/plan";
import { doubtsAbout, readLabel } from "@/core/panel";
import { type Assessment } from "@/core/rules";

/** What the trail shows of a stop. `notes` is a stop kept by hand, with something written in it. */
export type StopState = "empty" | "question" | "ready" | "stopFound" | "notes";

/** The state of each stop, from the plan and the verdict on it. */
export function stopState(stop: Stop, plan: Plan, assessment: Assessment | null): StopState {
  switch (stop) {
    case "panels":
      if (plan.panels.length === 0) return "empty";
      return plan.panels.every(({ label }) => readLabel(label).type === "label" && doubtsAbout(label).length === 0)
        ? "ready"
        : "question";
    case "input":
      if (plan.inputs.length === 0) return "empty";
      return plan.inputs.every(({ device }) =>
        device.ports.every((port) => port.maxV !== null && (port.minV !== null || port.batteryV !== null)),
      )
        ? "ready"
        : "question";
    case "wire":
      if (assessment === null || assessment.type === "incomplete") return "empty";
      if (assessment.worst === "stop") return "stopFound";
      return assessment.worst === "open" ? "question" : "ready";
    default:
      return plan.notes[stop].trim() === "" ? "empty" : "notes";
  }
}
