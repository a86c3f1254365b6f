/** What a panel's sticker says, in SI and standard test conditions (1000 W/m², cell 25 °C). */
export type PanelLabel = {
  readonly pmaxW: number;
  readonly vocV: number;
  readonly iscA: number;
  readonly vmpV: number;
  readonly impA: number;
  readonly tempCoVocPctPerC: number | null;
  readonly tempCoIscPctPerC: number | null;
  readonly tempCoPmaxPctPerC: number | null;
  readonly cellsInSeries: number | null;
  readonly bypassDiodes: number | null;
  readonly maxSeriesFuseA: number | null;
  readonly maxSystemV: number | null;
  readonly cellType: CellType;
};

export const cellTypes = ["mono", "poly", "cigs"] as const;
export type CellType = (typeof cellTypes)[number];

type Coefficients = {
  readonly tempCoVocPctPerC: number;
  readonly tempCoIscPctPerC: number;
  readonly tempCoPmaxPctPerC: number;
};

/** Typical coefficients for labels that are silent, %/°C of the value at 25 °C. */
export const assumedCoefficients: Readonly<Record<CellType, Coefficients>> = {
  mono: { tempCoVocPctPerC: -0.29, tempCoIscPctPerC: 0.05, tempCoPmaxPctPerC: -0.36 },
  poly: { tempCoVocPctPerC: -0.31, tempCoIscPctPerC: 0.05, tempCoPmaxPctPerC: -0.41 },
  cigs: { tempCoVocPctPerC: -0.29, tempCoIscPctPerC: 0.01, tempCoPmaxPctPerC: -0.36 },
};

/** Open-circuit volts of one cell, by technology: only used to guess a cell count the label omits. */
const typicalCellVocV: Readonly<Record<CellType, number>> = { mono: 0.65, poly: 0.62, cigs: 0.63 };

/** Cells under one bypass diode when the label omits the number of diodes (18 to 24 is usual). */
const cellsPerBypass = 20;

/** A label in which nothing the model needs is missing, and the names of what was filled in. */
export type CompleteLabel = PanelLabel &
  Coefficients & { readonly cellsInSeries: number; readonly bypassDiodes: number };

export type AssumedField = "vmpV" | "impA" | keyof Coefficients | "cellsInSeries" | "bypassDiodes";

/**
 * How much of the fill factor lies in the volts: Vmp = Voc · FF^0.77 and Imp = Isc · FF^0.23 meet Pmax, and come within
 * `assumedVmpPct` of Vmp for flat panels of crystalline cells (Vmp 0.78 to 0.86 of Voc, Imp 0.91 to 0.97 of Isc).
 */
const fillOfVolts = 0.77;
export const assumedVmpPct = 5;

/** Vmp and Imp of a label that states neither, from Pmax, Voc and Isc. */
export function assumedMaxPower({ pmaxW, vocV, iscA }: Pick<PanelLabel, "pmaxW" | "vocV" | "iscA">) {
  const vmpV = vocV * (pmaxW / (vocV * iscA)) ** fillOfVolts;
  return { vmpV, impA: pmaxW / vmpV };
}

/** Fills what a label omits with typical values and says which fields were filled. */
export function completeLabel(label: PanelLabel): {
  readonly label: CompleteLabel;
  readonly assumed: readonly AssumedField[];
} {
  const typical = assumedCoefficients[label.cellType];
  const cellsInSeries = label.cellsInSeries ?? Math.max(1, Math.round(label.vocV / typicalCellVocV[label.cellType]));
  const complete: CompleteLabel = {
    ...label,
    tempCoVocPctPerC: label.tempCoVocPctPerC ?? typical.tempCoVocPctPerC,
    tempCoIscPctPerC: label.tempCoIscPctPerC ?? typical.tempCoIscPctPerC,
    tempCoPmaxPctPerC: label.tempCoPmaxPctPerC ?? typical.tempCoPmaxPctPerC,
    cellsInSeries,
    bypassDiodes: label.bypassDiodes ?? Math.max(1, Math.round(cellsInSeries / cellsPerBypass)),
  };
  const candidates: readonly AssumedField[] = [
    "tempCoVocPctPerC",
    "tempCoIscPctPerC",
    "tempCoPmaxPctPerC",
    "cellsInSeries",
    "bypassDiodes",
  ];
  return { label: complete, assumed: candidates.filter((field) => label[field] === null) };
}
