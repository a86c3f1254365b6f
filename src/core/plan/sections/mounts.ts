import { type z } from "zod";
import { type Plan } from "../plan";
import { keyOf } from "../../engine/array";
import { keysIn, danglingPieces } from "../pieces";
import { isJson, type DanglingReference, type Parts, duplicateId } from "../section";
import { type schema, type Mounting } from "../schemas/mounts";

export { schema } from "../schemas/mounts";

export const version = 2;

export const empty: z.infer<typeof schema> = [];
export const parts: Parts = { kind: "mount", by: "item" };

export const changes = {
  /** Puts a mount in, or another in the place of the one of its id. Its panels leave whatever held them. */
  setMount: (plan: Plan, { mount: asked }: { readonly type: "setMount"; readonly mount: Mounting }): Plan => {
    const known = keysIn(plan);
    const mount = { ...asked, pieces: asked.pieces.filter((ref) => known.has(keyOf(ref))) };
    const taken = new Set(mount.pieces.map(keyOf));
    const others = plan.mounts.map((other) =>
      other.id === mount.id ? mount : { ...other, pieces: other.pieces.filter((ref) => !taken.has(keyOf(ref))) },
    );
    return { ...plan, mounts: others.includes(mount) ? others : [...others, mount] };
  },
  removeMount: (plan: Plan, { mountId }: { readonly type: "removeMount"; readonly mountId: string }): Plan => ({
    ...plan,
    mounts: plan.mounts.filter(({ id: known }) => known !== mountId),
  }),
};

export function findDangling(plan: Plan): DanglingReference | null {
  const all = plan.mounts.flatMap(({ pieces }) => pieces);
  return duplicateId("mounts", plan.mounts) ?? danglingPieces(plan, "mounts", all);
}

export function fromVersion3(): unknown {
  return [];
}

/** Version 2: a mount may turn in the year, and be told from the vehicle's front. */
function toVersion2(older: unknown): unknown {
  if (!Array.isArray(older)) return older;
  return older.map((mount: unknown) =>
    isJson(mount) ? { ...mount, azimuthFrom: "north", turning: { type: "fixed" } } : mount,
  );
}

export const upgrades = [toVersion2];
