import { z } from "zod";
import { fieldSpecs } from "../units";
import { type Group, type Lane, mostPieces, type Row, stances, type Tile } from "../wiring";

const mostSubstrings = 60;
const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, "an id is 1 to 64 letters, digits, - or _");

const tileSchema: z.ZodType<Tile> = z.strictObject({
  type: z.literal("panel"),
  panelId: id,
  piece: z.number().int().min(1).max(mostPieces),
  stance: z.enum(stances),
  light: z.array(z.number().min(0).max(1)).min(1).max(mostSubstrings),
  tiltDeg: z.number().min(fieldSpecs.tiltDeg.least).max(fieldSpecs.tiltDeg.most),
});

const groupSchema: z.ZodType<Group> = z.strictObject({
  type: z.literal("group"),
  rows: z
    .array(z.lazy(() => rowSchema))
    .min(1)
    .max(mostPieces),
});

const rowSchema: z.ZodType<Row> = z.strictObject({
  items: z
    .array(z.union([tileSchema, groupSchema]))
    .min(1)
    .max(mostPieces),
  blockingDiode: z.boolean(),
});

/** One lane of a wiring, as it is written in a plan. */
export const laneSchema: z.ZodType<Lane> = z.strictObject({
  inputId: id.nullable(),
  portId: id.nullable(),
  rows: z.array(rowSchema).max(mostPieces),
});
