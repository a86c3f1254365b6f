import { panelFields, type PanelSheet } from "@/core/plan";
import { type PanelFields, type PanelRead } from "@/core/panels/label-import";
import { readingSentence } from "../panels/labels";
import { trueMinus } from "../format";
import { portFieldWords } from "../controllers/fields";
import { panelFieldWords } from "../panels/fields";

/** What a field read from a text is called, and its unit. */
export function readFieldWords(field: keyof PanelFields): { readonly name: string; readonly unit: string } {
  if (field === "name") return { name: "Name", unit: "" };
  if (field === "currency") return { name: "Currency", unit: "" };
  return { name: panelFieldWords[field].name, unit: panelFields[field].unit };
}

const contradictions: Readonly<Record<string, string>> = {
  vmpNotBelowVoc: "Vmp has to be below Voc",
  impNotBelowIsc: "Imp has to be below Isc",
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
  looksDiffer: "read in more than one way",
  oneLook: "read in more than one way",
  unusual: "no label prints such a number",
  twoValues: "the text states two values",
  whoseAmps: "the text does not say whether these amps come from the panels or go into the battery",
  byBattery: "depends on the battery: choose yours below",
  aboveMax: "the text states a range that ends higher",
};

/** What each value read of a PV input is called. */
export const readPortWords = {
  minV: portFieldWords.minV.name,
  maxV: portFieldWords.maxV.name,
  mpptToV: "MPPT range ends at",
  startV: portFieldWords.wakeV.name,
  startOverBatteryV: portFieldWords.wakeMarginV.name,
  stayOverBatteryV: portFieldWords.stayMarginV.name,
  currentLimits: "Max PV current",
  maxW: portFieldWords.maxW.name,
  wattsByBattery: portFieldWords.maxW.name,
  batteryMaxA: portFieldWords.batteryMaxA.name,
} as const;

/** Why a value read is in doubt. */
export function whyDoubted(why: string): string {
  return contradictions[why] ?? why;
}

/** Another reading of a label, and why it is offered. */
export function offerSentence(patch: PanelFields, why: PanelRead["offers"][number]["why"]): string {
  if (why !== "looks") return readingSentence(patch, why);
  const parts = Object.entries(patch).map(([field, value]) => {
    const { name, unit } = readFieldWords(field as keyof PanelFields);
    return `${name} ${trueMinus(String(value))} ${unit}`.trim();
  });
  return `Looked at more closely it may say ${parts.join(", ")}; that fits the rest.`;
}

/** “From a photo, 26 Nov 2026, every value compared by hand.” */
export function readFromSentence({ way, on, checked }: NonNullable<PanelSheet["readFrom"]>): string {
  const day = new Date(`${on}T12:00:00Z`).toLocaleDateString("en-GB", {
    day: "numeric",
    month: "short",
    year: "numeric",
    timeZone: "UTC",
  });
  return `Read from ${way === "photo" ? "a photo" : "a text"}, ${day}; ${checked ? "every value was compared by hand" : "not yet compared by hand"}.`;
}

/** What confirms what among the numbers of a label; null: nothing does. */
export function agreementSentence({ pmaxW, vmpV, impA }: PanelFields): string | null {
  if (pmaxW === undefined || vmpV === undefined || impA === undefined) return null;
  const product = vmpV * impA;
  if (Math.abs(product / pmaxW - 1) > 0.012) return null;
  return `Vmp times Imp is ${trueMinus(product.toFixed(1))}\u00a0W: Pmax, Vmp and Imp confirm one another.`;
}
