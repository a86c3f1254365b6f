import { allOut, isChanged, keyOf, lying, type Position, type Stand, standOf, type PanelKey } from "../../engine/array";
import { maxOf } from "../bounds";
import { type Plan } from "../plan";
import { keysIn, danglingPieces } from "../pieces";
import { type DanglingReference, type Parts, patchById, duplicateId } from "../section";
import { type PositionSheet } from "../schemas/positions";

export { schema } from "../schemas/positions";
export { fromVersion3, upgrades } from "./older/positions";

export const version = 2;

export const empty: PositionSheet[] = [{ id: "pose-1", name: "Default position", stands: [], hours: null }];
export const parts: Parts = { kind: "position", by: "item" };

/** What of a plan decides how its panels stand. */
export type Standing = Pick<Plan, "positions" | "mounts" | "space" | "site">;

/** A position as the rules take it: panels stand as it says, those it does not name as their mount or a sloping surface holds them. */
export function positionIn(plan: Standing, positionId: string): Position {
  const stands = plan.positions.find((position) => position.id === positionId)?.stands ?? [];
  const sloping = slopedIn(plan);
  if (stands.length === 0 && plan.mounts.length === 0 && sloping.length === 0) return allOut;
  const frontDeg = plan.site.headingDeg ?? 0;
  const held = new Map([
    ...sloping,
    ...heldBy(plan, ({ tiltDeg, azimuthDeg, azimuthFrom }) => ({
      tiltDeg,
      azimuthDeg: azimuthDeg === null || azimuthFrom === "north" ? azimuthDeg : (azimuthDeg + frontDeg) % 360,
    })),
  ]);
  for (const { panelId, piece, ...stand } of stands) {
    const key = keyOf({ panelId, piece });
    held.set(key, { ...stand, mount: held.get(key)?.mount ?? null });
  }
  return held;
}

/** Panels on a surface that slopes lie as steep as it, and look to where it falls. */
function slopedIn({ space, site }: Standing): [PanelKey, Stand][] {
  return space.surfaces.flatMap(({ id: on, slopeDeg, fallsToDeg, headingDeg }) => {
    if (slopeDeg === 0) return [];
    const azimuthDeg = ((headingDeg ?? site.headingDeg ?? 0) + fallsToDeg) % 360;
    return space.places
      .filter(({ surfaceId }) => surfaceId === on)
      .map((ref): [PanelKey, Stand] => [keyOf(ref), { ...lying, tiltDeg: slopeDeg, azimuthDeg }]);
  });
}

/** The position a wiring is used in unless another is named. */
export function defaultPosition(
  plan: Standing,
  { positionIds }: { readonly positionIds: readonly string[] },
): Position {
  return positionIn(plan, positionIds[0] ?? "");
}

/** All panels flat, out and in full light, each on its own mount: what limits are judged by. */
export function fixedPosition(plan: Pick<Plan, "mounts">): Position {
  return plan.mounts.length === 0 ? allOut : heldBy(plan, () => ({}));
}

function heldBy(
  { mounts }: Pick<Plan, "mounts">,
  facing: (mount: Plan["mounts"][number]) => Partial<Stand>,
): Map<PanelKey, Stand> {
  return new Map(
    mounts.flatMap((mount) =>
      mount.pieces.map((ref): [PanelKey, Stand] => [keyOf(ref), { ...lying, ...facing(mount), mount: mount.kind }]),
    ),
  );
}

