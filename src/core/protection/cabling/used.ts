import { type Item, type PvString } from "../../engine/array";

/** Whether a panel of a string is in use. */
export function isUsed(string: PvString): boolean {
  return string.items.some(isUsedItem);
}

export function isUsedItem(item: Item): boolean {
  return item.type === "panel" ? !item.bypassed : item.strings.some(isUsed);
}
