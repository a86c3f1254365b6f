import { type Jobs } from "./jobs";
import { createClient, type Client, type WorkerPort } from "./rpc";

export {
  type FileContents,
  type FindAsked,
  type JudgeInput,
  type ProveInput,
  type ProveWalk,
  type ShelfName,
  type WeatherRead,
  type WeatherText,
} from "./jobs";
export { pageLayout } from "./layout";
export { type Outcome } from "./rpc";

/** The slot to this page's workers. */
export type WorkerClient = Client<Jobs>;

let mail: WorkerClient | null = null;

/** One for the whole page, so that its workers, and what they remember, outlast a walk from view to view. */
export function workerClient(): WorkerClient {
  return (mail ??= createClient<Jobs>(openWorker));
}

/** The bundler finds the worker's file by this very spelling. */
function openWorker(): WorkerPort {
  return new Worker(new URL("./compute.worker.ts", import.meta.url), { type: "module" });
}
