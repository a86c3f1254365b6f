import { type Change, type Plan } from "@/core/plan";
import { placeIn } from "@/core/layout/roof";
import { keyOf, partsOfKey } from "@/core/engine/array";

/** What is chosen on the drawing, by its kind and its id; panels by their keys. */
export type ChosenType = "panel" | "obstacle" | "zone" | "gland" | "way";
export type Chosen = { readonly type: ChosenType; readonly id: string };

/** Where a corner stands, of a surface or of a zone or way on it. */
export type CornerOf = { readonly list: "surfaces" | "zones" | "ways"; readonly id: string; readonly at: number };

const listOf = { obstacle: "obstacles", zone: "zones", gland: "glands", way: "ways" } as const;

/** What of a thing is said to lie somewhere: its middle, or the first corner of a zone. */
export function anchorOf(
  { space }: Pick<Plan, "space">,
  { type, id }: Chosen,
  positionId: string,
): readonly [number, number] {
  const lists = { panel: [], obstacle: space.obstacles, gland: space.glands, zone: [], way: [] };
  const place = type === "panel" ? space.places.find((each) => keyOf(each) === id) : undefined;
  const corner = type === "zone" ? space.zones.find((each) => each.id === id)?.outline[0] : undefined;
  const { xMm, yMm } = (place === undefined ? undefined : placeIn(place, positionId)) ??
    corner ??
    lists[type].find((each) => each.id === id) ?? { xMm: 0, yMm: 0 };
  return [xMm, yMm];
}

/** What moves a thing, or a panel in the position looked at, so that its anchor comes to lie somewhere. A cable way goes by its corners. */
export function moveChange(
  { space }: Pick<Plan, "space">,
  { type, id }: Chosen,
  positionId: string,
  [xMm, yMm]: readonly [number, number],
): Change | null {
  switch (type) {
    case "panel":
      return { type: "patchPlaces", refs: [partsOfKey(id)], positionId, patch: { xMm, yMm } };
    case "obstacle":
      return { type: "patchInSpace", list: "obstacles", id, patch: { xMm, yMm } };
    case "gland":
      return { type: "patchInSpace", list: "glands", id, patch: { xMm, yMm } };
    case "zone": {
      const zone = space.zones.find((each) => each.id === id);
      const [first] = zone?.outline ?? [];
      if (zone === undefined || first === undefined) return null;
      const outline = zone.outline.map((corner) => ({
        xMm: corner.xMm + xMm - first.xMm,
        yMm: corner.yMm + yMm - first.yMm,
      }));
      return { type: "patchInSpace", list: "zones", id, patch: { outline } };
    }
    case "way":
      return null;
  }
}

export function removeChange({ type, id }: Chosen): Change {
  return type === "panel"
    ? { type: "liftPanels", refs: [partsOfKey(id)] }
    : { type: "removeFromSpace", list: listOf[type], id };
}

export function cornersOf({ space }: Pick<Plan, "space">, { list, id }: Omit<CornerOf, "at">) {
  if (list === "ways") return space.ways.find((each) => each.id === id)?.corners ?? [];
  return space[list].find((each) => each.id === id)?.outline ?? [];
}

export function cornersChange(
  { list, id }: Omit<CornerOf, "at">,
  corners: readonly { readonly xMm: number; readonly yMm: number }[],
): Change {
  const outline = [...corners];
  return list === "ways"
    ? { type: "patchInSpace", list, id, patch: { corners: outline } }
    : { type: "patchInSpace", list, id, patch: { outline } };
}
