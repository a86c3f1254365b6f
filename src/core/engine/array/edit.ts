import { type Group, type Item, type PortArray, type PvString, type PanelRef } from "./port-array";
import { freePieces, keyOf, mapPortArrays, mapTiles, stringOf, type Stock, type PanelKey, tilesOf } from "./walk";

export type PortArrayRef = Pick<PortArray, "inputId" | "portId">;

/**
 * Where strings lie: [] is the port array itself; [r, k] is the group that is item k of string r, and so on inwards.
 * A string is named by the strings it lies among and its place there.
 */
export type StringsPath = readonly number[];

/** Where panels can be put. */
export type Place =
  | {
      readonly type: "string";
      readonly portArray: PortArrayRef;
      readonly path: StringsPath;
      readonly string: number;
      readonly at: number;
    }
  | { readonly type: "newString"; readonly portArray: PortArrayRef; readonly path: StringsPath; readonly at: number }
  | { readonly type: "beside"; readonly key: PanelKey }
  | { readonly type: "shelf" };

/**
 * Port arrays after some panels are put somewhere: taken from where they are, or from the shelf. Together they become
 * one string, or part of one. Panels put beside another stand in parallel with it. A place that is not there any
 * more leaves the port arrays as they were.
 */
export function putTiles(
  portArrays: readonly PortArray[],
  tiles: readonly PanelRef[],
  place: Place,
): readonly PortArray[] {
  if (tiles.length === 0) return portArrays;
  // put in first, as fresh objects, so that the place still counts as it was seen; then the old ones are taken out
  const fresh = tiles.map((tile) => ({ ...tile }));
  const put = insert(portArrays, fresh, place);
  if (put === null) return portArrays;
  const isFresh = new Set<PanelRef>(fresh);
  const moved = new Set(tiles.map(keyOf));
  return tidy(mapPortArrays(put, (tile) => (moved.has(keyOf(tile)) && !isFresh.has(tile) ? null : tile)));
}

function insert(
  portArrays: readonly PortArray[],
  tiles: readonly PanelRef[],
  place: Place,
): readonly PortArray[] | null {
  switch (place.type) {
    case "shelf":
      return portArrays;
    case "string":
      return changeStrings(portArrays, place.portArray, place.path, (strings) => {
        const string = strings[place.string];
        return string === undefined
          ? null
          : strings.with(place.string, { ...string, items: string.items.toSpliced(place.at, 0, ...tiles) });
      });
    case "newString":
      return changeStrings(withPortArray(portArrays, place.portArray), place.portArray, place.path, (strings) =>
        strings.toSpliced(place.at, 0, stringOf(tiles)),
      );
    case "beside": {
      if (tiles.some((tile) => keyOf(tile) === place.key)) return null;
      const found = locate(portArrays, place.key);
      if (found === null) return null;
      return changeStrings(portArrays, found.portArray, found.path, (strings) => {
        const string = strings[found.string] as PvString;
        const group: Group = {
          type: "group",
          strings: [stringOf([string.items[found.at] as PanelRef]), stringOf(tiles)],
        };
        // a panel alone in its string needs no group: what is beside it is simply the next string
        return string.items.length === 1
          ? strings.toSpliced(found.string + 1, 0, stringOf(tiles))
          : strings.with(found.string, { ...string, items: string.items.with(found.at, group) });
      });
    }
  }
}

export type Found = {
  readonly portArray: PortArrayRef;
  readonly path: StringsPath;
  readonly string: number;
  readonly at: number;
};

/** Where a panel is wired; null when it is on the shelf. */
export function locate(portArrays: readonly PortArray[], key: PanelKey): Found | null {
  const search = (strings: readonly PvString[], path: StringsPath): Omit<Found, "portArray"> | null => {
    for (const [string, { items }] of strings.entries()) {
      for (const [at, item] of items.entries()) {
        if (item.type === "panel") {
          if (keyOf(item) === key) return { path, string, at };
          continue;
        }
        const inside = search(item.strings, [...path, string, at]);
        if (inside !== null) return inside;
      }
    }
    return null;
  };
  for (const portArray of portArrays) {
    const found = search(portArray.strings, []);
    if (found !== null) return { portArray: { inputId: portArray.inputId, portId: portArray.portId }, ...found };
  }
  return null;
}

/** The string at a place, if it is there. */
export function stringAt(
  portArrays: readonly PortArray[],
  portArray: PortArrayRef,
  path: StringsPath,
  string: number,
): PvString | undefined {
  let found: readonly PvString[] | undefined = portArrays.find((candidate) =>
    samePortArray(candidate, portArray),
  )?.strings;
  for (let k = 0; k + 1 < path.length; k += 2) {
    const item: Item | undefined = found?.[path[k] as number]?.items[path[k + 1] as number];
    found = item?.type === "group" ? item.strings : undefined;
  }
  return found?.[string];
}

