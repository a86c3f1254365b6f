import { carried, field, id, name, numberOf } from "../fields";
import { z } from "zod";
import { cellTypes } from "../../engine/panel";
import { maxOf } from "../bounds";
import { fieldNames, type PanelField, panelFields } from "../panel-fields";
import { pieceNumber, pieceSchema } from "./piece";

/** The kinds of panel there are, with their labels, and every piece of them. */

export const panelKinds = ["rigid", "flexible", "thinFilm", "folding", "blanket"] as const;
export type PanelKind = (typeof panelKinds)[number];

/** What a kind of panel is like: whether it bends to the roof it lies on, and whether it is folded or rolled up and put away. */
export const panelKindFacts: Readonly<Record<PanelKind, { readonly bends: boolean; readonly folds: boolean }>> = {
  rigid: { bends: false, folds: false },
  flexible: { bends: true, folds: false },
  thinFilm: { bends: true, folds: false },
  folding: { bends: false, folds: true },
  blanket: { bends: true, folds: true },
};

export const cellCuts = ["unknown", "whole", "half"] as const;

/** Labels whose numbers are those of a catalogue. */
export function labelSchemaOf<N extends string>(catalogue: Readonly<Record<N, PanelField>>) {
  const numbers = Object.fromEntries(
    fieldNames(catalogue).map((each) => [each, numberOf(catalogue[each]).nullable()]),
  ) as { [Name in N]: z.ZodNullable<z.ZodNumber> };
  return z.strictObject({
    name,
    kind: z.enum(panelKinds),
    cellType: z.enum(cellTypes),
    ...numbers,
    cellCut: z.enum(cellCuts),
    ...carried,
  });
}

export const labelSchema = labelSchemaOf(panelFields);

export type PanelSheet = z.infer<typeof labelSchema>;

/** A measured point may be at short circuit or at open circuit: 0 A or 0 V. */
const fromZero = ({ max }: PanelField) => z.number().min(0).max(max);

/** Points of a panel's curve as measured, and the sky they were measured under. */
export const measuredSchema = z.strictObject({
  irradianceWm2: field("irradianceWm2"),
  cellTempC: field("cellTempC"),
  points: z.array(z.strictObject({ v: fromZero(panelFields.vocV), i: fromZero(panelFields.iscA) })).max(500),
});

export const schema = z
  .array(
    z.strictObject({
      id,
      libraryId: id.nullable(),
      label: labelSchema,
      pieces: z.array(pieceSchema).min(1).max(200),
      /** The highest number that a piece of this kind was ever given. */
      given: pieceNumber,
      measured: measuredSchema.nullable(),
    }),
  )
  .max(maxOf.panels);

export type PlanPanel = z.infer<typeof schema>[number];