export const changes = {
  /** A new position, as another is, in which a wiring is used too. */
  addPosition: (
    plan: Plan,
    change: {
      readonly type: "addPosition";
      readonly id: string;
      readonly name: string;
      readonly like: string;
      readonly wiringId: string;
    },
  ): Plan => {
    const like = plan.positions.find((position) => position.id === change.like);
    if (like === undefined || plan.positions.length >= maxOf.positions) return plan;
    return {
      ...plan,
      positions: [...plan.positions, { ...like, id: change.id, name: change.name, hours: null }],
      wirings: patchById(plan.wirings, change.wiringId, (wiring) => ({
        ...wiring,
        positionIds: [...wiring.positionIds, change.id],
      })),
    };
  },
  /** When in the day the panels stand so. */
  setPositionHours: (
    plan: Plan,
    change: { readonly type: "setPositionHours"; readonly positionId: string; readonly hours: PositionSheet["hours"] },
  ): Plan => ({
    ...plan,
    positions: patchById(plan.positions, change.positionId, (position) => ({ ...position, hours: change.hours })),
  }),
  renamePosition: (
    plan: Plan,
    change: { readonly type: "renamePosition"; readonly positionId: string; readonly name: string },
  ): Plan => ({
    ...plan,
    positions: patchById(plan.positions, change.positionId, (position) => ({ ...position, name: change.name })),
  }),
  setStands: (
    plan: Plan,
    change: {
      readonly type: "setStands";
      readonly positionId: string;
      readonly keys: readonly PanelKey[];
      readonly patch: Partial<Omit<Stand, "mount">>;
    },
  ): Plan => {
    const known = keysIn(plan);
    const keys = new Set(change.keys.filter((key) => known.has(key)));
    return {
      ...plan,
      positions: patchById(plan.positions, change.positionId, (position) => {
        const was = positionIn(plan, position.id);
        const held = positionIn({ ...plan, positions: [] }, position.id);
        const others = position.stands.filter((stand) => !keys.has(keyOf(stand)));
        const changed = plan.panels.flatMap(({ id: panelId, pieces }) =>
          pieces.flatMap(({ number: piece }) => {
            if (!keys.has(keyOf({ panelId, piece }))) return [];
            const { stance, light, tiltDeg, azimuthDeg } = standOf(was, { panelId, piece });
            const stand = { panelId, piece, stance, light, tiltDeg, azimuthDeg, ...change.patch };
            // one that lies as it is fixed anyway need not be named
            const asFixed = !isChanged(stand) && !isChanged(standOf(held, { panelId, piece }));
            return asFixed ? [] : [{ ...stand, light: [...stand.light] }];
          }),
        );
        return { ...position, stands: [...others, ...changed] };
      }),
    };
  },
  /** Whether a wiring is used in a position; in one of them it always is. A position that no wiring is used in goes. */
  usePosition: (
    plan: Plan,
    change: {
      readonly type: "usePosition";
      readonly wiringId: string;
      readonly positionId: string;
      readonly used: boolean;
    },
  ): Plan =>
    pruned({
      ...plan,
      wirings: patchById(plan.wirings, change.wiringId, (wiring) => {
        const others = wiring.positionIds.filter((positionId) => positionId !== change.positionId);
        if (change.used)
          return plan.positions.some((position) => position.id === change.positionId)
            ? { ...wiring, positionIds: [...others, change.positionId] }
            : wiring;
        return others.length === 0 ? wiring : { ...wiring, positionIds: others };
      }),
    }),
};

/** Positions that no wiring is used in go, but for the last one. */
export function pruned(plan: Plan): Plan {
  const used = new Set(plan.wirings.flatMap(({ positionIds }) => positionIds));
  const positions = plan.positions.filter((position) => used.has(position.id));
  if (positions.length === plan.positions.length || positions.length === 0) return plan;
  const places = plan.space.places.map((at) => ({
    ...at,
    inPositions: at.inPositions.filter(({ positionId }) => positions.some((position) => position.id === positionId)),
  }));
  return { ...plan, positions, space: { ...plan.space, places } };
}

export function findDangling(plan: Plan): DanglingReference | null {
  const twice = duplicateId("positions", plan.positions);
  if (twice !== null) return twice;
  for (const [k, { stands }] of plan.positions.entries()) {
    const loose = danglingPieces(plan, `positions.${k}.stands`, stands);
    if (loose !== null) return loose;
  }
  return null;
}
