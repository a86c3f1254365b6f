import { roundTo } from "../numeric";
import { type AssumedField, assumedMaxPower, completeLabel, type PanelLabel } from "./label";

/** A panel label as it may stand in a form: any number may still be missing. */
export type LabelDraft = {
  readonly [K in keyof PanelLabel]: PanelLabel[K] extends number ? number | null : PanelLabel[K];
} & { readonly lengthMm: number | null; readonly widthMm: number | null; readonly name?: string };

/** What has to be read off a sticker before anything is judged: of Pmax, Vmp and Imp two give the third, and Pmax the others nearly. */
export type RequiredField = "pmaxW" | "vocV" | "iscA";
export const requiredFields: readonly RequiredField[] = ["pmaxW", "vocV", "iscA"];

/** A doubt about a label: what was computed, what is usual, and a reading that would fit. */
export type LabelDoubt = {
  readonly type:
    | "powerNotProduct"
    | "nmotColumn"
    | "vmpNotBelowVoc"
    | "impNotBelowIsc"
    | "voltageRatio"
    | "currentRatio"
    | "fillFactor"
    | "wattsPerArea"
    | "voltsPerCell"
    | "vocCoefficientSign"
    | "iscCoefficientSign"
    | "pmaxCoefficientSign"
    | "vocCoefficientSize";
  readonly field: keyof LabelDraft;
  readonly value: number;
  readonly least: number;
  readonly most: number;
  /** A value for `field` that would put the label right, when there is one obvious reading. */
  readonly suggestion: number | null;
};

type Check = (label: LabelDraft) => LabelDoubt | null;

const between = (
  type: LabelDoubt["type"],
  field: keyof LabelDraft,
  value: number,
  least: number,
  most: number,
  suggestion: number | null = null,
) => (value < least || value > most ? { type, field, value, least, most, suggestion } : null);

/** Each check is silent until the numbers it needs are there. Bounds: usual practice for flat panels. */
const checks: readonly Check[] = [
  ({ vmpV, vocV }) =>
    vmpV !== null && vocV !== null && vmpV >= vocV
      ? { type: "vmpNotBelowVoc", field: "vmpV", value: vmpV, least: 0, most: vocV, suggestion: null }
      : null,
  ({ impA, iscA }) =>
    impA !== null && iscA !== null && impA >= iscA
      ? { type: "impNotBelowIsc", field: "impA", value: impA, least: 0, most: iscA, suggestion: null }
      : null,
  ({ pmaxW, vmpV, impA }) => {
    if (pmaxW === null || vmpV === null || impA === null) return null;
    return between("powerNotProduct", "pmaxW", (100 * vmpV * impA) / pmaxW - 100, -3, 3, roundTo(vmpV * impA, 1));
  },
  ({ pmaxW, name }) => {
    const ratedW = pmaxW === null ? null : ratedAboveNmot(pmaxW, name ?? "");
    return pmaxW === null || ratedW === null
      ? null
      : { type: "nmotColumn", field: "pmaxW", value: pmaxW, least: ratedW, most: ratedW, suggestion: null };
  },
  ({ vmpV, vocV }) =>
    vmpV === null || vocV === null || vmpV >= vocV ? null : between("voltageRatio", "vmpV", vmpV / vocV, 0.72, 0.9),
  ({ impA, iscA }) =>
    impA === null || iscA === null || impA >= iscA ? null : between("currentRatio", "impA", impA / iscA, 0.85, 0.99),
  ({ pmaxW, vocV, iscA }) =>
    pmaxW === null || vocV === null || iscA === null
      ? null
      : between("fillFactor", "pmaxW", pmaxW / (vocV * iscA), 0.6, 0.85),
  ({ pmaxW, lengthMm, widthMm }) =>
    pmaxW === null || lengthMm === null || widthMm === null
      ? null
      : between("wattsPerArea", "pmaxW", pmaxW / ((lengthMm * widthMm) / 1e6), 60, 240),
  ({ vocV, cellsInSeries, cellType }) =>
    vocV === null || cellsInSeries === null || cellType === "cigs"
      ? null
      : between("voltsPerCell", "cellsInSeries", vocV / cellsInSeries, 0.5, 0.78, plausibleCells(vocV, cellsInSeries)),
  ({ tempCoVocPctPerC: beta }) =>
    beta === null
      ? null
      : beta >= 0
        ? between("vocCoefficientSign", "tempCoVocPctPerC", beta, -0.8, -0.15, -beta || null)
        : between("vocCoefficientSize", "tempCoVocPctPerC", beta, -0.8, -0.15),
  ({ tempCoIscPctPerC: alpha }) =>
    alpha === null
      ? null
      : between("iscCoefficientSign", "tempCoIscPctPerC", alpha, 0, 0.15, alpha < 0 && alpha >= -0.15 ? -alpha : null),
  ({ tempCoPmaxPctPerC: gamma }) =>
    gamma === null
      ? null
      : between("pmaxCoefficientSign", "tempCoPmaxPctPerC", gamma, -1, -0.15, gamma > 0.15 ? -gamma : null),
];

