import { type Item, type Row } from "../../engine/array";

/** Whether a panel of a row is in use. */
export function isUsed(row: Row): boolean {
  return row.items.some(isUsedItem);
}

export function isUsedItem(item: Item): boolean {
  return item.type === "panel" ? !item.joinedPast : item.rows.some(isUsed);
}
