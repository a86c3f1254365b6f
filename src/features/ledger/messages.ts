import { type Assumption, type Finding, type Level, type Missing, type Reason, type RuleId } from "@/core/rules";
import { type RequiredField } from "@/core/panel";
import { type Mount } from "@/core/sky";
import { amount, given, limit, percent, trueMinus } from "@/ui";

/** All words of the ledger and the verdict strip, made from codes and numbers in this one place. */
export const ruleTitles: Readonly<Record<RuleId, string>> = {
  coldVoc: "Coldest volts, nothing connected",
  hotVmp: "Hottest running volts",
  current: "Amps into the input",
  watts: "Watts into the input",
  systemVoltage: "Panel insulation",
};

export const verdictWords: Readonly<Record<Level, string>> = {
  stop: "Do not connect",
  open: "Question open",
  care: "Connect with care",
  note: "May be connected",
  good: "May be connected",
};

export const mountWords: Readonly<Record<Mount, string>> = {
  freeStanding: "free-standing",
  tilted: "tilted, air under",
  roofGap: "roof with a gap",
  flush: "flush on the roof",
  glued: "glued, no gap",
};

export const fieldWords: Readonly<Record<RequiredField, string>> = { pmaxW: "Pmax", vocV: "Voc", iscA: "Isc", vmpV: "Vmp", impA: "Imp" };

export function missingSentence(missing: Missing): string {
  switch (missing.type) {
    case "noPanel":
      return "Choose a panel, or type its label in, at Panels.";
    case "labelIncomplete":
      return `The label of “${missing.panelName}” still lacks ${missing.fields.map((field) => fieldWords[field]).join(", ")}.`;
    case "noInput":
      return "Choose the input it feeds, or type its data sheet in, at Input.";
  }
}

/** One sentence for a rule's finding: what, the numbers, the limit, what follows. */
export function findingSentence({ reason }: Pick<Finding, "reason">): string {
  switch (reason.type) {
    case "coldVoc":
      return coldVocSentence(reason);
    case "noCeiling":
      return `On the coldest dawn this array reaches ${amount(reason.solvedVocV, "V")}. What is the most the input bears? Fill in “Highest volts” at Input.`;
    case "hotVmp":
      return hotVmpSentence(reason);
    case "noFloor":
      return `On a hot roof it runs at ${amount(reason.hotVmpV, "V")}. From how many volts does the input work? Fill in “Lowest volts” at Input.`;
    case "current":
      return currentSentence(reason);
    case "noCurrentLimit":
      return `The array can give ${amount(reason.iscA, "A")}; the input states no current limit.`;
    case "watts":
      return wattsSentence(reason);
    case "noWattLimit":
      return `The panels add up to ${amount(reason.labelW, "W")}; the input states no watt limit.`;
    case "systemVoltage":
      return reason.outcome === "over"
        ? `The string reaches ${amount(reason.solvedVocV, "V")} in the cold; the panels are insulated for ${given(reason.maxSystemV, "V")} only.`
        : `The string stays at ${amount(reason.solvedVocV, "V")} in the cold; the panels are insulated for ${given(reason.maxSystemV, "V")}.`;
    case "noSystemVoltage":
      return `The label gives no maximum system voltage; the string reaches ${amount(reason.solvedVocV, "V")} in the cold.`;
  }
}

type Of<T extends Reason["type"]> = Extract<Reason, { type: T }>;

function coldVocSentence(r: Of<"coldVoc">): string {
  const cold = `At ${given(r.recordLowC, "°C")} this array reaches ${amount(r.solvedVocV, "V")}`;
  const ceiling = given(r.ceilingV, "V");
  switch (r.outcome) {
    case "over":
      return `${cold}, over the input’s ${ceiling}: ${overVoltageSentence(r)}`;
    case "tableOver":
      return `${cold}, under the input’s ${ceiling}, but the electrical code’s table reckons ${amount(r.tableVocV, "V")}, which is over.`;
    case "close":
      return `${cold}, just under the input’s ${ceiling}. A label may be 3 % off: measure before you plug in.`;
    case "inside":
      return `${cold}, under the input’s ${ceiling}.`;
    case "runningOver":
      return `In the cold the array runs at ${amount(r.solvedVmpV, "V")}, over the ${ceiling} the input bears while running: ${overVoltageSentence(r)}`;
    case "insideRunning":
      return `In the cold the array runs at ${amount(r.solvedVmpV, "V")}, under the ${ceiling} the input bears while running; with nothing drawn it stands at ${amount(r.solvedVocV, "V")}.`;
  }
}

