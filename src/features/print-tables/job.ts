import { type MountReport, type Timed } from "@/core/mounting";
import { type UnitSystem } from "@/core/engine/units";
import { mountStepWords } from "@/messages/en";

/** The steps of a fixing in words: what, how, and whether it is done. */
export function jobTable(report: MountReport, steps: readonly Timed[], system: UnitSystem) {
  return steps.map(({ step, isDone, toMs }) => ({ step, isDone, toMs, ...mountStepWords(step, report, system) }));
}
