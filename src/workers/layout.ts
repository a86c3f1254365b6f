import ELK from "elkjs/lib/elk-api.js";
import { type LayoutAnswer, type LayoutAsk } from "@/core/protection/diagram";

export type Layout = {
  /** Places boxes and lines; what was placed before is there at once. */
  readonly place: (ask: LayoutAsk) => Promise<LayoutAnswer>;
  /** What was placed before, for paper, which does not wait; null: nothing of the kind. */
  readonly placed: (ask: LayoutAsk) => LayoutAnswer | null;
};

/** Drawings kept, the last ones asked for. */
const maxKept = 12;

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
  const kept = new Map<string, LayoutAnswer>();
  layout = {
    place: async (ask) => {
      const key = JSON.stringify(ask);
      const before = kept.get(key);
      const answer = before ?? ((await elk.layout(ask as never)) as LayoutAnswer);
      kept.delete(key);
      kept.set(key, answer);
      for (const oldest of [...kept.keys()].slice(0, Math.max(0, kept.size - maxKept))) kept.delete(oldest);
      return answer;
    },
    placed: (ask) => kept.get(JSON.stringify(ask)) ?? null,
  };
  return layout;
}
