import { type Bar } from "./bar";
import { type ProvedPortArray, readPlaceOf } from "./port-array";
import { type MeasuredRecord, type ReadingRecord, type ReadPlace } from "../measurements";
import { type ColdVolts, type Meter, walkOf } from "./walk";

/** What readings say against a wiring: the worst of what bars it from being plugged in, else how many are outside what is expected. */
export type FoundFault =
  | ({ readonly type: "barred"; readonly place: ReadPlace; readonly maxV: number | null } & Omit<Bar, "at">)
  | { readonly type: "outside"; readonly count: number };

/** What was really read of a wiring: readings of a simulated stand-in say nothing of it. */
export function realReadings(records: readonly MeasuredRecord[], wiringId: string): ReadingRecord[] {
  return records.filter(
    (each): each is ReadingRecord => each.kind === "prove" && each.wiringId === wiringId && each.source !== "standIn",
  );
}

/** What the readings of one port say against it; null: nothing. A reading stands until its place is read again. */
export function foundIn(
  portArray: ProvedPortArray,
  records: readonly ReadingRecord[],
  meter: Meter,
  coldV: ColdVolts,
): FoundFault | null {
  const { bars, steps } = walkOf(portArray, records, meter, coldV);
  const [bar] = bars;
  if (bar !== undefined) {
    const { at, ...told } = bar;
    return { type: "barred", ...told, place: readPlaceOf(portArray, at), maxV: portArray.window?.maxV ?? null };
  }
  const count = steps.filter(({ outcome }) => outcome !== null && outcome.type !== "fine").length;
  return count === 0 ? null : { type: "outside", count };
}

/** The worse of what two ports say. */
export function worseFound(a: FoundFault | null, b: FoundFault | null): FoundFault | null {
  if (a === null || b === null) return a ?? b;
  if (a.type === "barred" || b.type === "barred") return a.type === "barred" ? a : b;
  return { type: "outside", count: a.count + b.count };
}
