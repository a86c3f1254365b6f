import { type MeasuredRecord, type ReadingRecord } from "@/core/measurements";
import { type PortArrayRef } from "./useProved";

/** The readings of one port in one wiring. */
export function ofPortArray(
  records: readonly MeasuredRecord[],
  wiringId: string,
  portArray: PortArrayRef | null,
): ReadingRecord[] {
  return records.filter(
    (each): each is ReadingRecord =>
      each.kind === "prove" &&
      each.wiringId === wiringId &&
      each.inputId === portArray?.inputId &&
      each.portId === portArray.portId,
  );
}
