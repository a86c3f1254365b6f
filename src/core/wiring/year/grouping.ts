import { substringCount } from "../../engine/net";
import { kindOf, type SolvableWiring } from "../../plan-model";
import { rossCPerWm2 } from "../../engine/sky";
import { keyOf, lightOf, type PanelRef } from "../../engine/array";
import { facingsIn } from "./facing";
import { type Alike, evennessOf } from "./panel-hour";
import { isLaid } from "./roof-shade";

/** All that decides what falls on a panel in a position, and a name that panels share which are alike in it. */
export type AlikeOf = (tile: Pick<PanelRef, "panelId" | "piece">) => {
  readonly name: string;
  readonly make: () => Alike;
};

export function createAlike({ plan, common }: Pick<SolvableWiring, "plan" | "common">, positionId: string): AlikeOf {
  const facingOf = facingsIn(plan, positionId);
  return (tile) => {
    const { stand, facing } = facingOf(keyOf(tile));
    const kind = kindOf(common, tile);
    const { tiltDeg, azimuthDeg, azimuthFrom, turning } = facing;
    const own = isLaid(plan, keyOf(tile)) ? keyOf(tile) : null;
    const make = (): Alike => {
      const light = lightOf(stand, substringCount(kind.model));
      return {
        key: own,
        model: kind.model,
        facing,
        rossK: rossCPerWm2[stand.mount ?? common.site.mount],
        light,
        stowed: stand.stance === "stowed",
        evenness: evennessOf(kind.model, light),
      };
    };
    return { name: JSON.stringify([own, kind.id, stand, tiltDeg, azimuthDeg, azimuthFrom, turning]), make };
  };
}
