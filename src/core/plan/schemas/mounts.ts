import { z } from "zod";
import { mounts } from "../../engine/sky";
import { field, id, name, stated } from "../fields";
import { pieceRef } from "./piece";

/** How some panels are fixed where that differs from the rest: what holds them, and where they face when nobody turns them. */

/** A day of any year, as MM-DD. */
const dayOfYear = z.string().regex(/^(0[1-9]|1[0-2])-(0[1-9]|[12]\d|3[01])$/, "a day is written MM-DD");

/** How a mount turns in the year: not at all, its tilt changed on some days, turned to the sun so often a day, following it. */
export const turning = z.discriminatedUnion("type", [
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

export type Mounting = z.infer<typeof schema>[number];
