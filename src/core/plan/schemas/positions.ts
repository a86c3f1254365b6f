import { pieceRef } from "./piece";
import { z } from "zod";
import { stances } from "../../engine/array";
import { maxOf } from "../bounds";
import { field, id, name, stated } from "../fields";

/** How the panels stand: which are stowed, tilted, turned, shaded by hand. Apart from wirings, as no plug moves between positions. */

const maxSubstrings = 60;

const standSchema = z.strictObject({
  ...pieceRef,
  stance: z.enum(stances),
  light: z.array(z.number().min(0).max(1)).min(1).max(maxSubstrings),
  tiltDeg: field("tiltDeg"),
  azimuthDeg: stated("azimuthDeg"),
});

const positionSchema = z.strictObject({
  id,
  name,
  /** Panels it does not name lie as they are fixed, out and in full light. */
  stands: z.array(standSchema).max(200),
  /** The hours of a day in which the panels stand so, from one to the other, over midnight if need be; null: in the rest. */
  hours: z.strictObject({ fromH: field("hoursADay"), toH: field("hoursADay") }).nullable(),
});

export type PositionSheet = z.infer<typeof positionSchema>;

export const schema = z.array(positionSchema).min(1).max(maxOf.positions);