function overVoltageSentence({ overVoltage }: Of<"coldVoc">): string {
  switch (overVoltage) {
    case "shutsOut":
      return "the input shuts it out and shows 0 W.";
    case "mayDestroy":
      return "it may destroy the input.";
    case "unknown":
      return "it may destroy the input (its sheet does not say).";
  }
}

function hotVmpSentence(r: Of<"hotVmp">): string {
  const hot = `On a hot roof (cells at ${amount(r.cellTempC, "°C")}) the array runs at ${amount(r.hotVmpV, "V")}`;
  switch (r.outcome) {
    case "neverWakes":
      return `With nothing connected the hot array gives ${amount(r.hotVocV, "V")}; the input needs ${limit(r.wakeV, "V")} to wake. It would show 0 W.`;
    case "below":
      return `${hot}, under the ${limit(r.wakeV, "V")} the input needs: it will sleep or lose power when it is hot.`;
    case "nearFloor":
      return `${hot}, only just over the ${limit(r.wakeV, "V")} the input needs: haze, dirt and age will reach it.`;
    case "littleComfort":
      return `${hot}, over the ${limit(r.wakeV, "V")} the input needs, but only ${amount(r.hotVmpV - (r.batteryV ?? 0), "V")} over the battery: with 20 V it would start earlier on dull mornings.`;
    case "clear":
      return `${hot}, over the ${limit(r.wakeV, "V")} the input needs.`;
  }
}

function currentSentence(r: Of<"current">): string {
  const limit = given(r.running.amps, "A");
  const tiers = r.open !== null && r.open.amps !== r.running.amps ? ` Its running volts (${amount(r.runningV, "V")}) decide the limit, not the ${amount(r.openV, "V")} with nothing connected, where ${given(r.open.amps, "A")} would hold.` : "";
  switch (r.outcome) {
    case "overAbsolute":
      return `Bright sky can push ${amount(r.marginedIscA, "A")} into the input, which must never see more than ${limit}.${tiers}`;
    case "clips":
    case "clipsLittle":
      return `The array can give ${amount(r.iscA, "A")}; the input draws up to ${limit} and leaves the rest: ${percent(r.noonLossPct)} of noon watts.${tiers}`;
    case "within":
      return r.running.nature === "neverExceed"
        ? `Even bright sky (${amount(r.marginedIscA, "A")}) stays under the ${limit} the input must never see.${tiers}`
        : `The input draws up to ${limit}; at noon the array runs inside that (short circuit ${amount(r.iscA, "A")}).${tiers}`;
  }
}

function wattsSentence(r: Of<"watts">): string {
  const limit = given(r.limitW, "W");
  switch (r.outcome) {
    case "overAbsolute":
      return `The panels add up to ${amount(r.labelW, "W")}; the input must never see more than ${limit}.`;
    case "clipsMuch":
    case "clips":
      return `At noon the array could give ${amount(r.noonW, "W")}; the input draws up to ${limit}. A cloudless midsummer month would leave up to ${kwh(r.clippedKwhPerMonth)} (${percent(r.clippedPct)}) on the roof.`;
    case "within":
      return `At noon the array gives ${amount(r.noonW, "W")}; the input takes up to ${limit}. Nothing is left on the roof.`;
  }
}

function kwh(value: number): string {
  return `${value.toFixed(1)}\u00a0kWh`;
}

