import { type Item, type PortArray, type Row, type PanelRef } from "./lane";

/** The port a lane feeds, as one text. */
export function laneKey({ inputId, portId }: Pick<PortArray, "inputId" | "portId">): string {
  return `${inputId ?? ""}/${portId ?? ""}`;
}

/** Name of one physical panel, the same in every wiring of a plan. */
export type PanelKey = string;

export function keyOf({ panelId, piece }: Pick<PanelRef, "panelId" | "piece">): PanelKey {
  return `${panelId}.${piece}`;
}

/** The kind and the number a key stands for. */
export function partsOfKey(key: PanelKey): { readonly panelId: string; readonly piece: number } {
  const at = key.lastIndexOf(".");
  return { panelId: key.slice(0, at), piece: Number(key.slice(at + 1)) };
}

export function newTile(panelId: string, piece: number): PanelRef {
  return { type: "panel", panelId, piece, joinedPast: false };
}

export function rowOf(items: readonly Item[]): Row {
  return { id: null, items, blockingDiode: false };
}

/** Panels of rows, from + to − and top to bottom. */
export function tilesOfRows(rows: readonly Row[]): PanelRef[] {
  return rows.flatMap((row) => row.items.flatMap((item) => (item.type === "panel" ? [item] : tilesOfRows(item.rows))));
}

export function tilesOf(lanes: readonly PortArray[]): PanelRef[] {
  return lanes.flatMap((lane) => tilesOfRows(lane.rows));
}

/**
 * Rows rebuilt from changed tiles; `change` returns null for a tile that goes. What is left empty goes too. Rows in which
 * nothing changed stay the same objects, and so does the list: whoever draws or judges them sees that at a glance.
 */
export function mapTiles(rows: readonly Row[], change: (tile: PanelRef) => PanelRef | null): readonly Row[] {
  const mapped = rows.flatMap((row): Row[] => {
    const items = row.items.flatMap((item): Item[] => {
      if (item.type === "panel") {
        const kept = change(item);
        return kept === null ? [] : [kept];
      }
      const inner = mapTiles(item.rows, change);
      const [only, second] = inner;
      if (only === undefined) return [];
      // a group of one row is no group: its panels join the row around it
      if (second === undefined && !only.blockingDiode) return [...only.items];
      return inner === item.rows ? [item] : [{ type: "group", rows: inner }];
    });
    if (items.length === 0) return [];
    return sameList(items, row.items) ? [row] : [{ ...row, items }];
  });
  return sameList(mapped, rows) ? rows : mapped;
}

/** Lanes with their tiles changed; those in which nothing changed stay the same objects. */
export function mapLanes<L extends Pick<PortArray, "rows">>(
  lanes: readonly L[],
  change: (tile: PanelRef) => PanelRef | null,
): L[] {
  return lanes.map((lane) => {
    const rows = mapTiles(lane.rows, change);
    return rows === lane.rows ? lane : { ...lane, rows };
  });
}

function sameList<T>(a: readonly T[], b: readonly T[]): boolean {
  return a.length === b.length && a.every((item, k) => item === b[k]);
}

/** How deep groups lie inside groups; 0 for plain rows. */
export function depthOf(rows: readonly Row[]): number {
  return rows.reduce(
    (most, row) =>
      row.items.reduce(
        (deepest, item) => (item.type === "group" ? Math.max(deepest, 1 + depthOf(item.rows)) : deepest),
        most,
      ),
    0,
  );
}

/** A row's total of a quantity that adds in series; of a group counts the row with the most. */
export function longestRow(
  rows: readonly Row[],
  valueOf: (tile: PanelRef) => number,
): { readonly total: number; readonly tiles: readonly PanelRef[] } {
  const along = (row: Row): { total: number; tiles: PanelRef[] } =>
    row.items.reduce<{ total: number; tiles: PanelRef[] }>(
      (sum, item) => {
        const part = item.type === "panel" ? { total: valueOf(item), tiles: [item] } : longestRow(item.rows, valueOf);
        return { total: sum.total + part.total, tiles: [...sum.tiles, ...part.tiles] };
      },
      { total: 0, tiles: [] },
    );
  return rows.map(along).reduce((best, row) => (row.total > best.total ? row : best), { total: 0, tiles: [] });
}

/** Equal rows of one kind: strings × series, pieces numbered from `firstPiece`. */
export function matrixRows(panelId: string, series: number, strings: number, firstPiece = 1): Row[] {
  return Array.from({ length: strings }, (_, row) =>
    rowOf(Array.from({ length: series }, (_, k) => newTile(panelId, firstPiece + row * series + k))),
  );
}

/** The lane as strings × series of one kind, or null if it is anything else. */
export function asMatrix(
  rows: readonly Row[],
): { readonly panelId: string; readonly series: number; readonly strings: number } | null {
  const first = rows[0];
  const tile = first?.items[0];
  if (first === undefined || tile === undefined || tile.type !== "panel") return null;
  const { panelId } = tile;
  const alike = rows.every(
    (row) =>
      row.items.length === first.items.length &&
      row.items.every((item) => item.type === "panel" && item.panelId === panelId),
  );
  return alike ? { panelId, series: first.items.length, strings: rows.length } : null;
}

/** The highest number of each kind in some lanes: what a plan must have been given for them. */
export function countsOf(lanes: readonly PortArray[]): Record<string, number> {
  const counts: Record<string, number> = {};
  for (const { panelId, piece } of tilesOf(lanes)) counts[panelId] = Math.max(counts[panelId] ?? 0, piece);
  return counts;
}

/** A kind of panel as a plan has it: the numbers of its pieces, and how many numbers were ever given. */
export type Stock = {
  readonly id: string;
  readonly pieces: readonly { readonly number: number }[];
  readonly given: number;
};

/** Pieces of a kind that are not taken: those the plan has, lowest number first, then such as it would be given. */
export function freePieces({ id, pieces, given }: Stock, wanted: number, taken: ReadonlySet<PanelKey>): number[] {
  const owned = pieces.map(({ number }) => number).filter((piece) => !taken.has(keyOf({ panelId: id, piece })));
  const free = owned.slice(0, Math.max(0, wanted));
  for (let piece = given + 1; free.length < wanted; piece++)
    if (!taken.has(keyOf({ panelId: id, piece }))) free.push(piece);
  return free;
}

/** The pieces of a kind on the shelf. */
export function shelfPieces(stock: Stock, taken: ReadonlySet<PanelKey>): number[] {
  return freePieces(stock, stock.pieces.length, taken).filter((piece) => piece <= stock.given);
}

/** The panels of rows that are in use: those taken out are not there. */
export function usedIn(rows: readonly Row[]): PanelRef[] {
  return tilesOfRows(rows).filter(({ joinedPast }) => !joinedPast);
}
