import { type Level } from "../../checks";

/** Leaving more than this of a clear month's energy on the roof is a cost to name. */
const costlyClipPct = 10;
const anyClipPct = 0.1;

/** What share of a clear month's energy stays on the roof, as a level. */
export function gradeClipping(clippedPct: number): { level: Level; outcome: "clipsMuch" | "clips" | "within" } {
  if (clippedPct > costlyClipPct) return { level: "care", outcome: "clipsMuch" };
  if (clippedPct > anyClipPct) return { level: "note", outcome: "clips" };
  return { level: "good", outcome: "within" };
}
