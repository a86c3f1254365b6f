import { type Level } from "@/core/checks";
import { type Missing, type Term } from "@/core/plan-model";
import { type Mount } from "@/core/engine/sky";
import { given } from "./format";
import { doubtSentence, readingSentence } from "./panels/labels";
import { panelFieldWords } from "./panels/fields";
import { type Unit } from "@/core/engine/units";
import { visible } from "./visible";

/** Names and short words of the ledger and the verdict strip. */
export const verdictWords: Readonly<Record<Level, string>> = {
  stop: "Do not connect",
  open: "Not enough information",
  care: "Connect with caution",
  note: "OK to connect",
  good: "OK to connect",
};

export const mountWords: Readonly<Record<Mount, string>> = {
  freeStanding: "free-standing",
  tilted: "tilted, air underneath",
  roofGap: "on a roof, with a gap",
  flush: "flush on the roof",
  glued: "glued, no gap",
};

export function missingSentence(missing: Missing): string {
  switch (missing.type) {
    case "noPanel":
      return "Choose a panel, or enter its label, at Panels, and wire it here.";
    case "labelIncomplete":
      return `The label of “${missing.panelName}” still lacks ${missing.fields.map((field) => panelFieldWords[field].name).join(", ")}.`;
    case "labelImpossible":
      return `The label of “${missing.panelName}” contradicts itself: ${missing.doubts.map(doubtSentence).join(" ")}${missing.reading === null ? "" : ` ${readingSentence(missing.reading.patch, missing.reading.how)} Is that right?`} Do not connect anything before this is clear.`;
    case "recordLowAsked":
      return `At ${given(missing.latitudeDeg, "°")} no kind of climate is known. Enter the record low at Need, Location.`;
    case "recordsCrossed":
      return `The record low (${given(missing.lowC, "°C")}) is above the record high (${given(missing.highC, "°C")}). Are the two swapped? See Need, Location.`;
    case "noInput":
      return "Choose the controller, or enter its data sheet, at Controller.";
  }
}

/** The short of a made-up or real name: what stands before its first comma. */
export function shortName(name: string): string {
  return visible(name.split(",")[0] ?? name);
}

/** "4 × 27.2 V + 1 × 22.7 V": a sum as one would write it on the label's back. */
export function sumWords(terms: readonly Term[], unit: Unit): string {
  return terms.map(({ count, each }) => `${count} × ${given(each, unit)}`).join(" + ");
}

/** "2S3P", "4S", "1S3P": so many in series, so many strings in parallel. */
export function matrixName({ series, strings }: { readonly series: number; readonly strings: number }): string {
  return strings === 1 ? `${series}S` : `${series}S${strings}P`;
}
