import { alone, type BundleParts, readBundle } from "@/core/bundle";
import { type PlanFault, readPlanText, type Plan } from "@/core/plan";
import { readEpw } from "@/core/weather";

export type FileReading =
  /** A plan, and what came along with it. */
  | ({ readonly type: "plan"; readonly plan: Plan } & BundleParts)
  | { readonly type: "fault"; readonly fault: PlanFault };

/** A plan out of the text of a file, or out of a bundle. */
export function readFile(file: string | Uint8Array): FileReading {
  const unpacked = typeof file === "string" ? ({ type: "text", text: file, ...alone } as const) : readBundle(file);
  if (unpacked.type === "fault") return unpacked;
  const reading = readPlanText(unpacked.text);
  if (reading.type === "fault") return reading;
  const { weather, photos, readings } = unpacked;
  const epw = weather === null ? null : readEpw(weather);
  if (epw?.type === "fault") {
    const problem = `line ${epw.line}, ${epw.field}: ${epw.problem}`;
    return { type: "fault", fault: { type: "invalid", path: "weather.epw", problem, more: 0 } };
  }
  return { type: "plan", plan: reading.plan, weather, photos, readings };
}
