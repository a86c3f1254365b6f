import { carried, field, id, name, nonNegative, stated } from "../fields";
import { z } from "zod";
import { cellTypes } from "../../engine/panel";
import { maxOf } from "../bounds";
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

export const labelSchema = z.strictObject({
  name,
  kind: z.enum(panelKinds),
  cellType: z.enum(cellTypes),
  pmaxW: stated("pmaxW"),
  vocV: stated("vocV"),
  iscA: stated("iscA"),
  vmpV: stated("vmpV"),
  impA: stated("impA"),
  tempCoVocPctPerC: stated("tempCoVocPctPerC"),
  tempCoIscPctPerC: stated("tempCoIscPctPerC"),
  tempCoPmaxPctPerC: stated("tempCoPmaxPctPerC"),
  cellsInSeries: stated("cellsInSeries"),
  bypassDiodes: stated("bypassDiodes"),
  /** Cells counted along the longer edge and along the shorter, and whether each is cut in half. */
  cellsAlong: stated("cellsAlong"),
  cellsAcross: stated("cellsAcross"),
  cellCut: z.enum(cellCuts),
  maxSeriesFuseA: stated("maxSeriesFuseA"),
  maxSystemV: stated("maxSystemV"),
  lengthMm: stated("lengthMm"),
  widthMm: stated("widthMm"),
  stowedLengthMm: stated("stowedLengthMm"),
  stowedWidthMm: stated("stowedWidthMm"),
  stowedDepthMm: stated("stowedDepthMm"),
  ...carried,
});

export type PanelSheet = z.infer<typeof labelSchema>;

/** Points of a panel's curve as measured, and the sky they were measured under. */
export const measuredSchema = z.strictObject({
  irradianceWm2: field("irradianceWm2"),
  cellTempC: field("cellTempC"),
  points: z.array(z.strictObject({ v: nonNegative("vocV"), i: nonNegative("iscA") })).max(500),
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
