import { amount, given } from "../format";
import { byWords, unknownLimit, type RuleWords } from "./rule-words";

export const systemVoltageWords: RuleWords<"systemVoltage"> = {
  title: "Max system voltage",
  sentence(r) {
    switch (r.type) {
      case "noSystemVoltage":
        return `The label of ${r.panelName} states no max system voltage; Voc of its string at the record low is ${amount(r.judgedV, "V")}.`;
      case "systemVoltage":
        return r.outcome === "over"
          ? `Voc of a string at the record low is ${amount(r.judgedV, "V")}${byWords(r.by)}, above the max system voltage of ${r.panelName}, ${given(r.maxSystemV, "V")}.`
          : `Voc of each string at the record low is at most ${amount(r.judgedV, "V")}, below the max system voltage of ${r.panelName}, ${given(r.maxSystemV, "V")}.`;
    }
  },
  why(r) {
    switch (r.type) {
      case "noSystemVoltage":
        return unknownLimit;
      case "systemVoltage": {
        return {
          lines: [
            `Voc at the record low of the string with the smallest margin, ${r.series} in series (volts add): ${amount(r.judgedV, "V")}; on the label of ${r.panelName}: ${given(r.maxSystemV, "V")}`,
          ],
          source: "Panel label, maximum system voltage.",
        };
      }
    }
  },
};
