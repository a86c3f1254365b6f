import { type Arranged } from "@/core/wiring/best-wirings";
import { keyOf, type Item, type PortArray } from "@/core/engine/array";

/**
 * A wiring by what stands where, whatever its strings are called and in whatever order they come, and whichever of panels that are alike
 * stand in them; of those that are not, as one lies in the shade, it counts which.
 */
export function shapeOf(portArrays: readonly PortArray[], alike: Arranged["alike"]): string {
  const kinds = new Map(alike.flatMap((keys, kind) => keys.map((key) => [key, kind] as const)));
  const nameOf = (item: Item) =>
    item.type === "panel" ? `${kinds.get(keyOf(item)) ?? keyOf(item)} ${item.bypassed}` : item.strings;
  return portArrays
    .filter(({ strings }) => strings.length > 0)
    .map(({ inputId, portId, strings }) => {
      const told = strings.map(({ items, blockingDiode }) => JSON.stringify([items.map(nameOf).sort(), blockingDiode]));
      return `${inputId}/${portId}: ${told.sort().join()}`;
    })
    .sort()
    .join(";");
}
