import { fitLabel } from "./fit";
import { doubtsAbout, type LabelDraft, readLabel } from "./sanity";

/** One other reading of a label that makes it agree with itself, and how far the model then is from it. */
export type LabelReading = {
  readonly patch: Partial<Record<ReadField, number>>;
  readonly how: ReadingKind;
  readonly missPct: number;
};
type ReadField = "pmaxW" | "vocV" | "iscA" | "vmpV" | "impA" | "cellsInSeries" | "tempCoVocPctPerC";
export type ReadingKind =
  "product" | "quotient" | "swapped" | "decimal" | "halfCells" | "coefficientUnit" | "coefficientSign";

/** A label whose curve misses full power by no more than this agrees with itself, %. */
const agreesPct = 1;
const maxReadings = 3;

type Guess = Omit<LabelReading, "missPct">;

/** Slips people and shop pages make, each with the reading it would have come from. */
function guesses(label: LabelDraft): Guess[] {
  const { pmaxW, vocV, iscA, vmpV, impA, cellsInSeries, tempCoVocPctPerC: beta } = label;
  const found: Guess[] = [];
  if (vmpV !== null && impA !== null) found.push({ patch: { pmaxW: tidy(vmpV * impA) }, how: "product" });
  if (pmaxW !== null && impA !== null && impA > 0) found.push({ patch: { vmpV: tidy(pmaxW / impA) }, how: "quotient" });
  if (pmaxW !== null && vmpV !== null && vmpV > 0) found.push({ patch: { impA: tidy(pmaxW / vmpV) }, how: "quotient" });
  if (vmpV !== null && vocV !== null) found.push({ patch: { vmpV: vocV, vocV: vmpV }, how: "swapped" });
  if (impA !== null && iscA !== null) found.push({ patch: { impA: iscA, iscA: impA }, how: "swapped" });
  if (vmpV !== null && vocV !== null && impA !== null && iscA !== null)
    found.push({ patch: { vmpV: vocV, vocV: vmpV, impA: iscA, iscA: impA }, how: "swapped" });
  for (const field of ["pmaxW", "vocV", "iscA", "vmpV", "impA"] as const) {
    const value = label[field];
    if (value !== null)
      for (const by of [10, 0.1]) found.push({ patch: { [field]: tidy(value * by) }, how: "decimal" });
  }
  if (cellsInSeries !== null && cellsInSeries % 2 === 0)
    found.push({ patch: { cellsInSeries: cellsInSeries / 2 }, how: "halfCells" });
  if (beta !== null && beta > 0) found.push({ patch: { tempCoVocPctPerC: -beta }, how: "coefficientSign" });
  // a coefficient in volts a degree, typed into a field of percent
  if (beta !== null && vocV !== null)
    found.push({ patch: { tempCoVocPctPerC: tidy((100 * -Math.abs(beta)) / vocV) }, how: "coefficientUnit" });
  return found;
}

/**
 * The readings, few at most, that would reconcile a label which contradicts itself: each is tried, and kept only
 * if no doubt is left and a diode's curve runs through the label. Empty for a label that agrees already, one with
 * gaps, and one that no single misplug explains.
 */
export function readingsThatFit(label: LabelDraft): LabelReading[] {
  if (missOf(label) <= agreesPct && doubtsAbout(label).length === 0) return [];
  const kept = guesses(label).flatMap((guess): LabelReading[] => {
    const read = { ...label, ...guess.patch };
    if (doubtsAbout(read).length > 0) return [];
    const missPct = missOf(read);
    return missPct <= agreesPct ? [{ ...guess, missPct }] : [];
  });
  return kept.sort((a, b) => a.missPct - b.missPct).slice(0, maxReadings);
}

function missOf(label: LabelDraft): number {
  const reading = readLabel(label);
  if (reading.type !== "label") return Number.POSITIVE_INFINITY;
  const { missPct } = fitLabel(reading.label);
  return Math.max(Math.abs(missPct.vmp), Math.abs(missPct.imp), Math.abs(missPct.pmax));
}

/** Four digits: as many as labels print. */
function tidy(value: number): number {
  return Number(value.toPrecision(4));
}
