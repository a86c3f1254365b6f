import { type ColdVocReason } from "@/core/wiring/rules";
import { type UnitSystem } from "@/core/engine/units";
import { amount, given, percent } from "../format";
import { sumWords } from "../names";
import { byWords, unknownLimit, type RuleWords } from "./rule-words";

type Main = Extract<ColdVocReason, { type: "coldVoc" }>;

export const coldVocWords: RuleWords<"coldVoc"> = {
  title: "Max array voltage (Voc at the record low)",
  sentence(r, system) {
    switch (r.type) {
      case "noCeiling":
        return `On the coldest dawn Voc is ${amount(r.judgedV, "V")}. What is the PV input’s max PV voltage? Enter it at Controller.`;
      case "coldVoc":
        return coldVocSentence(r, system);
    }
  },
  why(r) {
    switch (r.type) {
      case "noCeiling":
        return unknownLimit;
      case "coldVoc": {
        const volts = sumWords(r.terms, "V");
        const factor = r.terms.length > 1 ? `(${volts})` : volts;
        const coefficients = [...new Set(r.coefficients)]
          .map((each) => given(Number(each.toPrecision(4)), "%/°C"))
          .join(", ");
        return {
          lines: [
            `Curve: ${volts} in series (volts add), solved at 1000 W/m² and cells at ${given(r.recordLowC, "°C")} = ${amount(r.curveV, "V")}`,
            ...(r.curveV > 1.005 * r.joinedVocV
              ? [
                  `All strings together: ${amount(r.joinedVocV, "V")}; but each string alone must be below the limit, in case the others are unplugged`,
                ]
              : []),
            `Coefficient: ${factor} × (1 + ${coefficients} × (${given(r.recordLowC, "")} − 25) °C) = ${amount(r.lineV, "V")}`,
            r.withFilm
              ? `Code table: × ${r.tableFactor.toFixed(2)} for crystalline silicon only; thin film counts with its own volts: ${amount(r.tableV, "V")}`
              : `Code table: ${factor} × ${r.tableFactor.toFixed(2)} = ${amount(r.tableV, "V")}`,
            r.basis === "vmp"
              ? `Operating voltage in the cold, the higher of curve and coefficient: ${amount(r.judgedV, "V")}`
              : `Compared with the limit: ${amount(r.judgedV, "V")}, the highest of these; the table only where a label states no coefficient`,
          ],
          source: "Single-diode curve: De Soto, Klein & Beckman 2006. Table: NEC 690.7(A).",
        };
      }
    }
  },
};

function coldVocSentence(r: Main, system: UnitSystem): string {
  const part =
    r.judgedV > 1.003 * r.joinedVocV && r.by === "curve"
      ? "Voc of the string with the highest voltage"
      : "Voc of this array";
  const cold = `At ${given(r.recordLowC, "°C", system)} ${part} is ${amount(r.judgedV, "V")}${byWords(r.by)}`;
  const running = `At ${given(r.recordLowC, "°C", system)} the operating voltage is at most ${amount(r.judgedV, "V")}`;
  const ceiling = given(r.ceilingV, "V");
  switch (r.outcome) {
    case "over":
      return `${cold}, ${percent(100 * (r.judgedV / r.ceilingV - 1))} above the max PV voltage of ${ceiling}: ${overVoltageSentence(r)}${r.labelV > r.ceilingV ? ` Even at 25\u00a0°C the labels’ Voc add up to ${amount(r.labelV, "V")}.` : ""}`;
    case "tableOver":
      return `${cold}, below the max PV voltage of ${ceiling} by calculation, but the electrical code’s table gives ${amount(r.tableV, "V")}, which is above it.`;
    case "close":
      return `${cold}, less than 3 % below the max PV voltage of ${ceiling}. Labels are accurate to 3 %: measure before you plug in.`;
    case "inside":
      return `${cold}, below the max PV voltage of ${ceiling}.`;
    case "runningOver":
      return `${running}, above the max PV voltage of ${ceiling}, which this data sheet states for the operating voltage: ${overVoltageSentence(r)}`;
    case "insideRunning":
      return `${running}, below the max PV voltage of ${ceiling}, which this data sheet states for the operating voltage; Voc is ${amount(r.openV, "V")}.`;
  }
}

function overVoltageSentence({ overVoltage }: Main): string {
  switch (overVoltage) {
    case "shutsOut":
      return "the controller switches off and shows 0 W.";
    case "mayDestroy":
      return "it can destroy the controller.";
    case "unknown":
      return "it can destroy the controller (the data sheet does not say).";
  }
}
