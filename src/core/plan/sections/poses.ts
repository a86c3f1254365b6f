import { allOut, isChanged, keyOf, lying, type Pose, type Stand, standOf, type PanelKey } from "../../engine/array";
import { maxOf } from "../bounds";
import { type Plan } from "../plan";
import { keysIn, danglingPieces } from "../pieces";
import { isJson, type Json, listOf, type DanglingReference, type Parts, patchById, duplicateId } from "../section";
import { type PoseSheet } from "../schemas/poses";

export { schema } from "../schemas/poses";

export const version = 2;

export const empty: PoseSheet[] = [{ id: "pose-1", name: "Default position", stands: [], hours: null }];
export const parts: Parts = { kind: "pose", by: "item" };

/** What of a plan decides how its panels stand. */
export type Standing = Pick<Plan, "poses" | "mounts" | "space" | "site">;

/** A pose as the rules take it: panels stand as it says, those it does not name as their mount or a sloping surface holds them. */
export function poseIn(plan: Standing, poseId: string): Pose {
  const stands = plan.poses.find((pose) => pose.id === poseId)?.stands ?? [];
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

/** The pose a wiring is used in unless another is named. */
export function defaultPose(plan: Standing, { poseIds }: { readonly poseIds: readonly string[] }): Pose {
  return poseIn(plan, poseIds[0] ?? "");
}

/** All panels flat, out and in full light, each on its own mount: what limits are judged by. */
export function fixedPose(plan: Pick<Plan, "mounts">): Pose {
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
  /** A new pose, as another is, in which a wiring is used too. */
  addPose: (
    plan: Plan,
    change: {
      readonly type: "addPose";
      readonly id: string;
      readonly name: string;
      readonly like: string;
      readonly wiringId: string;
    },
  ): Plan => {
    const like = plan.poses.find((pose) => pose.id === change.like);
    if (like === undefined || plan.poses.length >= maxOf.poses) return plan;
    return {
      ...plan,
      poses: [...plan.poses, { ...like, id: change.id, name: change.name, hours: null }],
      wirings: patchById(plan.wirings, change.wiringId, (wiring) => ({
        ...wiring,
        poseIds: [...wiring.poseIds, change.id],
      })),
    };
  },
  /** When in the day the panels stand so. */
  setPoseHours: (
    plan: Plan,
    change: { readonly type: "setPoseHours"; readonly poseId: string; readonly hours: PoseSheet["hours"] },
  ): Plan => ({
    ...plan,
    poses: patchById(plan.poses, change.poseId, (pose) => ({ ...pose, hours: change.hours })),
  }),
  renamePose: (
    plan: Plan,
    change: { readonly type: "renamePose"; readonly poseId: string; readonly name: string },
  ): Plan => ({ ...plan, poses: patchById(plan.poses, change.poseId, (pose) => ({ ...pose, name: change.name })) }),
  setStands: (
    plan: Plan,
    change: {
      readonly type: "setStands";
      readonly poseId: string;
      readonly keys: readonly PanelKey[];
      readonly patch: Partial<Omit<Stand, "mount">>;
    },
  ): Plan => {
    const known = keysIn(plan);
    const keys = new Set(change.keys.filter((key) => known.has(key)));
    return {
      ...plan,
      poses: patchById(plan.poses, change.poseId, (pose) => {
        const was = poseIn(plan, pose.id);
        const held = poseIn({ ...plan, poses: [] }, pose.id);
        const others = pose.stands.filter((stand) => !keys.has(keyOf(stand)));
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
        return { ...pose, stands: [...others, ...changed] };
      }),
    };
  },
  /** Whether a wiring is used in a pose; in one of them it always is. A pose that no wiring is used in goes. */
  usePose: (
    plan: Plan,
    change: { readonly type: "usePose"; readonly wiringId: string; readonly poseId: string; readonly used: boolean },
  ): Plan =>
    pruned({
      ...plan,
      wirings: patchById(plan.wirings, change.wiringId, (wiring) => {
        const others = wiring.poseIds.filter((poseId) => poseId !== change.poseId);
        if (change.used)
          return plan.poses.some((pose) => pose.id === change.poseId)
            ? { ...wiring, poseIds: [...others, change.poseId] }
            : wiring;
        return others.length === 0 ? wiring : { ...wiring, poseIds: others };
      }),
    }),
};

/** Poses that no wiring is used in go, but for the last one. */
export function pruned(plan: Plan): Plan {
  const used = new Set(plan.wirings.flatMap(({ poseIds }) => poseIds));
  const poses = plan.poses.filter((pose) => used.has(pose.id));
  if (poses.length === plan.poses.length || poses.length === 0) return plan;
  const places = plan.space.places.map((at) => ({
    ...at,
    inPoses: at.inPoses.filter(({ poseId }) => poses.some((pose) => pose.id === poseId)),
  }));
  return { ...plan, poses, space: { ...plan.space, places } };
}

export function findDangling(plan: Plan): DanglingReference | null {
  const twice = duplicateId("poses", plan.poses);
  if (twice !== null) return twice;
  for (const [k, { stands }] of plan.poses.entries()) {
    const loose = danglingPieces(plan, `poses.${k}.stands`, stands);
    if (loose !== null) return loose;
  }
  return null;
}

/**
 * Wirings of version 3 had their panels' stance, shade and tilt in them. Each gets a pose of its own, but for those in
 * which the panels stand alike: they share one.
 */
export function fromVersion3(plan: Json): unknown {
  return posesOfVersion3(plan).map(({ pose }) => pose);
}

type OldPose = {
  readonly pose: { readonly id: string; readonly name: string; readonly stands: Json[] };
  readonly wirings: Set<number>;
};

/** The poses, each with the places of the wirings it is made of. */
export function posesOfVersion3({ wirings }: Json): OldPose[] {
  const found = new Map<string, OldPose>();
  for (const [k, wiring] of listOf(wirings).entries()) {
    const stands = oldTilesOf(wiring["lanes"]).flatMap(standOfVersion3);
    const stood = JSON.stringify(
      [...stands].sort((a, b) => `${a["panelId"]}.${a["piece"]}`.localeCompare(`${b["panelId"]}.${b["piece"]}`)),
    );
    const known = found.get(stood) ?? {
      pose: { id: `pose-${found.size + 1}`, name: nameOfVersion3(stands, wiring), stands },
      wirings: new Set<number>(),
    };
    known.wirings.add(k);
    found.set(stood, known);
  }
  return found.size > 0
    ? [...found.values()]
    : [{ pose: { id: "pose-1", name: "As they lie", stands: [] }, wirings: new Set() }];
}

function nameOfVersion3(stands: readonly Json[], { name: wiringName }: Json): string {
  if (stands.length === 0) return "As they lie";
  return typeof wiringName === "string" && wiringName.trim() !== "" ? wiringName.slice(0, 80) : "Another pose";
}

/** A panel of version 3 that is not simply flat, out and in full light; of one taken out, nobody asks how it stands. */
function standOfVersion3({ panelId, piece, stance, light, tiltDeg }: Json): Json[] {
  const stand = { stance: stance === "off" ? "out" : stance, light, tiltDeg };
  const plain = stand.stance === "out" && tiltDeg === 0 && Array.isArray(light) && light.every((share) => share === 1);
  return plain ? [] : [{ panelId, piece, ...stand, azimuthDeg: null }];
}

function oldTilesOf(lanes: unknown): Json[] {
  const inRows = (rows: unknown): Json[] =>
    listOf(rows).flatMap(({ items }) =>
      listOf(items).flatMap((item) => (item["type"] === "group" ? inRows(item["rows"]) : [item])),
    );
  return listOf(lanes).flatMap(({ rows }) => inRows(rows));
}

/** Version 2: a pose may be for some hours of the day. */
function toVersion2(older: unknown): unknown {
  return Array.isArray(older) ? older.map((pose: unknown) => (isJson(pose) ? { ...pose, hours: null } : pose)) : older;
}

export const upgrades = [toVersion2];
