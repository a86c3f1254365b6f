import { fitLabel, fitPoints, type LabelFit, type Measured, type PanelLabel, type PointsFit } from "../engine/panel";

/** What is fitted of a kind: its label and, where there are any, its measured points. */
export type KindFit = { readonly label: LabelFit; readonly points: PointsFit | null };

export function fitKind(label: PanelLabel, measured: Measured | null): KindFit {
  return { label: fitLabel(label), points: measured === null ? null : fitPoints(label, measured) };
}
