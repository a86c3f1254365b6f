import { type ReadingRecord } from "@/core/measurements";
import { type WalkStep } from "@/core/commissioning";
import { useWiring } from "@/features/plan-session";
import { newId } from "@/ui";
import { useProve } from "./facts";

/** Keeps what was read at a step, with its time, its sky, what was due, and who read it. */
export function useSaveMeasurement(): (
  step: WalkStep,
  value: number,
  source: ReadingRecord["source"],
) => Promise<void> {
  const { id: wiringId } = useWiring();
  const { readings, portArray, sky, settings, walk } = useProve();
  return async ({ place, quantity, band }, value, source) => {
    if (readings === null || portArray === null) return;
    await readings.add({
      id: newId(),
      kind: "prove",
      atUtc: new Date().toISOString(),
      wiringId,
      ...portArray,
      place,
      quantity,
      value,
      sky,
      due: band,
      lightWm2: walk?.light.due ?? null,
      by: settings.by.trim(),
      source,
    });
  };
}
