import ELK from "elkjs/lib/elk-api.js";
import { type LayoutAnswer, type LayoutAsk } from "@/core/protect";

type Layout = (ask: LayoutAsk) => Promise<LayoutAnswer>;

let layout: Layout | null = null;

/**
 * Places the boxes and lines of a drawing, off the main thread: by the layout package in a worker of its own, as its letters are
 * not ours. One for the whole page, opened when first asked for; it takes some 200 ms to be ready.
 */
export function pageLayout(): Layout {
  if (layout !== null) return layout;
  const elk = new ELK({
    workerFactory: () => new Worker(new URL("./layout.worker.ts", import.meta.url), { type: "module" }),
  });
  layout = async (ask) => (await elk.layout(ask as never)) as LayoutAnswer;
  return layout;
}
