import { type PanelFieldName } from "@/core/plan";

/** What each number of a panel's label is called, everywhere, and what it is. */
export const panelFieldWords: Readonly<Record<PanelFieldName, { readonly name: string; readonly help: string }>> = {
  pmaxW: {
    name: "Pmax",
    help: "Pmax: the watts the panel gives at STC, with its cells at 25 °C. On a hot roof about three quarters of it is normal.",
  },
  vmpV: {
    name: "Vmp",
    help: "Vmp: operating voltage at full power. Volts add in series; they must stay above what the controller needs.",
  },
  impA: { name: "Imp", help: "Imp: operating current at full power. Amps add in parallel." },
  vocV: {
    name: "Voc",
    help: "Voc: open-circuit voltage, with nothing connected. Highest on a cold bright morning; this is what destroys controllers.",
  },
  iscA: {
    name: "Isc",
    help: "Isc: short-circuit current, with + and − connected to each other. Cables and fuses are sized by it.",
  },
  tempCoVocPctPerC: {
    name: "Voc coefficient",
    help: "How much Voc rises per degree of cold: a negative number such as −0.29 %/°C. You may type −66 mV/K: it is converted.",
  },
  tempCoPmaxPctPerC: {
    name: "Pmax coefficient",
    help: "How much power falls per degree of heat, such as −0.36 %/°C. Used to check the label.",
  },
  tempCoIscPctPerC: {
    name: "Isc coefficient",
    help: "How much Isc rises per degree of heat: a small positive number such as 0.05 %/°C. You may type 3 mA/K.",
  },
  maxSystemV: {
    name: "Max system voltage",
    help: "Max system voltage: the highest voltage a string of these panels may reach; above it the insulation may fail.",
  },
  maxSeriesFuseA: {
    name: "Max series fuse rating",
    help: "Max series fuse rating, from the label: the largest fuse allowed in this panel’s string, and the highest reverse current allowed in it.",
  },
  cellsInSeries: {
    name: "Cells in series",
    help: "Cells one after another; on a half-cut panel half of those you count. Each gives about 0.6 to 0.7 V.",
  },
  bypassDiodes: {
    name: "Bypass diodes",
    help: "Diodes in the junction box, one per cell group (substring). They let current past a shaded group.",
  },
  cellsAlong: {
    name: "Cells along",
    help: "Cells you count along the longer edge; half-cut ones each as one.",
  },
  cellsAcross: { name: "Cells across", help: "Cells you count along the shorter edge." },
  lengthMm: { name: "Length", help: "Length of the whole panel, to check watts per square metre." },
  widthMm: { name: "Width", help: "Width of the whole panel, to check watts per square metre." },
  stowedLengthMm: {
    name: "Stowed length",
    help: "Length of a folding panel or blanket when it is folded away.",
  },
  stowedWidthMm: { name: "Stowed width", help: "Width of a folding panel or blanket when it is folded away." },
  stowedDepthMm: { name: "Stowed depth", help: "How thick it is when it is folded away." },
  weightKg: { name: "Weight", help: "What one panel weighs, frame and leads included." },
  price: { name: "Price", help: "What one panel costs, to see the money per watt." },
};
