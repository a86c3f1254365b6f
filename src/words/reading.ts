import { type PanelFields } from "@/core/reading";

/** What fields read from a text are called, with their units. */
export const readFieldWords: Readonly<Record<keyof PanelFields, { readonly name: string; readonly unit: string }>> = {
  name: { name: "Name", unit: "" },
  pmaxW: { name: "Pmax", unit: "W" },
  vmpV: { name: "Vmp", unit: "V" },
  impA: { name: "Imp", unit: "A" },
  vocV: { name: "Voc", unit: "V" },
  iscA: { name: "Isc", unit: "A" },
  tempCoVocPctPerC: { name: "Voc coefficient", unit: "%/°C" },
  tempCoIscPctPerC: { name: "Isc coefficient", unit: "%/°C" },
  tempCoPmaxPctPerC: { name: "Pmax coefficient", unit: "%/°C" },
  maxSystemV: { name: "Most system volts", unit: "V" },
  maxSeriesFuseA: { name: "Series fuse", unit: "A" },
  cellsInSeries: { name: "Cells in series", unit: "" },
  bypassDiodes: { name: "Bypass diodes", unit: "" },
  lengthMm: { name: "Length", unit: "mm" },
  widthMm: { name: "Width", unit: "mm" },
  weightKg: { name: "Weight", unit: "kg" },
  price: { name: "Price", unit: "" },
  currency: { name: "Currency", unit: "" },
};

const contradictions: Readonly<Record<string, string>> = {
  vmpNotBelowVoc: "running volts have to lie below open volts",
  impNotBelowIsc: "running amps have to lie below short-circuit amps",
  powerNotProduct: "Pmax is not Vmp times Imp",
  voltageRatio: "Vmp and Voc are further apart, or nearer, than panels have them",
  currentRatio: "Imp and Isc are further apart, or nearer, than panels have them",
  fillFactor: "Pmax does not fit Voc and Isc",
  wattsPerArea: "the watts do not fit the size",
  voltsPerCell: "the volts do not fit the number of cells",
  vocCoefficientSign: "volts fall with heat",
  vocCoefficientSize: "no panel’s volts change so much or so little",
  iscCoefficientSign: "amps rise with heat",
  pmaxCoefficientSign: "watts fall with heat",
};

/** Why a value read is in doubt. */
export function whyDoubted(why: string): string {
  return contradictions[why] ?? why;
}
