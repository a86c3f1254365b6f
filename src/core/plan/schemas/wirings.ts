import { z } from "zod";
import { maxOf } from "../bounds";
import { guardSchema, runSchema } from "./cabling";
import { id, name, notesOf } from "../fields";
import { portArraySchema } from "./port-array";

/** The ways the panels are joined, and the cables that join them. */

const wiringSchema = z.strictObject({
  id,
  name,
  note: notesOf,
  /** The positions it is used in, the usual one first. */
  positionIds: z.array(id).min(1).max(maxOf.positions),
  portArrays: z.array(portArraySchema).max(64),
  /** The highest number that a string of it was ever given for its id. */
  stringsGiven: z.number().int().min(0).max(1_000_000),
  runs: z.array(runSchema).max(400),
  guards: z.array(guardSchema).max(400),
});

export type Wiring = z.infer<typeof wiringSchema>;

export const schema = z.array(wiringSchema).min(1).max(maxOf.wirings);
