import { type Item, type PortArray, type Row } from "./lane";
import { keyOf, laneKey, type PanelKey } from "./walk";

/** Two leads that are plugged together: the − of one panel and the + of another; null stands for the port's own terminal. */
export type Joint = { readonly minusOf: PanelKey | null; readonly plusOf: PanelKey | null };

/** Every joint of a lane, from + to −. Rows of a group part at its ends; panels taken out are joined past. */
export function jointsOf({ rows }: Pick<PortArray, "rows">): Joint[] {
  return rows.flatMap((row) => jointsOfRow(row, [null], [null]));
}

/** Joints of some lanes by their leads, to tell those of two wirings apart: between two panels it is one joint, whichever port feeds. */
export function jointKeys(lanes: readonly PortArray[]): Set<string> {
  return new Set(lanes.flatMap((lane) => jointsOf(lane).map((joint) => jointKey(lane, joint))));
}

export function jointKey(lane: Pick<PortArray, "inputId" | "portId">, { minusOf, plusOf }: Joint): string {
  const port = minusOf === null || plusOf === null ? laneKey(lane) : "";
  return `${port}:${minusOf ?? ""}>${plusOf ?? ""}`;
}

type Ends = readonly (PanelKey | null)[];

function jointsOfRow({ items }: Row, before: Ends, after: Ends): Joint[] {
  const used = items.filter(isUsed);
  return used.flatMap((item, k) => {
    const next = used[k + 1];
    const left = k === 0 ? joined(before, plusEnds(item)) : [];
    const right = joined(minusEnds(item), next === undefined ? after : plusEnds(next));
    const inside = item.type === "panel" ? [] : item.rows.flatMap((row) => insideRow(row));
    return [...left, ...inside, ...right];
  });
}

/** Joints between the panels of a row inside a group; its ends belong to the joints around the group. */
function insideRow({ items }: Row): Joint[] {
  const used = items.filter(isUsed);
  return used.flatMap((item, k) => {
    const next = used[k + 1];
    const inside = item.type === "panel" ? [] : item.rows.flatMap(insideRow);
    return next === undefined ? inside : [...inside, ...joined(minusEnds(item), plusEnds(next))];
  });
}

function joined(minus: Ends, plus: Ends): Joint[] {
  return minus.flatMap((minusOf) => plus.map((plusOf) => ({ minusOf, plusOf })));
}

function plusEnds(item: Item): PanelKey[] {
  return item.type === "panel" ? [keyOf(item)] : item.rows.flatMap((row) => endsOf(row.items.find(isUsed), plusEnds));
}

function minusEnds(item: Item): PanelKey[] {
  return item.type === "panel"
    ? [keyOf(item)]
    : item.rows.flatMap((row) => endsOf(row.items.findLast(isUsed), minusEnds));
}

function endsOf(item: Item | undefined, ends: (item: Item) => PanelKey[]): PanelKey[] {
  return item === undefined ? [] : ends(item);
}

function isUsed(item: Item): boolean {
  return item.type === "panel" ? !item.joinedPast : item.rows.some((row) => row.items.some(isUsed));
}
