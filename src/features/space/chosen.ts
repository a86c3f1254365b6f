import { type Plan } from "@/core/plan";
import { placeIn } from "@/core/roof";
import { keyOf, partsOfKey } from "@/core/wiring";
import { type Desk } from "@/features/desk";

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
  poseId: string,
): readonly [number, number] {
  const lists = { panel: [], obstacle: space.obstacles, gland: space.glands, zone: [], way: [] };
  const place = type === "panel" ? space.places.find((each) => keyOf(each) === id) : undefined;
  const corner = type === "zone" ? space.zones.find((each) => each.id === id)?.outline[0] : undefined;
  const { xMm, yMm } = (place === undefined ? undefined : placeIn(place, poseId)) ??
    corner ??
    lists[type].find((each) => each.id === id) ?? { xMm: 0, yMm: 0 };
  return [xMm, yMm];
}

/** Moves a thing, or a panel in the pose looked at, so that its anchor comes to lie somewhere. A cable way goes by its corners. */
export function moveTo(
  desk: Desk,
  { type, id }: Chosen,
  poseId: string,
  [xMm, yMm]: readonly [number, number],
  gesture: string,
): void {
  switch (type) {
    case "panel":
      return void desk.change({ type: "patchPlaces", refs: [partsOfKey(id)], poseId, patch: { xMm, yMm } }, gesture);
    case "obstacle":
      return void desk.change({ type: "patchInSpace", list: "obstacles", id, patch: { xMm, yMm } }, gesture);
    case "gland":
      return void desk.change({ type: "patchInSpace", list: "glands", id, patch: { xMm, yMm } }, gesture);
    case "zone": {
      const zone = desk.now().history.present.space.zones.find((each) => each.id === id);
      const [first] = zone?.outline ?? [];
      if (zone === undefined || first === undefined) return;
      const outline = zone.outline.map((corner) => ({
        xMm: corner.xMm + xMm - first.xMm,
        yMm: corner.yMm + yMm - first.yMm,
      }));
      return void desk.change({ type: "patchInSpace", list: "zones", id, patch: { outline } }, gesture);
    }
    case "way":
      return;
  }
}

export function remove(desk: Desk, { type, id }: Chosen): void {
  if (type === "panel") desk.change({ type: "liftPanels", refs: [partsOfKey(id)] });
  else desk.change({ type: "removeFromSpace", list: listOf[type], id });
}

export function cornersOf({ space }: Pick<Plan, "space">, { list, id }: Omit<CornerOf, "at">) {
  if (list === "ways") return space.ways.find((each) => each.id === id)?.corners ?? [];
  return space[list].find((each) => each.id === id)?.outline ?? [];
}

export function setCorners(
  desk: Desk,
  { list, id }: Omit<CornerOf, "at">,
  corners: readonly { readonly xMm: number; readonly yMm: number }[],
  how?: string,
): void {
  const gesture = how === undefined ? undefined : `space:${list}:${id}:${how}`;
  const outline = [...corners];
  if (list === "ways") desk.change({ type: "patchInSpace", list, id, patch: { corners: outline } }, gesture);
  else desk.change({ type: "patchInSpace", list, id, patch: { outline } }, gesture);
}
