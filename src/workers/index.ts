import { type Jobs } from "./jobs";
import { createMail, type Mail, type Slot } from "./slot";

export {
  type FileContents,
  type FileFault,
  type FindAsked,
  type JudgeInput,
  type ProveInput,
  type ProveWalk,
  type ShelfName,
  type WeatherRead,
  type WeatherText,
} from "./jobs";
export { pageLayout } from "./layout";
export { type Outcome } from "./slot";

/** The slot to this page's workers. */
export type PageMail = Mail<Jobs>;

let mail: PageMail | null = null;

/** One for the whole page, so that its workers, and what they remember, outlast a walk from view to view. */
export function pageMail(): PageMail {
  return (mail ??= createMail<Jobs>(openWorker));
}

/** The bundler finds the worker's file by this very spelling. */
function openWorker(): Slot {
  return new Worker(new URL("./mail.worker.ts", import.meta.url), { type: "module" });
}
