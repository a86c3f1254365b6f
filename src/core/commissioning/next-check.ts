import { sigmaOf } from "./miss";
import { type SkyGuess } from "./sky-guess";
import { type InputWindow } from "../engine/pv-input";
import { rankWorlds, type RankedWorld } from "./rank";
import { type Place, quantities, type Quantity, type Reading, shownAt } from "./reading";
import { leavesOf, type ProveTree, stringsOf } from "./tree";

/** A reading worth taking: where, what, and by how many bits it is expected to narrow down what may be wrong. */
export type Check = { readonly at: Place; readonly quantity: Quantity; readonly bits: number };

/** Causes less likely than this decide nothing. */
const minShare = 0.002;
const maxWorlds = 24;

/**
 * Readings not taken yet, the one first that is expected to cut the list of causes most: for each world, as if it were the true one, how
 * the shares of all would stand after the meter had shown what it then shows. `among`: what may be asked, as nobody parts a plug under
 * load; all of them unless some are named.
 */
export function nextChecks(
  tree: ProveTree,
  sky: SkyGuess,
  readings: readonly Reading[],
  window: InputWindow | null,
  among: readonly Quantity[] = quantities,
): readonly Check[] {
  return checksAmong(tree, readings, rankWorlds(tree, sky, readings, window), among);
}

/** The same where the worlds are ranked already. */
export function checksAmong(
  tree: ProveTree,
  readings: readonly Reading[],
  ranked: readonly RankedWorld[],
  among: readonly Quantity[],
): readonly Check[] {
  const likely = ranked.filter(({ share }) => share >= minShare).slice(0, maxWorlds);
  const now = entropy(likely.map(({ share }) => share));
  return placesOf(tree)
    .flatMap((at) => among.map((quantity) => ({ at, quantity })))
    .filter(({ at, quantity }) => !isTaken(readings, at, quantity))
    .map(({ at, quantity }): Check => ({ at, quantity, bits: now - entropyAfter(likely, at, quantity) }))
    .sort((a, b) => b.bits - a.bits);
}

function placesOf(tree: ProveTree): Place[] {
  const strings = stringsOf(tree);
  return [
    { type: "array" },
    { type: "input" },
    ...(strings.length > 1 ? strings.map((_, k): Place => ({ type: "string", n: k + 1 })) : []),
    ...leavesOf(tree).map(({ id }): Place => ({ type: "panel", id })),
  ];
}

function isTaken(readings: readonly Reading[], at: Place, quantity: Quantity): boolean {
  return readings.some((reading) => JSON.stringify(reading.at) === JSON.stringify(at) && reading[quantity] !== null);
}

/** What is expected to be left open after a reading, bits. */
function entropyAfter(worlds: readonly RankedWorld[], at: Place, quantity: Quantity): number {
  const shown = worlds.map(({ prediction }) => shownAt(prediction, at)?.[quantity] ?? null);
  const all = worlds.reduce((sum, { share }) => sum + share, 0);
  return worlds.reduce((sum, world, i) => {
    const read = shown[i] ?? null;
    const after = worlds.map(({ share }, j) => {
      const is = shown[j] ?? null;
      // where nothing can be said a reading tells nothing
      if (read === null || is === null) return share;
      return share * Math.exp(-0.5 * ((read - is) / sigmaOf(quantity, is, read)) ** 2);
    });
    return sum + (world.share / all) * entropy(after);
  }, 0);
}

function entropy(weights: readonly number[]): number {
  const all = weights.reduce((sum, each) => sum + each, 0);
  return weights.reduce((sum, each) => (each > 0 ? sum - (each / all) * Math.log2(each / all) : sum), 0);
}
