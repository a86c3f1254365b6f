import { type Item, type PortArray, type Row } from "./lane";

/** Lanes whose rows all have an id of their own, and the highest number that was given for one. */
export type NamedRows = { readonly lanes: readonly PortArray[]; readonly rowsGiven: number };

/**
 * Gives an id to every row that has none, or one that a row before it has; all others keep theirs, and with them whatever
 * points at them. Numbers are not given twice: `rowsGiven` is the highest there ever was. What is named already is returned as it was.
 */
export function nameRows(lanes: readonly PortArray[], rowsGiven: number): NamedRows {
  const seen = new Set<string>();
  let given = Math.max(rowsGiven, ...rowsOfLanes(lanes).map(({ id }) => numberOf(id)));
  const named = (row: Row): Row => {
    const id = row.id === null || seen.has(row.id) ? `r${++given}` : row.id;
    seen.add(id);
    const items = sameOr(row.items, (item): Item => {
      if (item.type === "panel") return item;
      const rows = sameOr(item.rows, named);
      return rows === item.rows ? item : { ...item, rows };
    });
    return id === row.id && items === row.items ? row : { ...row, id, items };
  };
  const all = sameOr(lanes, (lane) => {
    const rows = sameOr(lane.rows, named);
    return rows === lane.rows ? lane : { ...lane, rows };
  });
  return { lanes: all, rowsGiven: given };
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

/** All rows of some lanes, those inside groups too. */
export function rowsOfLanes(lanes: readonly Pick<PortArray, "rows">[]): Row[] {
  const all = (rows: readonly Row[]): Row[] =>
    rows.flatMap((row) => [row, ...row.items.flatMap((item) => (item.type === "group" ? all(item.rows) : []))]);
  return lanes.flatMap(({ rows }) => all(rows));
}
