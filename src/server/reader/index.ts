import "server-only";
export { type PlanFile } from "./read-file";
import { createReader, type Reader } from "./worker-pool";
import { type FileReading, type PlanFile, readFile } from "./read-file";

/** Read at once in this thread: the plans of people, which take a few milliseconds. */
const smallText = 100_000;

let reader: Reader | null = null;

/**
 * Reads a plan file. A large one, and any bundle, is read in another thread with a limit of time and of memory, so that nobody
 * waits for it.
 */
export async function readAside(file: PlanFile): Promise<FileReading> {
  const bundled = process.env["GOLDEN_ARRAY_READER"];
  // while the application is being developed there is no bundle for a thread
  if (bundled === undefined || (typeof file === "string" && file.length <= smallText)) return readFile(file);
  reader ??= createReader({ file: bundled, maxMs: 20_000, maxMb: 512 });
  return reader.read(file);
}
