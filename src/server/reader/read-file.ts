import { readFile as readBytes } from "node:fs/promises";
import { alone, type BundleParts, readBundle } from "@/core/bundle";
import { type PlanFault, readPlanText, type Plan } from "@/core/plan";
import { readEpw } from "@/core/engine/weather";

/** A plan file: its text, the bytes of a bundle, or where on this computer such bytes lie. */
export type PlanFile = string | Uint8Array | { readonly bundlePath: string };

export type FileReading =
  /** A plan, and what came along with it. */
  | ({ readonly type: "plan"; readonly plan: Plan } & BundleParts)
  | { readonly type: "fault"; readonly fault: PlanFault };

/** A plan out of the text of a file, or out of a bundle. */
export async function readFile(file: PlanFile): Promise<FileReading> {
  const unpacked =
    typeof file === "string"
      ? ({ type: "text", text: file, ...alone } as const)
      : await readBundle("bundlePath" in file ? await readBytes(file.bundlePath) : file);
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
