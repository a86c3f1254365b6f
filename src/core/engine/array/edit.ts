import { type Group, type Item, type PortArray, type Row, type PanelRef } from "./lane";
import { freePieces, keyOf, mapLanes, mapTiles, rowOf, type Stock, type PanelKey, tilesOf } from "./walk";

export type LaneRef = Pick<PortArray, "inputId" | "portId">;

/**
 * Where rows lie: [] is the lane itself; [r, k] is the group that is item k of row r, and so on inwards.
 * A row is named by the rows it lies among and its place there.
 */
export type RowsPath = readonly number[];

/** Where panels can be put. */
export type Place =
  | { readonly type: "row"; readonly lane: LaneRef; readonly path: RowsPath; readonly row: number; readonly at: number }
  | { readonly type: "newRow"; readonly lane: LaneRef; readonly path: RowsPath; readonly at: number }
  | { readonly type: "beside"; readonly key: PanelKey }
  | { readonly type: "shelf" };

/**
 * Lanes after some panels are put somewhere: taken from where they are, or from the shelf. Together they become
 * one row, or part of one. Panels put beside another stand in parallel with it. A place that is not there any
 * more leaves the lanes as they were.
 */
export function putTiles(lanes: readonly PortArray[], tiles: readonly PanelRef[], place: Place): readonly PortArray[] {
  if (tiles.length === 0) return lanes;
  // put in first, as fresh objects, so that the place still counts as it was seen; then the old ones are taken out
  const fresh = tiles.map((tile) => ({ ...tile }));
  const put = insert(lanes, fresh, place);
  if (put === null) return lanes;
  const isFresh = new Set<PanelRef>(fresh);
  const moved = new Set(tiles.map(keyOf));
  return tidy(mapLanes(put, (tile) => (moved.has(keyOf(tile)) && !isFresh.has(tile) ? null : tile)));
}

function insert(lanes: readonly PortArray[], tiles: readonly PanelRef[], place: Place): readonly PortArray[] | null {
  switch (place.type) {
    case "shelf":
      return lanes;
    case "row":
      return changeRows(lanes, place.lane, place.path, (rows) => {
        const row = rows[place.row];
        return row === undefined
          ? null
          : rows.with(place.row, { ...row, items: row.items.toSpliced(place.at, 0, ...tiles) });
      });
    case "newRow":
      return changeRows(withLane(lanes, place.lane), place.lane, place.path, (rows) =>
        rows.toSpliced(place.at, 0, rowOf(tiles)),
      );
    case "beside": {
      if (tiles.some((tile) => keyOf(tile) === place.key)) return null;
      const found = locate(lanes, place.key);
      if (found === null) return null;
      return changeRows(lanes, found.lane, found.path, (rows) => {
        const row = rows[found.row] as Row;
        const group: Group = { type: "group", rows: [rowOf([row.items[found.at] as PanelRef]), rowOf(tiles)] };
        // a panel alone in its row needs no group: what is beside it is simply the next row
        return row.items.length === 1
          ? rows.toSpliced(found.row + 1, 0, rowOf(tiles))
          : rows.with(found.row, { ...row, items: row.items.with(found.at, group) });
      });
    }
  }
}

export type Found = { readonly lane: LaneRef; readonly path: RowsPath; readonly row: number; readonly at: number };

/** Where a panel is wired; null when it is on the shelf. */
export function locate(lanes: readonly PortArray[], key: PanelKey): Found | null {
  const search = (rows: readonly Row[], path: RowsPath): Omit<Found, "lane"> | null => {
    for (const [row, { items }] of rows.entries()) {
      for (const [at, item] of items.entries()) {
        if (item.type === "panel") {
          if (keyOf(item) === key) return { path, row, at };
          continue;
        }
        const inside = search(item.rows, [...path, row, at]);
        if (inside !== null) return inside;
      }
    }
    return null;
  };
  for (const lane of lanes) {
    const found = search(lane.rows, []);
    if (found !== null) return { lane: { inputId: lane.inputId, portId: lane.portId }, ...found };
  }
  return null;
}

/** The row at a place, if it is there. */
export function rowAt(lanes: readonly PortArray[], lane: LaneRef, path: RowsPath, row: number): Row | undefined {
  let found: readonly Row[] | undefined = lanes.find((candidate) => sameLane(candidate, lane))?.rows;
  for (let k = 0; k + 1 < path.length; k += 2) {
    const item: Item | undefined = found?.[path[k] as number]?.items[path[k + 1] as number];
    found = item?.type === "group" ? item.rows : undefined;
  }
  return found?.[row];
}

