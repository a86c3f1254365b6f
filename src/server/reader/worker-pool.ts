import "server-only";
import Piscina from "piscina";
import { type FileReading, type PlanFile } from "./read-file";

type Limits = {
  /** The bundled module a thread runs. */
  readonly file: string;
  /** Longest a file may take, ms, and the most memory it may take, MB. */
  readonly maxMs: number;
  readonly maxMb: number;
};

export type Reader = {
  readonly read: (file: PlanFile) => Promise<FileReading>;
  readonly end: () => Promise<void>;
};

/** Reads plan files in threads of their own. A file that passes a limit is refused as too costly, and its thread ends with it. */
export function createReader({ file: module, maxMs, maxMb }: Limits): Reader {
  const pool = new Piscina({
    filename: module,
    minThreads: 0,
    maxThreads: 2,
    idleTimeout: 10_000,
    maxQueue: 16,
    resourceLimits: { maxOldGenerationSizeMb: maxMb, maxYoungGenerationSizeMb: 32, stackSizeMb: 4 },
  });
  const detailOf = (error: unknown): string => {
    // errors come from another thread, and need not be instances of this one's
    const { name, code, message } = (error ?? {}) as { name?: unknown; code?: unknown; message?: unknown };
    if (name === "AbortError") return `it took longer than ${maxMs / 1000} seconds`;
    if (code === "ERR_WORKER_OUT_OF_MEMORY") return `it took more than ${maxMb} MB of memory`;
    return typeof message === "string" ? message : "it could not be read";
  };
  return {
    read: async (file) => {
      const limit = new AbortController();
      const timer = setTimeout(() => limit.abort(), maxMs);
      try {
        return (await pool.run(file, { signal: limit.signal })) as FileReading;
      } catch (error) {
        return { type: "fault", fault: { type: "tooCostly", detail: detailOf(error) } };
      } finally {
        clearTimeout(timer);
      }
    },
    end: () => pool.destroy(),
  };
}
