import {
  freePieces,
  keyOf,
  mapTiles,
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
export type Filling = PortArrayRef & {
  readonly panelId: string;
  readonly series: number;
  readonly strings: number;
  /** Whether what is not free may be taken from other port arrays, before any is bought. */
  readonly takesOthers?: boolean;
};

/**
 * What filling a port array takes: the port array as it would be, how many panels the plan lacks for it, which are taken from other port
 * arrays, and which go to the shelf.
 */
export type Filled = {
  readonly portArrays: readonly PortArray[];
  readonly lacks: number;
  readonly borrowed: readonly PanelRef[];
  readonly shelved: readonly PanelRef[];
};

/** A port array of a wiring filled with equal strings, from what other port arrays do not use. Panels that stay in use stay taken out, if they are. */
export function fillPortArray(
  plan: Pick<Plan, "panels">,
  { portArrays }: { readonly portArrays: readonly PortArray[] },
  { inputId, portId, panelId, series, strings: parallel, takesOthers = false }: Filling,
): Filled {
  const isThis = (portArray: PortArray) => samePortArray(portArray, { inputId, portId });
  const elsewhere = tilesOf(portArrays.filter((portArray) => !isThis(portArray)));
  const taken = new Set(elsewhere.map(keyOf));
  const was = new Map(tilesOf(portArrays).map((tile) => [keyOf(tile), tile]));
  const kind = stockOf(plan, panelId);
  const pieces = freePieces(kind, series * parallel, taken);
  const owned = pieces.filter((piece) => piece <= kind.given);
  const lack = pieces.length - owned.length;
  const borrowed = takesOthers && lack > 0 ? elsewhere.filter((tile) => tile.panelId === panelId).slice(-lack) : [];
  const tiles = [...owned, ...borrowed.map(({ piece }) => piece), ...pieces.slice(owned.length + borrowed.length)].map(
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
  const moved = new Set(borrowed.map(keyOf));
  const left = (known: PortArray): PortArray =>
    moved.size === 0
      ? known
      : { ...known, strings: mapTiles(known.strings, (tile) => (moved.has(keyOf(tile)) ? null : tile)) };
  return {
    portArrays: portArrays.some(isThis)
      ? portArrays.map((known) => (isThis(known) ? portArray : left(known)))
      : [...portArrays.map(left), portArray],
    lacks: tiles.filter(({ piece }) => piece > kind.given).length,
    borrowed,
    shelved: tilesOf(portArrays.filter(isThis)).filter((tile) => !used.has(keyOf(tile))),
  };
}
