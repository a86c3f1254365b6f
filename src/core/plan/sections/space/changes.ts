import { keyOf } from "@/core/engine/array";
import { withPrunedCables } from "../../cabling";
import { type Plan } from "../../plan";
import { keysIn, type PieceRef } from "../../pieces";
import { patchById } from "../../section";
import { type Place, type PlaceInPosition, type Space } from "../../schemas/space";

type Lists = Pick<Space, "surfaces" | "obstacles" | "zones" | "glands" | "ways" | "lockers">;
type Any<T extends Record<keyof Lists, unknown>> = T[keyof Lists];
type Put<List extends keyof Lists> = {
  readonly type: "putInSpace";
  readonly list: List;
  readonly item: Lists[List][number];
};
type Patch<List extends keyof Lists> = {
  readonly type: "patchInSpace";
  readonly list: List;
  readonly id: string;
  readonly patch: Partial<Lists[List][number]>;
};

export const changes = {
  /** Puts a surface, an obstacle or a zone in, at the end of its list. */
  putInSpace: (plan: Plan, { list, item }: Any<{ [List in keyof Lists]: Put<List> }>): Plan =>
    withList(plan, list, (items) => [...items, item]),
  patchInSpace: (plan: Plan, change: Any<{ [List in keyof Lists]: Patch<List> }>): Plan =>
    withList(plan, change.list, (items) =>
      // a list and the patch for it are of one kind: the change says so, which the compiler cannot follow here
      patchById(items, change.id, (item) => ({ ...item, ...change.patch, id: item.id }) as Item),
    ),
  /** Takes one out; what stands on a surface goes with it. */
  removeFromSpace: (
    plan: Plan,
    { list, id: gone }: { readonly type: "removeFromSpace"; readonly list: keyof Lists; readonly id: string },
  ): Plan => {
    const { space } = withList(plan, list, (items) => items.filter((item) => item.id !== gone));
    const stays = ({ surfaceId }: { readonly surfaceId: string }) => list !== "surfaces" || surfaceId !== gone;
    const { shopping } = plan;
    const isShopped = list === "surfaces" && shopping.surfaceId === gone;
    return withPrunedCables({
      ...plan,
      shopping: isShopped ? { ...shopping, surfaceId: null } : shopping,
      space: {
        ...space,
        obstacles: space.obstacles.filter(stays),
        zones: space.zones.filter(stays),
        places: space.places.filter(stays),
        glands: space.glands.filter(stays),
        ways: space.ways
          .filter(stays)
          .map((each) => (list === "glands" && each.glandId === gone ? { ...each, glandId: null } : each)),
      },
    });
  },
  /** What is known for all of it: the lowest bridge, the panels' leads. */
  setSpace: (
    plan: Plan,
    { patch }: { readonly type: "setSpace"; readonly patch: Partial<Pick<Space, "clearHeightMm" | "leadMm">> },
  ): Plan => ({ ...plan, space: { ...plan.space, ...patch } }),
  /** Lays a panel somewhere, wherever it lay before. */
  layPanel: (plan: Plan, { place: at }: { readonly type: "layPanel"; readonly place: Place }): Plan =>
    keysIn(plan).has(keyOf(at)) && plan.space.surfaces.some((known) => known.id === at.surfaceId)
      ? withPlaces(plan, [...plan.space.places.filter((other) => keyOf(other) !== keyOf(at)), at])
      : plan,
  /** Where a panel lies in one position; null: there as in all others. */
  placeInPosition: (
    plan: Plan,
    change: {
      readonly type: "placeInPosition";
      readonly ref: PieceRef;
      readonly positionId: string;
      readonly at: Omit<PlaceInPosition, "positionId"> | null;
    },
  ): Plan =>
    withPlaces(
      plan,
      plan.space.places.map((at) => {
        if (keyOf(at) !== keyOf(change.ref) || plan.positions.every(({ id: known }) => known !== change.positionId))
          return at;
        const others = at.inPositions.filter(({ positionId }) => positionId !== change.positionId);
        return {
          ...at,
          inPositions: change.at === null ? others : [...others, { ...change.at, positionId: change.positionId }],
        };
      }),
    ),
  /** Moves or turns some panels where they lie: in a position that has another place for them, there. */
  patchPlaces: (
    plan: Plan,
    change: {
      readonly type: "patchPlaces";
      readonly refs: readonly PieceRef[];
      /** The position looked at; null: how they lie where a position says nothing else. */ readonly positionId:
        string | null;
      readonly patch:
        | (Partial<Pick<Place, "xMm" | "yMm" | "turnedDeg" | "gapMm">> & { readonly by?: never })
        | { readonly by: readonly [number, number] };
    },
  ): Plan => {
    const keys = new Set(change.refs.map(keyOf));
    const { patch } = change;
    return withPlaces(
      plan,
      plan.space.places.map((at) => {
        if (!keys.has(keyOf(at))) return at;
        const moved = <T extends { readonly xMm: number; readonly yMm: number }>(from: T): T =>
          patch.by === undefined
            ? { ...from, ...patch }
            : { ...from, xMm: from.xMm + patch.by[0], yMm: from.yMm + patch.by[1] };
        return at.inPositions.some(({ positionId }) => positionId === change.positionId)
          ? {
              ...at,
              inPositions: at.inPositions.map((each) => (each.positionId === change.positionId ? moved(each) : each)),
            }
          : moved(at);
      }),
    );
  },
  liftPanels: (plan: Plan, { refs }: { readonly type: "liftPanels"; readonly refs: readonly PieceRef[] }): Plan => {
    const keys = new Set(refs.map(keyOf));
    return withPlaces(
      plan,
      plan.space.places.filter((at) => !keys.has(keyOf(at))),
    );
  },
};

type Item = Lists[keyof Lists][number];

function withList(plan: Plan, list: keyof Lists, change: (items: Item[]) => Item[]): Plan {
  return { ...plan, space: { ...plan.space, [list]: change(plan.space[list]) } };
}

function withPlaces(plan: Plan, places: Place[]): Plan {
  return { ...plan, space: { ...plan.space, places } };
}
