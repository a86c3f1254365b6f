import { applyChanges } from "../plan";
import { keyOf, standOf } from "../engine/array";
import { solvableById, type SolvableWiring } from "../plan-model";
import { takenW, type ViewState } from "./views";

/** What all PV inputs take under the sky looked at, W, and what they would take without the shade that was put on panels by hand. */
export type ShadeCost = { readonly withW: number; readonly withoutW: number };

/** Null where no panel that is out is shaded by hand; shadows of the roof are no such shade. */
export function shadeCost(ready: SolvableWiring, { sky, moment, positionId }: ViewState): ShadeCost | null {
  const { plan, wiringId, memory, positions, positioned, portArrays } = ready;
  const shown = positions[positioned.indexOf(portArrays)];
  if (shown === undefined) return null;
  const keys = portArrays
    .flatMap(({ tiles }) => tiles)
    .filter((tile) => {
      const { stance, light } = standOf(shown.position, tile);
      return stance === "out" && light.some((share) => share < 1);
    })
    .map(keyOf);
  if (keys.length === 0) return null;
  const lit = applyChanges(plan, [{ type: "setStands", positionId: shown.id, keys, patch: { light: [1] } }]);
  return {
    withW: takenW(ready, sky, moment),
    withoutW: takenW(solvableById(lit, wiringId, positionId, memory), sky, moment),
  };
}