/** Checks a label against itself, silently skipping what is not there yet. */
export function doubtsAbout(label: LabelDraft): LabelDoubt[] {
  return checks.flatMap((check) => check(label) ?? []);
}

/** Why a label cannot be of any panel: what is odd beyond a misplug of rounding. Nothing is ever judged on its word. */
export function impossibleIn(label: LabelDraft): LabelDoubt[] {
  const { vmpV, vocV, impA, iscA, pmaxW, tempCoVocPctPerC: beta, tempCoIscPctPerC: alpha } = label;
  const found: LabelDoubt[] = doubtsAbout(label).filter(
    ({ type }) => type === "vmpNotBelowVoc" || type === "impNotBelowIsc",
  );
  const add = (type: LabelDoubt["type"], field: LabelDoubt["field"], value: number, least: number, most: number) =>
    found.push({ type, field, value, least, most, suggestion: null });
  if (beta !== null && beta >= 0) add("vocCoefficientSign", "tempCoVocPctPerC", beta, -maxVocPctPerC, 0);
  if (beta !== null && beta < -maxVocPctPerC) add("vocCoefficientSize", "tempCoVocPctPerC", beta, -maxVocPctPerC, 0);
  if (alpha !== null && Math.abs(alpha) > maxIscPctPerC)
    add("iscCoefficientSign", "tempCoIscPctPerC", alpha, -maxIscPctPerC, maxIscPctPerC);
  if (pmaxW !== null && vocV !== null && iscA !== null && (vmpV === null || impA === null)) {
    const fill = pmaxW / (vocV * iscA);
    if (fill < minFill || fill > maxFill) add("fillFactor", "pmaxW", fill, minFill, maxFill);
  }
  if (pmaxW !== null && vmpV !== null && impA !== null && vocV !== null && iscA !== null) {
    const apartPct = (100 * vmpV * impA) / pmaxW - 100;
    if (Math.abs(apartPct) > maxApartPct) add("powerNotProduct", "pmaxW", apartPct, -maxApartPct, maxApartPct);
  }
  return found;
}

/** Beyond these a coefficient or a product is no panel's. */
const maxVocPctPerC = 1.5;
const maxIscPctPerC = 0.5;
const maxApartPct = 10;
const minFill = 0.3;
const maxFill = 0.9;

export type LabelReadingState =
  | {
      readonly type: "label";
      readonly label: PanelLabel;
      /** What of its five numbers is neither stated nor follows from those that are. */
      readonly assumed: readonly ("vmpV" | "impA")[];
    }
  | { readonly type: "incomplete"; readonly missing: readonly RequiredField[] };

/** A label with all five numbers, those it lacks worked out from the others; or what is missing for that. */
export function readLabel(draft: LabelDraft): LabelReadingState {
  const { vocV, iscA, vmpV, impA } = draft;
  const pmaxW = draft.pmaxW ?? (vmpV === null || impA === null ? null : vmpV * impA);
  if (pmaxW === null || vocV === null || iscA === null)
    return { type: "incomplete", missing: requiredFields.filter((field) => ({ pmaxW, vocV, iscA })[field] === null) };
  const rest = { ...draft, pmaxW, vocV, iscA };
  if (vmpV !== null) return { type: "label", label: { ...rest, vmpV, impA: impA ?? pmaxW / vmpV }, assumed: [] };
  if (impA !== null) return { type: "label", label: { ...rest, vmpV: pmaxW / impA, impA }, assumed: [] };
  return { type: "label", label: { ...rest, ...assumedMaxPower({ pmaxW, vocV, iscA }) }, assumed: ["vmpV", "impA"] };
}

/** All that is assumed of a label that was read: of its five numbers, and of what the model needs beside them. */
export function assumedFieldsOf({ label, assumed }: Extract<LabelReadingState, { type: "label" }>): AssumedField[] {
  return [...assumed, ...completeLabel(label).assumed];
}

/**
 * Watts in a panel's name that its Pmax is to as NMOT values (800 W/m², air at 20 °C) are to those at STC: 0.715 to 0.77 of
 * them, by what manufacturers print. Such a column agrees with itself, and its Voc is about 6 % low. Null: its own watts are
 * in the name, or nothing like it is.
 */
function ratedAboveNmot(pmaxW: number, name: string): number | null {
  const named = (name.match(/(?<![\d.,])\d{2,4}(?![\d.,]*\d)/g) ?? []).map(Number);
  if (named.some((watts) => Math.abs(watts / pmaxW - 1) < 0.03)) return null;
  return named.find((watts) => pmaxW / watts > 0.715 && pmaxW / watts < 0.77) ?? null;
}

/** Half-cut panels are often typed with all their cells, though only half are in series. */
function plausibleCells(vocV: number, cells: number): number | null {
  const half = cells / 2;
  return Number.isInteger(half) && vocV / half >= 0.5 && vocV / half <= 0.78 ? half : null;
}
