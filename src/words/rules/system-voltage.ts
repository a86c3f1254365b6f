import { amount, given } from "../format";
import { byWords, unknownLimit, type RuleWords } from "./rule-words";

export const systemVoltageWords: RuleWords<"systemVoltage"> = {
  title: "Panel insulation",
  sentence(r) {
    switch (r.type) {
      case "noSystemVoltage":
        return `The label of ${r.panelName} gives no maximum system voltage; its row reaches ${amount(r.judgedV, "V")} in the cold.`;
      case "systemVoltage":
        return r.outcome === "over"
          ? `A row reaches ${amount(r.judgedV, "V")} in the cold${byWords(r.by)}; ${r.panelName} is insulated for ${given(r.maxSystemV, "V")} only.`
          : `No row passes ${amount(r.judgedV, "V")} in the cold; ${r.panelName} is insulated for ${given(r.maxSystemV, "V")}.`;
    }
  },
  why(r) {
    switch (r.type) {
      case "noSystemVoltage":
        return unknownLimit;
      case "systemVoltage": {
        return {
          lines: [
            `Coldest volts of the row with the least to spare, ${r.series} in series (volts add): ${amount(r.judgedV, "V")}; on the label of ${r.panelName}: ${given(r.maxSystemV, "V")}`,
          ],
          source: "Panel label, maximum system voltage.",
        };
      }
    }
  },
};
