import { type PlanReading, readPlanText } from "@/core/plan";

/** Runs in a thread of its own: whatever a file costs to read, other requests are served meanwhile. */
export default function read(text: string): PlanReading {
  return readPlanText(text);
}
