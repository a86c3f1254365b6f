import { doubtSentence, readingSentence } from "../panels/labels";
import { type RuleWords } from "./rule-words";

export const labelWords: RuleWords<"label"> = {
  title: "Labels in doubt",
  sentence(r) {
    return r.panels
      .map(
        ({ panelName, doubts, reading }) =>
          `The label of “${panelName}” is in doubt: ${doubts.map(doubtSentence).join(" ")}${reading === null ? "" : ` ${readingSentence(reading.patch, reading.how)}`}`,
      )
      .join(" ");
  },
  why() {
    return {
      lines: ["Each label is checked against itself: watts, volts, amps, cells, size and coefficients."],
      source: "Typical ranges of panels.",
    };
  },
};
