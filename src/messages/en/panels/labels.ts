import { type LabelDoubt, type PointsFit, type LabelReading } from "@/core/engine/panel";
import { type PanelSheet, panelFields } from "@/core/plan";
import { given, percent, trueMinus } from "../format";
import { panelFieldWords } from "./fields";

export const kindWords: Readonly<Record<PanelSheet["kind"], string>> = {
  rigid: "Rigid glass",
  flexible: "Flexible crystalline",
  thinFilm: "Thin film",
  folding: "Folding with legs",
  blanket: "Blanket",
};
export const cellTypeWords: Readonly<Record<PanelSheet["cellType"], string>> = {
  mono: "Monocrystalline",
  poly: "Polycrystalline",
  cigs: "CIGS thin film",
};
export const cellCutWords: Readonly<Record<PanelSheet["cellCut"], string>> = {
  unknown: "not stated",
  whole: "whole cells",
  half: "half-cut cells",
};

const two = (value: number) => trueMinus(value.toFixed(2));

/** What is odd about a label: the number, what is usual, and what may have happened. */
export function doubtSentence({ type, value, least, most }: LabelDoubt): string {
  switch (type) {
    case "nmotColumn":
      return `Pmax is ${given(value, "W")}, but the name says ${given(least, "W")}. That is how the NMOT/NOCT column differs from STC; its Voc is about 6 % too low. Type the values at STC (1000 W/m², 25 °C).`;
    case "powerNotProduct":
      if (value < -21 && value > -29)
        return `Vmp × Imp is ${percent(Math.abs(value))} less than Pmax: volts and amps look like the NMOT/NOCT column. Type the values at STC (1000 W/m², 25 °C).`;
      return `Vmp × Imp is ${percent(Math.abs(value))} ${value > 0 ? "more" : "less"} than Pmax; they should agree within 3 %. One of the three is from another line or column.`;
    case "vmpNotBelowVoc":
      return `Vmp (${given(value, "V")}) is not below Voc (${given(most, "V")}). Are the two lines swapped?`;
    case "impNotBelowIsc":
      return `Imp (${given(value, "A")}) is not below Isc (${given(most, "A")}). Are the two lines swapped?`;
    case "voltageRatio":
      return `Vmp is ${two(value)} of Voc; usually ${two(least)} to ${two(most)}.`;
    case "currentRatio":
      return `Imp is ${two(value)} of Isc; usually ${two(least)} to ${two(most)}.`;
    case "fillFactor":
      return `Pmax is ${two(value)} of Voc × Isc; usually ${two(least)} to ${two(most)}.`;
    case "wattsPerArea":
      return value > most
        ? `${Math.round(value)} W per square meter is more than any panel delivers (at most ${most}). Watts or size are wrong.`
        : `${Math.round(value)} W per square meter is low (usually ${least} to ${most}). Check watts and size.`;
    case "voltsPerCell":
      return `${two(value)} V for each cell; usually ${two(least)} to ${two(most)} V. On half-cut panels only half of the cells are in series.`;
    case "vocCoefficientSign":
      return `The Voc coefficient is ${trueMinus(String(value))} %/°C; voltage falls with heat, so it should be negative.`;
    case "iscCoefficientSign":
      return `The Isc coefficient is ${trueMinus(String(value))} %/°C; usually ${two(least)} to ${two(most)}.`;
    case "pmaxCoefficientSign":
      return `The Pmax coefficient is ${trueMinus(String(value))} %/°C; usually ${two(least)} to ${two(most)}.`;
    case "vocCoefficientSize":
      return `The Voc coefficient is ${trueMinus(String(value))} %/°C; usually ${two(least)} to ${two(most)}. Is its unit %/°C, or mV/°C?`;
  }
}

const howWords: Readonly<Record<LabelReading["how"], string>> = {
  product: "that is Vmp × Imp",
  quotient: "that is Pmax over the other",
  swapped: "the two lines are swapped",
  decimal: "a decimal point has slipped",
  halfCells: "half of the cells counted are in series",
  coefficientUnit: "it is printed in volts per degree",
  coefficientSign: "its minus is missing",
};

/** A reading that would reconcile the whole label, in words. */
export function readingSentence(patch: LabelReading["patch"], how: LabelReading["how"]): string {
  const parts = (Object.keys(patch) as (keyof LabelReading["patch"])[]).map(
    (field) => `${panelFieldWords[field].name} ${given(patch[field] ?? 0, panelFields[field].unit)}`,
  );
  return `All values would agree with ${parts.join(", ")}: ${howWords[how]}.`;
}

/** What became of measured points. */
export function pointsSentence(fit: PointsFit): string {
  switch (fit.type) {
    case "model":
      return `A diode curve fits the points, on average within ${percent(fit.rmsPct)} of Isc; point ${fit.worst.point} is the farthest off (${percent(fit.worst.pct)}). The plan uses this curve instead of the label.`;
    case "tooFew":
      return `${fit.usable} usable points; enter at least ${fit.needed} at different voltages. The label is still used.`;
    case "oneSided":
      return fit.lacks === "nearShort"
        ? "Points at low voltage, near short circuit, are missing. The label is still used."
        : "Points past the knee, towards open circuit, are missing. The label is still used.";
  }
}
