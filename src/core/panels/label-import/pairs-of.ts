import { type Found, pairsIn } from "./pairs";

/** Values of the lines of the text at hand: asked for several times of each. */
const known = new Map<string, readonly Found[]>();
export function pairsOf(words: string): readonly Found[] {
  const before = known.get(words);
  if (before !== undefined) return before;
  const found = pairsIn(words);
  known.set(words, found);
  return found;
}

/** Ends a text: what was found in its lines is kept no longer. */
export function forgetPairs(): void {
  known.clear();
}
