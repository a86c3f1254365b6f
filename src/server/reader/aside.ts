import "server-only";
import Piscina from "piscina";
import { type PlanReading, readPlanText } from "@/core/plan";

/** Read at once in this thread: the plans of people, which take a few milliseconds. */
const smallText = 100_000;
/** Longest a file may take, ms, and the most memory it may take, MB. */
const mostMs = 5000;
const mostMb = 256;

let pool: Piscina | null = null;

/**
 * Reads the text of a plan file. A large one is read in another thread with a limit of time and of memory, so that nobody
 * waits for it; one that passes a limit is refused as too costly.
 */
export async function readAside(text: string): Promise<PlanReading> {
  const file = process.env["GOLDEN_ARRAY_READER"];
  // while the application is being developed there is no bundle for a thread
  if (text.length <= smallText || file === undefined) return readPlanText(text);
  pool ??= new Piscina({
    filename: file,
    minThreads: 0,
    maxThreads: 2,
    idleTimeout: 10_000,
    maxQueue: 16,
    resourceLimits: { maxOldGenerationSizeMb: mostMb, maxYoungGenerationSizeMb: 32, stackSizeMb: 4 },
  });
  const limit = new AbortController();
  const timer = setTimeout(() => limit.abort(), mostMs);
  try {
    return (await pool.run(text, { signal: limit.signal })) as PlanReading;
  } catch (error) {
    return { type: "fault", fault: { type: "tooCostly", detail: detailOf(error) } };
  } finally {
    clearTimeout(timer);
  }
}

function detailOf(error: unknown): string {
  if (error instanceof Error && error.name === "AbortError") return `it took longer than ${mostMs / 1000} seconds`;
  if (error instanceof Error && "code" in error && error.code === "ERR_WORKER_OUT_OF_MEMORY")
    return `it took more than ${mostMb} MB of memory`;
  return error instanceof Error ? error.message : "it could not be read";
}
