import { createRandom } from "@/core/engine/random";
import { benchDrills } from "./bench-drills";
import { boardDrills } from "./board-drills";
import { type DrillCase, type Level } from "./case";
import { fuseDrills } from "./fuse-drills";
import { handDrills } from "./hand-drills";

/** Every drill there is, from the board over the bench to the hands. */
const makes = { ...boardDrills, ...benchDrills, ...handDrills, ...fuseDrills };
export type DrillId = keyof typeof makes;
export const drillIds = Object.keys(makes) as readonly DrillId[];

/** What a drill is done with; it does not hang on its numbers. */
export function drillType(id: DrillId): DrillCase["type"] {
  return id in boardDrills ? "board" : id in benchDrills ? "bench" : id in handDrills ? "hand" : "fuse";
}

/** A drill as this seed makes it; the same seed makes the same one anywhere. */
export function makeDrill(id: DrillId, seed: number, level: Level): DrillCase {
  return makes[id](createRandom(seed * 31 + level), level);
}

export type Endless = { readonly seed: number; readonly nth: number };

/** The nth drill of an endless run: which one, how hard, and its own seed, all from the one number that can be shared. */
export function endlessDrill({ seed, nth }: Endless): {
  readonly id: DrillId;
  readonly level: Level;
  readonly seed: number;
} {
  const draw = createRandom(seed + 7919 * nth);
  const id = drillIds[draw.whole(0, drillIds.length - 1)] ?? "thirdInSeries";
  const level: Level = nth < 5 ? 1 : nth < 12 ? draw.pick([1, 2]) : draw.pick([2, 3]);
  return { id, level, seed: draw.whole(1, 999_999) };
}
