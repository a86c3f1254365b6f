import { z } from "zod";
import { type Group, type PortArray, maxPieces, type PvString, type PanelRef } from "../../engine/array";
import { id } from "../fields";
import { pieceRef } from "./piece";

const tileSchema: z.ZodType<PanelRef> = z.strictObject({
  type: z.literal("panel"),
  ...pieceRef,
  bypassed: z.boolean(),
});

const groupSchema: z.ZodType<Group> = z.strictObject({
  type: z.literal("group"),
  strings: z
    .array(z.lazy(() => stringSchema))
    .min(1)
    .max(maxPieces),
});

const stringSchema: z.ZodType<PvString> = z.strictObject({
  id,
  items: z
    .array(z.union([tileSchema, groupSchema]))
    .min(1)
    .max(maxPieces),
  blockingDiode: z.boolean(),
});

/** One port array of a wiring, as it is written in a plan. */
export const portArraySchema: z.ZodType<PortArray> = z.strictObject({
  inputId: id.nullable(),
  portId: id.nullable(),
  strings: z.array(stringSchema).max(maxPieces),
});
