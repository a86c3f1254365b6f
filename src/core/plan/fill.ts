import {
  freePieces,
  keyOf,
  type Lane,
  type LaneRef,
  matrixRows,
  newTile,
  sameLane,
  type Tile,
  tilesOf,
} from "../wiring";
import { type Plan, type Wiring } from "./document";

/** Equal rows asked for: of one kind, so many in series, so many rows. */
export type Filling = LaneRef & { readonly panelId: string; readonly series: number; readonly strings: number };

/** What filling a lane takes: the lane as it would be, how many panels the plan lacks for it, and which go to the shelf. */
export type Filled = {
  readonly lanes: readonly Lane[];
  readonly lacks: number;
  readonly shelved: readonly Tile[];
};

/** A lane of a wiring filled with equal rows, from what other lanes do not use. Panels that stay keep shade, tilt and stance. */
export function fillLane(
  { panels }: Pick<Plan, "panels">,
  { lanes }: Pick<Wiring, "lanes">,
  { inputId, portId, panelId, series, strings }: Filling,
): Filled {
  const isThis = (lane: Lane) => sameLane(lane, { inputId, portId });
  const taken = new Set(tilesOf(lanes.filter((lane) => !isThis(lane))).map(keyOf));
  const was = new Map(tilesOf(lanes).map((tile) => [keyOf(tile), tile]));
  const pieces = freePieces(panelId, series * strings, taken);
  const rows = matrixRows(panelId, series, strings).map((row, r) => ({
    ...row,
    items: row.items.map((_, k) => {
      const piece = pieces[r * series + k] as number;
      return was.get(keyOf({ panelId, piece })) ?? newTile(panelId, piece);
    }),
  }));
  const lane: Lane = { inputId, portId, rows };
  const used = new Set(tilesOf([lane]).map(keyOf));
  const count = panels.find(({ id }) => id === panelId)?.count ?? 0;
  return {
    lanes: lanes.some(isThis) ? lanes.map((known) => (isThis(known) ? lane : known)) : [...lanes, lane],
    lacks: pieces.filter((piece) => piece > count).length,
    shelved: tilesOf(lanes.filter(isThis)).filter((tile) => !used.has(keyOf(tile))),
  };
}
