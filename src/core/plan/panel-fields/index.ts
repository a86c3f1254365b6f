import { carriedFields } from "./carried";
import { coefficientFields } from "./coefficients";
import { type PanelField } from "./field";
import { limitFields } from "./limits";
import { ratingFields } from "./ratings";

export type { PanelField, TextPatterns } from "./field";

/** Every number of a panel's label, in the order a label is read. */
export const panelFields = { ...ratingFields, ...coefficientFields, ...limitFields, ...carriedFields } as const;

export type PanelFieldName = keyof typeof panelFields;
/** Fields as the catalogue has them, or with one more, as a test adds it. */
export type PanelFieldCatalogue = Readonly<Record<string, PanelField>>;

/** The names of a catalogue, in its order, whose rows hold to something. */
export function fieldNames<N extends string>(
  catalogue: Readonly<Record<N, PanelField>>,
  of: (field: PanelField) => boolean = () => true,
): readonly N[] {
  return (Object.keys(catalogue) as N[]).filter((name) => of(catalogue[name]));
}
