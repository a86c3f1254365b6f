import { type LabelDoubt } from "@/core/panel";
import { type PanelSheet } from "@/core/plan";
import { given, percent, trueMinus } from "@/ui";

export const kindWords: Readonly<Record<PanelSheet["kind"], string>> = { rigid: "Rigid glass", flexible: "Flexible crystalline", thinFilm: "Thin film", folding: "Folding with legs", blanket: "Blanket" };
export const cellTypeWords: Readonly<Record<PanelSheet["cellType"], string>> = { mono: "Monocrystalline", poly: "Polycrystalline", cigs: "CIGS thin film" };

const two = (value: number) => trueMinus(value.toFixed(2));

/** What is odd about a label: the number, what is usual, and what may have happened. */
export function doubtSentence({ type, value, least, most }: LabelDoubt): string {
  switch (type) {
    case "powerNotProduct":
      return `Vmp × Imp is ${percent(Math.abs(value))} ${value > 0 ? "more" : "less"} than Pmax; they should agree within 3 %. One of the three is from another row.`;
    case "vmpNotBelowVoc":
      return `Vmp (${given(value, "V")}) is not below Voc (${given(most, "V")}). Have the two rows been swapped?`;
    case "impNotBelowIsc":
      return `Imp (${given(value, "A")}) is not below Isc (${given(most, "A")}). Have the two rows been swapped?`;
    case "voltageRatio":
      return `Vmp is ${two(value)} of Voc; usual is ${two(least)} to ${two(most)}.`;
    case "currentRatio":
      return `Imp is ${two(value)} of Isc; usual is ${two(least)} to ${two(most)}.`;
    case "fillFactor":
      return `Pmax is ${two(value)} of Voc × Isc; usual is ${two(least)} to ${two(most)}.`;
    case "wattsPerArea":
      return value > most ? `${Math.round(value)} W on a square metre is more than any panel gives (up to ${most}). Watts or size are wrong.` : `${Math.round(value)} W on a square metre is little (usual: ${least} to ${most}). Watts or size may be wrong.`;
    case "voltsPerCell":
      return `${two(value)} V for each cell; usual is ${two(least)} to ${two(most)} V. On half-cut panels only half of the cells are in series.`;
    case "vocCoefficientSign":
      return `The Voc coefficient is ${trueMinus(String(value))} %/°C; volts fall with heat, so it should be negative.`;
    case "iscCoefficientSign":
      return `The Isc coefficient is ${trueMinus(String(value))} %/°C; usual is ${two(least)} to ${two(most)}.`;
    case "pmaxCoefficientSign":
      return `The Pmax coefficient is ${trueMinus(String(value))} %/°C; usual is ${two(least)} to ${two(most)}.`;
    case "vocCoefficientSize":
      return `The Voc coefficient is ${trueMinus(String(value))} %/°C; usual is ${two(least)} to ${two(most)}. Is its unit %/°C, or mV/°C?`;
  }
}
