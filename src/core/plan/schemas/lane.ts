import { z } from "zod";
import { type Group, type PortArray, maxPieces, type Row, type PanelRef } from "../../engine/array";
import { id } from "../fields";
import { pieceRef } from "./piece";

const tileSchema: z.ZodType<PanelRef> = z.strictObject({
  type: z.literal("panel"),
  ...pieceRef,
  joinedPast: z.boolean(),
});

const groupSchema: z.ZodType<Group> = z.strictObject({
  type: z.literal("group"),
  rows: z
    .array(z.lazy(() => rowSchema))
    .min(1)
    .max(maxPieces),
});

const rowSchema: z.ZodType<Row> = z.strictObject({
  id,
  items: z
    .array(z.union([tileSchema, groupSchema]))
    .min(1)
    .max(maxPieces),
  blockingDiode: z.boolean(),
});

/** One lane of a wiring, as it is written in a plan. */
export const laneSchema: z.ZodType<PortArray> = z.strictObject({
  inputId: id.nullable(),
  portId: id.nullable(),
  rows: z.array(rowSchema).max(maxPieces),
});
