import { type ReadingRecord } from "@/core/measurements";
import { type Plan } from "@/core/plan";
import { type WalkStep } from "@/core/commissioning";
import { csvText } from "@/ui";
import { quantityUnits, quantityWords, readPlaceName } from "@/messages/en";

/** What a step of the walk comes to: proved by a reading, off, or not proved. */
export function provedWord({ read, outcome, band }: WalkStep): "proved" | "off" | "read" | "not proved" {
  if (read === null) return "not proved";
  if (outcome === null) return band === null ? "read" : "not proved";
  return outcome.type === "fine" ? "proved" : "off";
}

/** Every reading as a line of a table, the newest last. */
export function readingsCsv(plan: Plan, records: readonly ReadingRecord[]): Promise<string> {
  const strings = records.map(({ atUtc, place, quantity, value, due, lightWm2, sky, by, source }) => ({
    atUtc,
    place: readPlaceName(plan, place),
    what: quantityWords[quantity],
    value,
    unit: quantityUnits[quantity],
    dueLow: due?.low.toFixed(3) ?? "",
    due: due?.due.toFixed(3) ?? "",
    dueHigh: due?.high.toFixed(3) ?? "",
    lightWm2: lightWm2?.toFixed(0) ?? "",
    cloud: sky.cloud ?? "",
    airC: sky.airC ?? "",
    backC: sky.backC ?? "",
    by,
    source,
  }));
  return csvText(strings);
}

export function reportJson(
  plan: Plan,
  port: string,
  steps: readonly WalkStep[],
  records: readonly ReadingRecord[],
): string {
  const walk = steps.map((step) => ({
    place: readPlaceName(plan, step.place),
    what: step.quantity,
    unit: quantityUnits[step.quantity],
    proved: provedWord(step),
    value: step.read?.value ?? null,
    atUtc: step.read?.atUtc ?? null,
    due: step.read?.due ?? step.band,
    outcome: step.outcome?.type ?? null,
  }));
  return `${JSON.stringify({ format: "golden-array-proof", version: 1, plan: plan.name, port, walk, readings: records }, null, 2)}\n`;
}
