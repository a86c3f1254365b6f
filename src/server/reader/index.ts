import "server-only";
import { type PlanReading, readPlanText } from "@/core/plan";
import { createReader, type Reader } from "./aside";

/** Read at once in this thread: the plans of people, which take a few milliseconds. */
const smallText = 100_000;

let reader: Reader | null = null;

/**
 * Reads the text of a plan file. A large one is read in another thread with a limit of time and of memory, so that nobody
 * waits for it.
 */
export async function readAside(text: string): Promise<PlanReading> {
  const file = process.env["GOLDEN_ARRAY_READER"];
  // while the application is being developed there is no bundle for a thread
  if (text.length <= smallText || file === undefined) return readPlanText(text);
  reader ??= createReader({ file, mostMs: 5000, mostMb: 256 });
  return reader.read(text);
}
