import { type Slot } from "./client";

/** A worker that judges wirings. The bundler finds the worker's file by this very spelling. */
export function openJudgeWorker(): Slot {
  return new Worker(new URL("./judge.worker.ts", import.meta.url), { type: "module" });
}