/** A row cut in two before one of its items; the second half becomes the next row. */
export function splitRow(lanes: readonly PortArray[], { lane, path, row, at }: Found): readonly PortArray[] {
  const changed = changeRows(lanes, lane, path, (rows) => {
    const whole = rows[row];
    if (whole === undefined || at <= 0 || at >= whole.items.length) return null;
    return rows.toSpliced(
      row,
      1,
      { ...whole, items: whole.items.slice(0, at) },
      { ...whole, id: null, items: whole.items.slice(at) },
    );
  });
  return changed === null ? lanes : tidy(changed);
}

/** A row joined to the end of the one above it: parallel becomes series. */
export function mergeRowUp(lanes: readonly PortArray[], { lane, path, row }: Omit<Found, "at">): readonly PortArray[] {
  const changed = changeRows(lanes, lane, path, (rows) => {
    const [above, below] = [rows[row - 1], rows[row]];
    return above === undefined || below === undefined
      ? null
      : rows.toSpliced(row - 1, 2, { ...above, items: [...above.items, ...below.items] });
  });
  return changed === null ? lanes : tidy(changed);
}

/** The same row once more below it, of other panels of the same kinds. */
export function copyRow(
  lanes: readonly PortArray[],
  { lane, path, row }: Omit<Found, "at">,
  stockOf: (panelId: string) => Stock,
): readonly PortArray[] {
  const taken = new Set(tilesOf(lanes).map(keyOf));
  const another = (tile: PanelRef): PanelRef => {
    const [piece] = freePieces(stockOf(tile.panelId), 1, taken);
    const copy = { ...tile, piece: piece as number };
    taken.add(keyOf(copy));
    return copy;
  };
  const changed = changeRows(lanes, lane, path, (rows) => {
    const source = rows[row];
    return source === undefined
      ? null
      : rows.toSpliced(row + 1, 0, ...mapTiles([source], another).map((copy) => ({ ...copy, id: null })));
  });
  return changed ?? lanes;
}

/** A row's blocking diode put in or taken out. */
export function toggleBlockingDiode(
  lanes: readonly PortArray[],
  { lane, path, row }: Omit<Found, "at">,
): readonly PortArray[] {
  const changed = changeRows(lanes, lane, path, (rows) => {
    const source = rows[row];
    return source === undefined ? null : rows.with(row, { ...source, blockingDiode: !source.blockingDiode });
  });
  return changed === null ? lanes : tidy(changed);
}

/** Changes the rows at a path; null when there are none, or the change will not have them. */
function changeRows(
  lanes: readonly PortArray[],
  ref: LaneRef,
  path: RowsPath,
  change: (rows: readonly Row[]) => readonly Row[] | null,
): readonly PortArray[] | null {
  const index = lanes.findIndex((lane) => sameLane(lane, ref));
  const lane = lanes[index];
  if (lane === undefined) return null;
  const within = (rows: readonly Row[], inner: RowsPath): readonly Row[] | null => {
    const [r, k, ...deeper] = inner;
    if (r === undefined || k === undefined) return change(rows);
    const row = rows[r];
    const item = row?.items[k];
    if (row === undefined || item?.type !== "group") return null;
    const changed = within(item.rows, deeper);
    return changed === null ? null : rows.with(r, { ...row, items: row.items.with(k, { ...item, rows: changed }) });
  };
  const rows = within(lane.rows, path);
  return rows === null ? null : lanes.with(index, { ...lane, rows });
}

function withLane(lanes: readonly PortArray[], ref: LaneRef): readonly PortArray[] {
  return lanes.some((lane) => sameLane(lane, ref))
    ? lanes
    : [...lanes, { inputId: ref.inputId, portId: ref.portId, rows: [] }];
}

export function sameLane(a: LaneRef, b: LaneRef): boolean {
  return a.inputId === b.inputId && a.portId === b.portId;
}

/** One arrangement, one document: groups of one row dissolve, and lanes with nothing in them go. */
function tidy(lanes: readonly PortArray[]): readonly PortArray[] {
  return mapLanes(lanes, (tile) => tile).filter((lane) => lane.rows.length > 0);
}
