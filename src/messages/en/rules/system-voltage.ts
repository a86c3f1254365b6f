import { amount, given } from "../format";
import { byWords, unknownLimit, type RuleWords } from "./rule-words";

export const systemVoltageWords: RuleWords<"systemVoltage"> = {
  title: "Max system voltage",
  sentence(r) {
    switch (r.type) {
      case "noSystemVoltage":
        return `The label of ${r.panelName} gives no max system voltage; its string reaches ${amount(r.judgedV, "V")} in the cold.`;
      case "systemVoltage":
        return r.outcome === "over"
          ? `A string reaches ${amount(r.judgedV, "V")} in the cold${byWords(r.by)}; ${r.panelName} is rated for ${given(r.maxSystemV, "V")} only (max system voltage).`
          : `No string exceeds ${amount(r.judgedV, "V")} in the cold; ${r.panelName} is rated for ${given(r.maxSystemV, "V")} (max system voltage).`;
    }
  },
  why(r) {
    switch (r.type) {
      case "noSystemVoltage":
        return unknownLimit;
      case "systemVoltage": {
        return {
          lines: [
            `Coldest volts of the string with the least to spare, ${r.series} in series (volts add): ${amount(r.judgedV, "V")}; on the label of ${r.panelName}: ${given(r.maxSystemV, "V")}`,
          ],
          source: "Panel label, maximum system voltage.",
        };
      }
    }
  },
};
