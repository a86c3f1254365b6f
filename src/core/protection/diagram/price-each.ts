import { adapterPart } from "../cabling";
import { type Plan } from "../../plan";
import { defaultPrice, type Item, keyOfItem } from "./items";

/** What one of a part, or a metre of it, costs: as somebody said for it, else as the adapter's own entry has it, else about. */
export function priceEach(
  plan: Plan,
  item: Item,
  areaMm2: number,
): { readonly price: number; readonly isAssumed: boolean } {
  const said = plan.protect.prices.find(({ part }) => part === keyOfItem(item))?.each ?? null;
  const adapter = item.type === "adapter" ? priceOfAdapter(plan, item.name) : null;
  return { price: said ?? adapter ?? defaultPrice(item, areaMm2), isAssumed: said === null };
}

function priceOfAdapter({ protect }: Plan, name: string): number | null {
  return protect.adapters.find((each) => adapterPart(each) === adapterPart({ name }))?.price ?? null;
}
