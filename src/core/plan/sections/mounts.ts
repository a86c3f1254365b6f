import { z } from "zod";
import { mounts } from "../../sky";
import { type Plan } from "../document";
import { field, id, name, stated } from "../fields";
import { keyOf } from "../../wiring";
import { keysIn, loosePieces, pieceRef } from "../pieces";
import { isJson, type Loose, type Parts, twiceIn } from "../section";

/** How some panels are fixed where that differs from the rest: what holds them, and where they face when nobody turns them. */

/** A day of any year, as MM-DD. */
const dayOfYear = z.string().regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, "a day is written MM-DD");

/** How a mount turns in the year: not at all, its tilt changed on some days, turned to the sun so often a day, following it. */
const turning = z.discriminatedUnion("type", [
  z.strictObject({ type: z.literal("fixed") }),
  z.strictObject({
    type: z.literal("seasons"),
    /** From each day on, the tilt it then has. */
    turns: z
      .array(z.strictObject({ fromDay: dayOfYear, tiltDeg: field("tiltDeg") }))
      .min(1)
      .max(12),
  }),
  z.strictObject({ type: z.literal("reaimed"), timesADay: z.number().int().min(1).max(12) }),
  z.strictObject({ type: z.literal("following") }),
]);
export type Turning = z.infer<typeof turning>;

export const version = 2;
export const schema = z
  .array(
    z.strictObject({
      id,
      name,
      kind: z.enum(mounts),
      tiltDeg: field("tiltDeg"),
      /** Degrees from north by east; null: towards the noon sun. */
      azimuthDeg: stated("azimuthDeg"),
      /** What the azimuth counts from: north, or the front of the vehicle, which turns it along. */
      azimuthFrom: z.enum(["north", "front"]),
      turning,
      pieces: z.array(z.strictObject(pieceRef)).max(200),
    }),
  )
  .max(40);

export const empty: z.infer<typeof schema> = [];
export const parts: Parts = { kind: "mount", by: "item" };

export type Mounting = z.infer<typeof schema>[number];

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

export function looseIn(plan: Plan): Loose | null {
  const all = plan.mounts.flatMap(({ pieces }) => pieces);
  return twiceIn("mounts", plan.mounts) ?? loosePieces(plan, "mounts", all);
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
