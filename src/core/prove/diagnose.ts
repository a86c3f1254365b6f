import { type InputWindow } from "../input";
import { type Cause, rankWorlds, type Reading, type SkyGuess } from "./rank";
import { type ProveTree } from "./tree";

const mostCauses = 6;

/** What is most likely wrong with an array, best first. */
export function diagnose(
  tree: ProveTree,
  sky: SkyGuess,
  readings: readonly Reading[],
  window: InputWindow | null,
): readonly Cause[] {
  return rankWorlds(tree, sky, readings, window)
    .slice(0, mostCauses)
    .map(({ id, at, share }) => ({ id, at, share }));
}
