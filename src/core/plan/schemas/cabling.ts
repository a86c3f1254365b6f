import { pieceRef } from "./piece";
import { z } from "zod";
import { cablePlaces, layings, sizeNames } from "../../engine/cable";
import { field, id, name, stated } from "../fields";

/** The copper of a wiring: its cables, and what protects and parts them. */

const ofPort = { inputId: id, portId: id };

/** Where a cable ends, and where a fuse or a switch sits. */
export const endSchema = z.discriminatedUnion("type", [
  z.strictObject({ type: z.literal("piece"), ...pieceRef }),
  z.strictObject({ type: z.literal("string"), stringId: id }),
  /** Where the strings of a port are joined; of a single string, where its leads end. */
  z.strictObject({ type: z.literal("junction"), ...ofPort }),
  z.strictObject({ type: z.literal("isolator"), ...ofPort }),
  z.strictObject({ type: z.literal("port"), ...ofPort }),
  /** Where an input gives to its battery, and whatever battery that is. */
  z.strictObject({ type: z.literal("output"), inputId: id }),
  z.strictObject({ type: z.literal("bank"), inputId: id }),
  z.strictObject({ type: z.literal("battery"), batteryId: id }),
  /** The frames of the panels of a port, and the point they are bonded to. */
  z.strictObject({ type: z.literal("frames"), ...ofPort }),
  z.strictObject({ type: z.literal("earth"), inputId: id }),
  z.strictObject({ type: z.literal("point"), name }),
]);

export type End = z.infer<typeof endSchema>;

/** A cable of two conductors. What is not said is worked out: its length by the roof plan, its size by what it carries. */
export const runSchema = z.strictObject({
  id,
  name,
  from: endSchema,
  to: endSchema,
  /** One way; null: as the cable way says, or assumed. */ lengthMm: stated("runMm"),
  wayId: id.nullable(),
  /** Where it lies, which decides how warm its air is, and how it is laid there; null: as is usual, careful. */
  where: z.enum(cablePlaces).nullable(),
  how: z.enum(layings).nullable(),
  /** Circuits that share its conduit, duct or bundle, itself counted; null: taken by its part. */
  circuits: stated("circuits"),
  /** For how many °C the terminals at its ends are marked; null: 60. */
  terminalC: z.union([z.literal(60), z.literal(75)]).nullable(),
  /** A lead that is laid out and put away again; null: as the standard has it. */ portable: z.boolean().nullable(),
  size: z.enum(sizeNames as [string, ...string[]]).nullable(),
});

export type Cable = z.infer<typeof runSchema>;

export const guardKinds = ["fuse", "breaker", "isolator"] as const;

/** A fuse, a breaker or a switch, on the positive of a string, of a port or of a battery; a switch parts both. */
export const guardSchema = z.strictObject({
  id,
  kind: z.enum(guardKinds),
  at: endSchema,
  ratedA: field("guardA"),
  /** DC; null: not said. */ ratedV: stated("guardV"),
  /** The most it can interrupt, A; null: not said. Asked of what sits by a battery. */ breaksA: stated("breaksA"),
});

export type ProtectiveDevice = z.infer<typeof guardSchema>;

export type Copper = { runs: Cable[]; guards: ProtectiveDevice[] };
