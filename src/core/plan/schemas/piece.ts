import { z } from "zod";
import { id, numberOf } from "../fields";
import { fieldNames, type PanelFieldName, panelFields } from "../panel-fields";

/** The number of a piece: the plan gives each once, so that more of them come to be given than a plan may hold. */
export const pieceNumber = z.number().int().min(1).max(100_000);

/** How anything in a plan points at one panel. */
export const pieceRef = { panelId: id, piece: pieceNumber };

/** What the label of one piece may say otherwise than that of its kind. */
export const ownFields = fieldNames(panelFields, ({ mayDiffer }) => mayDiffer);

type OwnField = PanelFieldName;

const ownSchema = z.discriminatedUnion(
  "field",
  ownFields.map((own) => z.strictObject({ field: z.literal(own), value: numberOf(panelFields[own]).nullable() })) as [
    z.ZodObject<{ field: z.ZodLiteral<OwnField>; value: z.ZodNullable<z.ZodNumber> }, z.core.$strict>,
    ...z.ZodObject<{ field: z.ZodLiteral<OwnField>; value: z.ZodNullable<z.ZodNumber> }, z.core.$strict>[],
  ],
);

export const pieceSchema = z.strictObject({
  /** Given once, and never again to another piece of the kind. */
  number: pieceNumber,
  /** What is written on it; empty: nothing. */
  tag: z.string().max(40),
  own: z.array(ownSchema).max(ownFields.length),
  /** Which way its substrings run, by its longer edge; null: not said. */
  substringsRun: z.enum(["along", "across"]).nullable(),
});

export type Piece = z.infer<typeof pieceSchema>;

/** The pieces of a kind, and the highest number that one of them was ever given. */
export type Pieces = { pieces: Piece[]; given: number };
