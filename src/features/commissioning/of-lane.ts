import { type MeasuredRecord, type ReadingRecord } from "@/core/measurements";
import { type LaneRef } from "./useProved";

/** The readings of one port in one wiring. */
export function ofLane(records: readonly MeasuredRecord[], wiringId: string, lane: LaneRef | null): ReadingRecord[] {
  return records.filter(
    (each): each is ReadingRecord =>
      each.kind === "prove" &&
      each.wiringId === wiringId &&
      each.inputId === lane?.inputId &&
      each.portId === lane.portId,
  );
}
