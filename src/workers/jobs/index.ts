import { createMemory } from "@/core/rules";
import { judgeJob } from "./judge";
import { mendsJob } from "./mends";
import { readLibrary } from "./read-library";

/** Every job the workers know; the one list to add to. Made once in each worker, whose jobs share what they remember. */
export function createJobs() {
  const memory = createMemory();
  return { judge: judgeJob(memory), mends: mendsJob(memory), readLibrary };
}

export type Jobs = ReturnType<typeof createJobs>;
export { type JudgeInput, type Judged } from "./judge";
export { type MendsInput, type Remedies } from "./mends";
export { type FileContents, type FileFault, type ReadInput, type ReadProgress, type ShelfName } from "./read-library";
