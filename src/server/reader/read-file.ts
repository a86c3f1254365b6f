import { readBundle } from "@/core/bundle";
import { type PlanReading, readPlanText } from "@/core/plan";

/** A plan out of the text of a file, or out of a bundle. */
export function readFile(file: string | Uint8Array): PlanReading {
  if (typeof file === "string") return readPlanText(file);
  const unpacked = readBundle(file);
  return unpacked.type === "fault" ? unpacked : readPlanText(unpacked.text);
}
