import { type FieldName } from "@/core/engine/units";
import { type PanelSheet } from "@/core/plan";

/** The numbers of a label in the order stickers print them, with what each one is. */
export type LabelField = {
  readonly name: FieldName & keyof PanelSheet;
  readonly label: string;
  readonly help: string;
  readonly needed: boolean;
};

const field = (name: LabelField["name"], label: string, help: string, needed = false): LabelField => ({
  name,
  label,
  help,
  needed,
});

export const ratingFields: readonly LabelField[] = [
  field(
    "pmaxW",
    "Pmax",
    "Pmax: the watts the panel gives in full sun with its cells at 25 °C. On a hot roof about three quarters of it is normal.",
    true,
  ),
  field(
    "vmpV",
    "Vmp",
    "Vmp: volts while it works at full power. Series adds these up; they must stay above what the input needs.",
    true,
  ),
  field("impA", "Imp", "Imp: amps while it works at full power. Parallel adds these up.", true),
  field(
    "vocV",
    "Voc",
    "Voc: volts with nothing connected. Highest on a cold bright morning; this is what destroys inputs.",
    true,
  ),
  field(
    "iscA",
    "Isc",
    "Isc: amps with plus and minus joined. The most the panel can push; cables and fuses are sized by it.",
    true,
  ),
];

export const coefficientFields: readonly LabelField[] = [
  field(
    "tempCoVocPctPerC",
    "Voc coefficient",
    "How much Voc rises per degree of cold: a negative number such as −0.29 %/°C. You may type −66 mV/K: it is converted.",
  ),
  field(
    "tempCoPmaxPctPerC",
    "Pmax coefficient",
    "How much power falls per degree of heat, such as −0.36 %/°C. Kept to check the label.",
  ),
  field(
    "tempCoIscPctPerC",
    "Isc coefficient",
    "How much Isc rises per degree of heat: a small positive number such as 0.05 %/°C. You may type 3 mA/K.",
  ),
];

export const otherFields: readonly LabelField[] = [
  field(
    "maxSystemV",
    "Max system voltage",
    "Max system voltage: the highest voltage a string of these panels may reach; above it the insulation may fail.",
  ),
  field(
    "maxSeriesFuseA",
    "Max series fuse",
    "Max series fuse rating, from the label: the largest fuse allowed in this panel’s string, and the most reverse current it can take.",
  ),
  field(
    "cellsInSeries",
    "Cells in series",
    "Cells one after another; on a half-cut panel half of those you count. Each gives about 0.6 to 0.7 V.",
  ),
  field(
    "bypassDiodes",
    "Bypass diodes",
    "Diodes in the junction box, one per group of cells. They let current past a shaded group.",
  ),
  field("cellsAlong", "Cells along", "Cells you count along the longer edge; half-cut ones each as one."),
  field("cellsAcross", "Cells across", "Cells you count along the shorter edge."),
  field("lengthMm", "Length", "Length of the whole panel, to check watts per square metre."),
  field("widthMm", "Width", "Width of the whole panel, to check watts per square metre."),
];

export const carriedFields: readonly LabelField[] = [
  field("stowedLengthMm", "Stowed length", "Length of a folding panel or blanket when it is folded away."),
  field("stowedWidthMm", "Stowed width", "Width of a folding panel or blanket when it is folded away."),
  field("stowedDepthMm", "Stowed depth", "How thick it is when it is folded away."),
  field("weightKg", "Weight", "What one panel weighs, frame and leads included."),
  field("price", "Price", "What one panel costs, to see the money per watt."),
];
