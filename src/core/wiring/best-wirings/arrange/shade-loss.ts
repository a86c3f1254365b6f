import { portArrayOf, type PortArrayContext, type SolvableWiring, kindOf } from "@/core/plan-model";
import { substringCount } from "@/core/engine/net";
import { keyOf, type Position, type PvString, standOf, usedIn } from "@/core/engine/array";

/** Light left on a substring that is shaded: what comes from everywhere on a bright day. */
export const shadedShare = 0.1;

/**
 * Watts of bright noon that are lost when one substring of one panel is shaded, where it costs most; and what is taken without. Of
 * panels of one kind that stand alike in strings that are alike one is tried.
 */
export function* shadeLossW({ plan, common, portArrays, positions }: SolvableWiring): Generator<undefined, number> {
  const position = positions[0]?.position ?? common.fixed;
  let most = 0;
  for (const context of portArrays) {
    const litW = noonW(context);
    const tried = new Set<string>();
    for (const string of context.portArray.strings) {
      const shape = shapeOf(string, common);
      for (const tile of usedIn([string])) {
        const kind = kindOf(common, tile);
        const stand = standOf(position, tile);
        const key = JSON.stringify([shape, kind.id, stand]);
        if (tried.has(key) || stand.stance === "stowed") continue;
        tried.add(key);
        const parts = substringCount(kind.model);
        const light = Array.from({ length: parts }, (_, k) => {
          const before = stand.light[stand.light.length === 1 ? 0 : k] ?? 1;
          return k === 0 ? shadedShare * before : before;
        });
        const shaded: Position = new Map([...position, [keyOf(tile), { ...stand, light }]]);
        const then = portArrayOf(plan, common, context.portArray, shaded, context.copper);
        if (then !== null) most = Math.max(most, litW - noonW(then));
        yield undefined;
      }
    }
  }
  return most;
}

function noonW({ actual }: PortArrayContext): number {
  return actual.brightNoon.operating?.p ?? actual.brightNoon.array.mpp.p;
}

/** A string by the kinds of panel in it, whatever their order; a panel whose label cannot be read goes by its kind in the plan. */
export function shapeOf(string: PvString, { kinds }: Pick<SolvableWiring["common"], "kinds">): string {
  return usedIn([string])
    .map((tile) => kinds.get(keyOf(tile))?.id ?? tile.panelId)
    .sort()
    .join();
}
