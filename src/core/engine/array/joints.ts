import { type Item, type PortArray, type PvString } from "./port-array";
import { keyOf, portArrayKey, type PanelKey } from "./walk";

/** Two leads that are plugged together: the − of one panel and the + of another; null stands for the port's own terminal. */
export type Joint = { readonly minusOf: PanelKey | null; readonly plusOf: PanelKey | null };

/** Every joint of a port array, from + to −. Strings of a group part at its ends; panels taken out are joined past. */
export function jointsOf({ strings }: Pick<PortArray, "strings">): Joint[] {
  return strings.flatMap((string) => jointsOfString(string, [null], [null]));
}

/** Joints of some port arrays by their leads, to tell those of two wirings apart: between two panels it is one joint, whichever port feeds. */
export function jointKeys(portArrays: readonly PortArray[]): Set<string> {
  return new Set(portArrays.flatMap((portArray) => jointsOf(portArray).map((joint) => jointKey(portArray, joint))));
}

export function jointKey(portArray: Pick<PortArray, "inputId" | "portId">, { minusOf, plusOf }: Joint): string {
  const port = minusOf === null || plusOf === null ? portArrayKey(portArray) : "";
  return `${port}:${minusOf ?? ""}>${plusOf ?? ""}`;
}

type Ends = readonly (PanelKey | null)[];

function jointsOfString({ items }: PvString, before: Ends, after: Ends): Joint[] {
  const used = items.filter(isUsed);
  return used.flatMap((item, k) => {
    const next = used[k + 1];
    const left = k === 0 ? joined(before, plusEnds(item)) : [];
    const right = joined(minusEnds(item), next === undefined ? after : plusEnds(next));
    const inside = item.type === "panel" ? [] : item.strings.flatMap((string) => insideString(string));
    return [...left, ...inside, ...right];
  });
}

/** Joints between the panels of a string inside a group; its ends belong to the joints around the group. */
function insideString({ items }: PvString): Joint[] {
  const used = items.filter(isUsed);
  return used.flatMap((item, k) => {
    const next = used[k + 1];
    const inside = item.type === "panel" ? [] : item.strings.flatMap(insideString);
    return next === undefined ? inside : [...inside, ...joined(minusEnds(item), plusEnds(next))];
  });
}

function joined(minus: Ends, plus: Ends): Joint[] {
  return minus.flatMap((minusOf) => plus.map((plusOf) => ({ minusOf, plusOf })));
}

function plusEnds(item: Item): PanelKey[] {
  return item.type === "panel"
    ? [keyOf(item)]
    : item.strings.flatMap((string) => endsOf(string.items.find(isUsed), plusEnds));
}

function minusEnds(item: Item): PanelKey[] {
  return item.type === "panel"
    ? [keyOf(item)]
    : item.strings.flatMap((string) => endsOf(string.items.findLast(isUsed), minusEnds));
}

function endsOf(item: Item | undefined, ends: (item: Item) => PanelKey[]): PanelKey[] {
  return item === undefined ? [] : ends(item);
}

function isUsed(item: Item): boolean {
  return item.type === "panel" ? !item.bypassed : item.strings.some((string) => string.items.some(isUsed));
}
