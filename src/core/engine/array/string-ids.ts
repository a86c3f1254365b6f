import { type Item, type PortArray, type PvString } from "./port-array";

/** Port arrays whose strings all have an id of their own, and the highest number that was given for one. */
export type NamedStrings = { readonly portArrays: readonly PortArray[]; readonly stringsGiven: number };

/**
 * Gives an id to every string that has none, or one that a string before it has; all others keep theirs, and with them whatever
 * points at them. Numbers are not given twice: `stringsGiven` is the highest there ever was. What is named already is returned as it was.
 */
export function nameStrings(portArrays: readonly PortArray[], stringsGiven: number): NamedStrings {
  const seen = new Set<string>();
  let given = Math.max(stringsGiven, ...stringsOfPortArrays(portArrays).map(({ id }) => numberOf(id)));
  const named = (string: PvString): PvString => {
    const id = string.id === null || seen.has(string.id) ? `r${++given}` : string.id;
    seen.add(id);
    const items = sameOr(string.items, (item): Item => {
      if (item.type === "panel") return item;
      const strings = sameOr(item.strings, named);
      return strings === item.strings ? item : { ...item, strings };
    });
    return id === string.id && items === string.items ? string : { ...string, id, items };
  };
  const all = sameOr(portArrays, (portArray) => {
    const strings = sameOr(portArray.strings, named);
    return strings === portArray.strings ? portArray : { ...portArray, strings };
  });
  return { portArrays: all, stringsGiven: given };
}

/** The number in an id that was given here; 0 for any other. */
function numberOf(id: string | null): number {
  return id !== null && /^r\d{1,7}$/.test(id) ? Number(id.slice(1)) : 0;
}

/** The list changed by each, or itself where that changed nothing. */
function sameOr<T>(list: readonly T[], change: (each: T) => T): readonly T[] {
  const changed = list.map(change);
  return changed.every((each, k) => each === list[k]) ? list : changed;
}

/** All strings of some port arrays, those inside groups too. */
export function stringsOfPortArrays(portArrays: readonly Pick<PortArray, "strings">[]): PvString[] {
  const all = (strings: readonly PvString[]): PvString[] =>
    strings.flatMap((string) => [
      string,
      ...string.items.flatMap((item) => (item.type === "group" ? all(item.strings) : [])),
    ]);
  return portArrays.flatMap(({ strings }) => all(strings));
}
