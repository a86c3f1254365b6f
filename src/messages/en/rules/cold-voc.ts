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
        return `On the coldest dawn this array reaches ${amount(r.judgedV, "V")}. What is the input’s max PV voltage? Enter it at Controller.`;
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
                  `All strings joined ${amount(r.joinedVocV, "V")}; but every part must stay below the limit alone, in case the others are unplugged`,
                ]
              : []),
            `Coefficient: ${factor} × (1 + ${coefficients} × (${given(r.recordLowC, "")} − 25) °C) = ${amount(r.lineV, "V")}`,
            r.withFilm
              ? `Code table: × ${r.tableFactor.toFixed(2)} for crystalline silicon only; thin film counts with its own volts: ${amount(r.tableV, "V")}`
              : `Code table: ${factor} × ${r.tableFactor.toFixed(2)} = ${amount(r.tableV, "V")}`,
            r.basis === "vmp"
              ? `Running in the cold, by curve and coefficient the more: ${amount(r.judgedV, "V")}`
              : `Judged: ${amount(r.judgedV, "V")}, the most of them; the table where a label states no coefficient`,
          ],
          source: "Single-diode curve: De Soto, Klein & Beckman 2006. Table: NEC 690.7(A).",
        };
      }
    }
  },
};

function coldVocSentence(r: Main, system: UnitSystem): string {
  const part =
    r.judgedV > 1.003 * r.joinedVocV && r.by === "curve" ? "the string with the most volts alone" : "this array";
  const cold = `At ${given(r.recordLowC, "°C", system)} ${part} reaches ${amount(r.judgedV, "V")}${byWords(r.by)}`;
  const running = `At ${given(r.recordLowC, "°C", system)} the array runs at up to ${amount(r.judgedV, "V")}`;
  const ceiling = given(r.ceilingV, "V");
  switch (r.outcome) {
    case "over":
      return `${cold}, ${percent(100 * (r.judgedV / r.ceilingV - 1))} over the input’s ${ceiling}: ${overVoltageSentence(r)}${r.labelV > r.ceilingV ? ` Even at 25\u00a0°C the labels add up to ${amount(r.labelV, "V")}.` : ""}`;
    case "tableOver":
      return `${cold}, under the input’s ${ceiling} by calculation, but the code’s table gives ${amount(r.tableV, "V")}, which is over.`;
    case "close":
      return `${cold}, just under the input’s ${ceiling}. A label may be 3 % off: measure before you plug in.`;
    case "inside":
      return `${cold}, under the input’s ${ceiling}.`;
    case "runningOver":
      return `${running}, over the input’s max PV voltage of ${ceiling}, which it states for operating voltage: ${overVoltageSentence(r)}`;
    case "insideRunning":
      return `${running}, under the input’s max PV voltage of ${ceiling}, which it states for operating voltage; open-circuit voltage is ${amount(r.openV, "V")}.`;
  }
}

function overVoltageSentence({ overVoltage }: Main): string {
  switch (overVoltage) {
    case "shutsOut":
      return "the input switches off and shows 0 W.";
    case "mayDestroy":
      return "it may destroy the input.";
    case "unknown":
      return "it may destroy the input (its sheet does not say).";
  }
}
