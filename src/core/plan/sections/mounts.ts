import { z } from "zod";
import { mounts } from "../../sky";
import { type Plan } from "../document";
import { field, id, name, stated } from "../fields";
import { loosePieces, pieceRef } from "../pieces";
import { type Loose, type Parts, twiceIn } from "../section";

/** How some panels are fixed where that differs from the rest: what holds them, and where they face when nobody turns them. */

export const version = 1;
export const schema = z
  .array(
    z.strictObject({
      id,
      name,
      kind: z.enum(mounts),
      tiltDeg: field("tiltDeg"),
      /** Degrees from north by east; null: towards the noon sun. */
      azimuthDeg: stated("azimuthDeg"),
      pieces: z.array(z.strictObject(pieceRef)).max(200),
    }),
  )
  .max(40);

export const empty: z.infer<typeof schema> = [];
export const parts: Parts = { kind: "mount", by: "item" };

export type Mounting = z.infer<typeof schema>[number];

export const changes = {
  /** Puts a mount in, or another in the place of the one of its id. */
  setMount: (plan: Plan, { mount }: { readonly type: "setMount"; readonly mount: Mounting }): Plan => ({
    ...plan,
    mounts: plan.mounts.some(({ id: known }) => known === mount.id)
      ? plan.mounts.map((known) => (known.id === mount.id ? mount : known))
      : [...plan.mounts, mount],
  }),
  removeMount: (plan: Plan, { mountId }: { readonly type: "removeMount"; readonly mountId: string }): Plan => ({
    ...plan,
    mounts: plan.mounts.filter(({ id: known }) => known !== mountId),
  }),
};

export function looseIn(plan: Plan): Loose | null {
  const all = plan.mounts.flatMap(({ pieces }) => pieces);
  return twiceIn("mounts", plan.mounts) ?? loosePieces(plan, "mounts", all);
}

export function fromVersion3(): unknown {
  return [];
}

export const upgrades = [];