/** A string cut in two before one of its items; the second half becomes the next string. */
export function splitString(
  portArrays: readonly PortArray[],
  { portArray, path, string, at }: Found,
): readonly PortArray[] {
  const changed = changeStrings(portArrays, portArray, path, (strings) => {
    const whole = strings[string];
    if (whole === undefined || at <= 0 || at >= whole.items.length) return null;
    return strings.toSpliced(
      string,
      1,
      { ...whole, items: whole.items.slice(0, at) },
      { ...whole, id: null, items: whole.items.slice(at) },
    );
  });
  return changed === null ? portArrays : tidy(changed);
}

/** A string joined to the end of the one above it: parallel becomes series. */
export function mergeStringUp(
  portArrays: readonly PortArray[],
  { portArray, path, string }: Omit<Found, "at">,
): readonly PortArray[] {
  const changed = changeStrings(portArrays, portArray, path, (strings) => {
    const [above, below] = [strings[string - 1], strings[string]];
    return above === undefined || below === undefined
      ? null
      : strings.toSpliced(string - 1, 2, { ...above, items: [...above.items, ...below.items] });
  });
  return changed === null ? portArrays : tidy(changed);
}

/** The same string once more below it, of other panels of the same kinds. */
export function copyString(
  portArrays: readonly PortArray[],
  { portArray, path, string }: Omit<Found, "at">,
  stockOf: (panelId: string) => Stock,
): readonly PortArray[] {
  const taken = new Set(tilesOf(portArrays).map(keyOf));
  const another = (tile: PanelRef): PanelRef => {
    const [piece] = freePieces(stockOf(tile.panelId), 1, taken);
    const copy = { ...tile, piece: piece as number };
    taken.add(keyOf(copy));
    return copy;
  };
  const changed = changeStrings(portArrays, portArray, path, (strings) => {
    const source = strings[string];
    return source === undefined
      ? null
      : strings.toSpliced(string + 1, 0, ...mapTiles([source], another).map((copy) => ({ ...copy, id: null })));
  });
  return changed ?? portArrays;
}

/** A string's blocking diode put in or taken out. */
export function toggleBlockingDiode(
  portArrays: readonly PortArray[],
  { portArray, path, string }: Omit<Found, "at">,
): readonly PortArray[] {
  const changed = changeStrings(portArrays, portArray, path, (strings) => {
    const source = strings[string];
    return source === undefined ? null : strings.with(string, { ...source, blockingDiode: !source.blockingDiode });
  });
  return changed === null ? portArrays : tidy(changed);
}

/** Changes the strings at a path; null when there are none, or the change will not have them. */
function changeStrings(
  portArrays: readonly PortArray[],
  ref: PortArrayRef,
  path: StringsPath,
  change: (strings: readonly PvString[]) => readonly PvString[] | null,
): readonly PortArray[] | null {
  const index = portArrays.findIndex((portArray) => samePortArray(portArray, ref));
  const portArray = portArrays[index];
  if (portArray === undefined) return null;
  const within = (strings: readonly PvString[], inner: StringsPath): readonly PvString[] | null => {
    const [r, k, ...deeper] = inner;
    if (r === undefined || k === undefined) return change(strings);
    const string = strings[r];
    const item = string?.items[k];
    if (string === undefined || item?.type !== "group") return null;
    const changed = within(item.strings, deeper);
    return changed === null
      ? null
      : strings.with(r, { ...string, items: string.items.with(k, { ...item, strings: changed }) });
  };
  const strings = within(portArray.strings, path);
  return strings === null ? null : portArrays.with(index, { ...portArray, strings });
}

function withPortArray(portArrays: readonly PortArray[], ref: PortArrayRef): readonly PortArray[] {
  return portArrays.some((portArray) => samePortArray(portArray, ref))
    ? portArrays
    : [...portArrays, { inputId: ref.inputId, portId: ref.portId, strings: [] }];
}

export function samePortArray(a: PortArrayRef, b: PortArrayRef): boolean {
  return a.inputId === b.inputId && a.portId === b.portId;
}

/** One arrangement, one document: groups of one string dissolve, and port arrays with nothing in them go. */
function tidy(portArrays: readonly PortArray[]): readonly PortArray[] {
  return mapPortArrays(portArrays, (tile) => tile).filter((portArray) => portArray.strings.length > 0);
}
