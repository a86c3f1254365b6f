import { dayMs } from "@/core/engine/numeric";
import { z } from "zod";
import { type Level } from "./case";
import { type DrillId, drillIds } from "./catalogue";

/** What one has practised, and when what comes again: solved it rests longer each time, failed it comes back at once. */

const progressEntry = z.strictObject({
  level: z.union([z.literal(1), z.literal(2), z.literal(3)]),
  /** How often it was solved in a row. */ row: z.number().int().min(0).max(1000),
  solved: z.number().int().min(0).max(100_000),
  failed: z.number().int().min(0).max(100_000),
  dueMs: z.number().min(0).max(8.64e15),
});
export const progressSchema = z.record(z.string().max(40), progressEntry);
export type Progress = z.infer<typeof progressSchema>;
export type DrillProgress = z.infer<typeof progressEntry>;

/** Days until it comes again after so many in a row. */
const restDays = [0, 1, 3, 7, 16, 35, 90] as const;
/** Solved so often in a row at a level, the next one is tried. */
const rowForLevel = 2;
/** Failed, it comes again after so long: with something else in between. */
const againMs = 120_000;

const fresh: DrillProgress = { level: 1, row: 0, solved: 0, failed: 0, dueMs: 0 };

export function progressOf(progress: Progress, id: DrillId): DrillProgress {
  return progress[id] ?? fresh;
}

export function practised(progress: Progress, id: DrillId, isSolved: boolean, nowMs: number): Progress {
  const before = progressOf(progress, id);
  const down = Math.max(1, before.level - 1) as Level;
  if (!isSolved)
    return { ...progress, [id]: { ...before, level: down, row: 0, failed: before.failed + 1, dueMs: nowMs + againMs } };
  const row = before.row + 1;
  const level = (row % rowForLevel === 0 ? Math.min(3, before.level + 1) : before.level) as Level;
  const rest = restDays[Math.min(row, restDays.length - 1)] ?? 90;
  return {
    ...progress,
    [id]: { ...before, level, row, solved: before.solved + 1, dueMs: nowMs + rest * dayMs },
  };
}

/** What is best done next: failed ones that are due, then others that are due, then new ones in their order, then what comes due first. */
export function nextDrill(progress: Progress, nowMs: number, but: DrillId | null = null): DrillId {
  const others = drillIds.filter((id) => id !== but);
  const tried = others.filter((id) => progress[id] !== undefined);
  const due = tried
    .filter((id) => progressOf(progress, id).dueMs <= nowMs)
    .sort((a, b) => progressOf(progress, a).row - progressOf(progress, b).row || dueOf(a) - dueOf(b));
  function dueOf(id: DrillId): number {
    return progressOf(progress, id).dueMs;
  }
  const fresh = others.find((id) => progress[id] === undefined);
  const [soonest] = [...tried].sort((a, b) => dueOf(a) - dueOf(b));
  return due[0] ?? fresh ?? soonest ?? "thirdInSeries";
}
