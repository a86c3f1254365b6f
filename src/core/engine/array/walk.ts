import { type Item, type PortArray, type PvString, type PanelRef } from "./port-array";

/** The port a port array feeds, as one text. */
export function portArrayKey({ inputId, portId }: Pick<PortArray, "inputId" | "portId">): string {
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
  return { type: "panel", panelId, piece, bypassed: false };
}

export function stringOf(items: readonly Item[]): PvString {
  return { id: null, items, blockingDiode: false };
}

/** Panels of strings, from + to − and top to bottom. */
export function tilesOfStrings(strings: readonly PvString[]): PanelRef[] {
  return strings.flatMap((string) =>
    string.items.flatMap((item) => (item.type === "panel" ? [item] : tilesOfStrings(item.strings))),
  );
}

export function tilesOf(portArrays: readonly PortArray[]): PanelRef[] {
  return portArrays.flatMap((portArray) => tilesOfStrings(portArray.strings));
}

/**
 * Strings rebuilt from changed tiles; `change` returns null for a tile that goes. What is left empty goes too. Strings in which
 * nothing changed stay the same objects, and so does the list: whoever draws or judges them sees that at a glance.
 */
export function mapTiles(
  strings: readonly PvString[],
  change: (tile: PanelRef) => PanelRef | null,
): readonly PvString[] {
  const mapped = strings.flatMap((string): PvString[] => {
    const items = string.items.flatMap((item): Item[] => {
      if (item.type === "panel") {
        const kept = change(item);
        return kept === null ? [] : [kept];
      }
      const inner = mapTiles(item.strings, change);
      const [only, second] = inner;
      if (only === undefined) return [];
      // a group of one string is no group: its panels join the string around it
      if (second === undefined && !only.blockingDiode) return [...only.items];
      return inner === item.strings ? [item] : [{ type: "group", strings: inner }];
    });
    if (items.length === 0) return [];
    return sameList(items, string.items) ? [string] : [{ ...string, items }];
  });
  return sameList(mapped, strings) ? strings : mapped;
}

/** Port arrays with their tiles changed; those in which nothing changed stay the same objects. */
export function mapPortArrays<L extends Pick<PortArray, "strings">>(
  portArrays: readonly L[],
  change: (tile: PanelRef) => PanelRef | null,
): L[] {
  return portArrays.map((portArray) => {
    const strings = mapTiles(portArray.strings, change);
    return strings === portArray.strings ? portArray : { ...portArray, strings };
  });
}

function sameList<T>(a: readonly T[], b: readonly T[]): boolean {
  return a.length === b.length && a.every((item, k) => item === b[k]);
}

/** How deep groups lie inside groups; 0 for plain strings. */
export function depthOf(strings: readonly PvString[]): number {
  return strings.reduce(
    (most, string) =>
      string.items.reduce(
        (deepest, item) => (item.type === "group" ? Math.max(deepest, 1 + depthOf(item.strings)) : deepest),
        most,
      ),
    0,
  );
}

/** A string's total of a quantity that adds in series; of a group counts the string with the most. */
export function longestString(
  strings: readonly PvString[],
  valueOf: (tile: PanelRef) => number,
): { readonly total: number; readonly tiles: readonly PanelRef[] } {
  const along = (string: PvString): { total: number; tiles: PanelRef[] } =>
    string.items.reduce<{ total: number; tiles: PanelRef[] }>(
      (sum, item) => {
        const part =
          item.type === "panel" ? { total: valueOf(item), tiles: [item] } : longestString(item.strings, valueOf);
        return { total: sum.total + part.total, tiles: [...sum.tiles, ...part.tiles] };
      },
      { total: 0, tiles: [] },
    );
  return strings
    .map(along)
    .reduce((best, string) => (string.total > best.total ? string : best), { total: 0, tiles: [] });
}

/** Equal strings of one kind: strings × series, pieces numbered from `firstPiece`. */
export function matrixStrings(panelId: string, series: number, strings: number, firstPiece = 1): PvString[] {
  return Array.from({ length: strings }, (_, string) =>
    stringOf(Array.from({ length: series }, (_, k) => newTile(panelId, firstPiece + string * series + k))),
  );
}

/** The port array as strings × series of one kind, or null if it is anything else. */
export function asMatrix(
  strings: readonly PvString[],
): { readonly panelId: string; readonly series: number; readonly strings: number } | null {
  const first = strings[0];
  const tile = first?.items[0];
  if (first === undefined || tile === undefined || tile.type !== "panel") return null;
  const { panelId } = tile;
  const alike = strings.every(
    (string) =>
      string.items.length === first.items.length &&
      string.items.every((item) => item.type === "panel" && item.panelId === panelId),
  );
  return alike ? { panelId, series: first.items.length, strings: strings.length } : null;
}

/** The highest number of each kind in some port arrays: what a plan must have been given for them. */
export function countsOf(portArrays: readonly PortArray[]): Record<string, number> {
  const counts: Record<string, number> = {};
  for (const { panelId, piece } of tilesOf(portArrays)) counts[panelId] = Math.max(counts[panelId] ?? 0, piece);
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

/** The panels of strings that are in use: those taken out are not there. */
export function usedIn(strings: readonly PvString[]): PanelRef[] {
  return tilesOfStrings(strings).filter(({ bypassed }) => !bypassed);
}
