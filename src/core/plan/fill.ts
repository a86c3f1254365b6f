import {
  freePieces,
  keyOf,
  type PortArray,
  type PortArrayRef,
  newTile,
  stringOf,
  samePortArray,
  type PanelRef,
  tilesOf,
} from "../engine/array";
import { type Plan } from "./plan";
import { stockOf } from "./pieces";

/** Equal strings asked for: of one kind, so many in series, so many strings. */
export type Filling = PortArrayRef & { readonly panelId: string; readonly series: number; readonly strings: number };

/** What filling a port array takes: the port array as it would be, how many panels the plan lacks for it, and which go to the shelf. */
export type Filled = {
  readonly portArrays: readonly PortArray[];
  readonly lacks: number;
  readonly shelved: readonly PanelRef[];
};

/** A port array of a wiring filled with equal strings, from what other port arrays do not use. Panels that stay in use stay taken out, if they are. */
export function fillPortArray(
  plan: Pick<Plan, "panels">,
  { portArrays }: { readonly portArrays: readonly PortArray[] },
  { inputId, portId, panelId, series, strings: parallel }: Filling,
): Filled {
  const isThis = (portArray: PortArray) => samePortArray(portArray, { inputId, portId });
  const taken = new Set(tilesOf(portArrays.filter((portArray) => !isThis(portArray))).map(keyOf));
  const was = new Map(tilesOf(portArrays).map((tile) => [keyOf(tile), tile]));
  const kind = stockOf(plan, panelId);
  const tiles = freePieces(kind, series * parallel, taken).map(
    (piece) => was.get(keyOf({ panelId, piece })) ?? newTile(panelId, piece),
  );
  const old = portArrays.find(isThis)?.strings ?? [];
  const strings = Array.from({ length: parallel }, (_, r) => ({
    ...stringOf(tiles.slice(r * series, (r + 1) * series)),
    // a string stays the string it was, as far as there are as many
    id: old[r]?.id ?? null,
  }));
  const portArray: PortArray = { inputId, portId, strings };
  const used = new Set(tiles.map(keyOf));
  return {
    portArrays: portArrays.some(isThis)
      ? portArrays.map((known) => (isThis(known) ? portArray : known))
      : [...portArrays, portArray],
    lacks: tiles.filter(({ piece }) => piece > kind.given).length,
    shelved: tilesOf(portArrays.filter(isThis)).filter((tile) => !used.has(keyOf(tile))),
  };
}