/** The rule's formula with the plan's own numbers put in, and where it comes from. */
export function whyLines({ reason }: Pick<Finding, "reason">): { readonly lines: readonly string[]; readonly source: string } {
  switch (reason.type) {
    case "coldVoc":
      return {
        lines: [
          `Curve: ${reason.series} in series (volts add), solved at 1000 W/m² and cells at ${given(reason.recordLowC, "°C")} = ${amount(reason.solvedVocV, "V")}`,
          `Coefficient: ${reason.series} × ${given(reason.panelVocV, "V")} × (1 + ${given(reason.tempCoVocPctPerC, "%/°C")} × (${given(reason.recordLowC, "")} − 25) °C) = ${amount(reason.coefficientVocV, "V")}`,
          `Code table: ${reason.series} × ${given(reason.panelVocV, "V")} × ${reason.tableFactor.toFixed(2)} = ${amount(reason.tableVocV, "V")}`,
          reason.basis === "vmp" ? `Running in the cold: ${amount(reason.solvedVmpV, "V")}` : `Ceiling: ${given(reason.ceilingV, "V")}, meant for the volts with nothing connected`,
        ],
        source: "Single-diode curve: De Soto, Klein & Beckman 2006. Table: NEC 690.7(A).",
      };
    case "hotVmp":
      return {
        lines: [
          `Cells: ${given(reason.airTempC, "°C")} air, 1000 W/m² on a mount “${mountWords[reason.mount]}” = ${amount(reason.cellTempC, "°C")}`,
          `Running volts: ${reason.series} in series (volts add), ${given(reason.panelVmpV, "V")} each at 25 °C, solved hot = ${amount(reason.hotVmpV, "V")}`,
          `Needed: ${limit(reason.floorV, "V")} to stay on, ${limit(reason.wakeV, "V")} to wake${reason.batteryV === null ? "" : ` (battery at ${given(reason.batteryV, "V")})`}`,
        ],
        source: "Cell heating: Ross 1976, typical values by mount, about ±15 %.",
      };
    case "current":
      return {
        lines: [
          `Short circuit: ${reason.strings} strings in parallel (amps add) × ${given(reason.panelIscA, "A")} = ${amount(reason.iscA, "A")}`,
          `Bright cloud edges and snow: × 1.25 = ${amount(reason.marginedIscA, "A")}`,
          `Limit while running at ${amount(reason.runningV, "V")}: ${given(reason.running.amps, "A")} from ${limit(reason.running.fromV, "V")} to ${given(reason.running.toV, "V")}, ${reason.running.nature === "neverExceed" ? "never to be exceeded" : "drawn up to, the rest left unused"}`,
        ],
        source: "Factor: NEC 690.8(A)(1). Running point: solved curve at bright noon.",
      };
    case "watts":
      return {
        lines: [
          `Label: ${amount(reason.labelW, "W")}; at bright noon, solved: ${amount(reason.noonW, "W")}; limit ${given(reason.limitW, "W")}`,
          `Longest clear day at ${given(reason.latitudeDeg, "°")} latitude, flat, × 30: ${kwh(reason.clippedKwhPerMonth)} over the limit`,
        ],
        source: "Clear sky: Haurwitz 1945. An upper bound: clouds, dirt and a full battery all lower it.",
      };
    case "systemVoltage":
      return { lines: [`Coldest volts of the string, ${reason.series} in series (volts add): ${amount(reason.solvedVocV, "V")}; on the label: ${given(reason.maxSystemV, "V")}`], source: "Panel label, maximum system voltage." };
    case "noCeiling":
    case "noFloor":
    case "noCurrentLimit":
    case "noWattLimit":
    case "noSystemVoltage":
      return { lines: ["Nothing to compare with: the sheet or label does not say."], source: "" };
  }
}

export function assumptionSentence(assumption: Assumption): string {
  switch (assumption.type) {
    case "recordLow":
      return `record low ${given(assumption.valueC, "°C")}`;
    case "recordHigh":
      return `record high ${given(assumption.valueC, "°C")}`;
    case "latitude":
      return `latitude ${given(assumption.valueDeg, "°")}`;
    case "mount":
      return `mount “${mountWords[assumption.mount]}”`;
    case "noonAir":
      return `air at noon ${given(assumption.valueC, "°C")}`;
    case "labelField":
      return `${labelFieldWords[assumption.field]} ${trueMinus(String(assumption.value))}${assumption.field.startsWith("temp") ? "\u00a0%/°C" : ""}`;
    case "ceilingIsVoc":
      return "“highest volts” means with nothing connected";
    case "overVoltageDestroys":
      return "too many volts may destroy the input";
    case "clearFlatDay":
      return "flat panels, no cloud";
    case "labelOff":
      return `the label contradicts itself; nearest curve is ${percent(assumption.missPct)} off`;
  }
}

const labelFieldWords = {
  tempCoVocPctPerC: "Voc coefficient",
  tempCoIscPctPerC: "Isc coefficient",
  tempCoPmaxPctPerC: "Pmax coefficient",
  cellsInSeries: "cells in series",
  bypassDiodes: "bypass diodes",
} as const;

export function mendSentence(mend: NonNullable<Finding["mend"]>): string {
  return `Wire ${mend.series} in series × ${mend.strings} ${mend.strings === 1 ? "string" : "strings"}`;
}
