import {
  freePieces,
  keyOf,
  type PortArray,
  type LaneRef,
  newTile,
  rowOf,
  sameLane,
  type PanelRef,
  tilesOf,
} from "../engine/array";
import { type Plan } from "./plan";
import { stockOf } from "./pieces";

/** Equal rows asked for: of one kind, so many in series, so many rows. */
export type Filling = LaneRef & { readonly panelId: string; readonly series: number; readonly strings: number };

/** What filling a lane takes: the lane as it would be, how many panels the plan lacks for it, and which go to the shelf. */
export type Filled = {
  readonly lanes: readonly PortArray[];
  readonly lacks: number;
  readonly shelved: readonly PanelRef[];
};

/** A lane of a wiring filled with equal rows, from what other lanes do not use. Panels that stay in use stay taken out, if they are. */
export function fillLane(
  plan: Pick<Plan, "panels">,
  { lanes }: { readonly lanes: readonly PortArray[] },
  { inputId, portId, panelId, series, strings }: Filling,
): Filled {
  const isThis = (lane: PortArray) => sameLane(lane, { inputId, portId });
  const taken = new Set(tilesOf(lanes.filter((lane) => !isThis(lane))).map(keyOf));
  const was = new Map(tilesOf(lanes).map((tile) => [keyOf(tile), tile]));
  const kind = stockOf(plan, panelId);
  const tiles = freePieces(kind, series * strings, taken).map(
    (piece) => was.get(keyOf({ panelId, piece })) ?? newTile(panelId, piece),
  );
  const old = lanes.find(isThis)?.rows ?? [];
  const rows = Array.from({ length: strings }, (_, r) => ({
    ...rowOf(tiles.slice(r * series, (r + 1) * series)),
    // a row stays the row it was, as far as there are as many
    id: old[r]?.id ?? null,
  }));
  const lane: PortArray = { inputId, portId, rows };
  const used = new Set(tiles.map(keyOf));
  return {
    lanes: lanes.some(isThis) ? lanes.map((known) => (isThis(known) ? lane : known)) : [...lanes, lane],
    lacks: tiles.filter(({ piece }) => piece > kind.given).length,
    shelved: tilesOf(lanes.filter(isThis)).filter((tile) => !used.has(keyOf(tile))),
  };
}
