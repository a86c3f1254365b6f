import { type MismatchReason } from "@/core/wiring/rules";
import { amount, percent } from "../format";
import { sumWords } from "../names";
import { type RuleWords } from "./rule-words";

export const mismatchWords: RuleWords<"mismatch"> = {
  title: "Mismatch of panels and strings",
  sentence(r) {
    return mismatchSentence(r);
  },
  why(r) {
    return {
      lines: [
        ...r.strings
          .slice(0, 6)
          .map(
            (string, k) =>
              `String ${k + 1}: ${sumWords(string.terms, "V")} on the labels; solved at noon ${amount(string.vmpV, "V")} and ${amount(string.impA, "A")}`,
          ),
        `Each panel alone: ${amount(r.panelsW, "W")}; in strings: ${amount(r.stringsW, "W")} (lost in series: ${percent(r.seriesLossPct)}); strings in parallel: ${amount(r.joinedW, "W")} (lost in parallel: ${percent(r.parallelLossPct)})`,
      ],
      source: "From the solved circuit, not from the spread of the labels.",
    };
  },
};

function mismatchSentence(r: MismatchReason): string {
  const apart = `Each at its own best, the panels deliver ${amount(r.panelsW, "W")} at noon; in this wiring ${amount(r.joinedW, "W")}`;
  const where =
    r.seriesLossPct > r.parallelLossPct
      ? "most of it in series, where the lowest current decides"
      : "most of it in parallel, where the lowest voltage decides";
  switch (r.outcome) {
    case "costly":
    case "some":
      return `${apart}: ${percent(r.lossPct)} lost, ${where}.`;
    case "little":
      return `${apart}: only ${percent(r.lossPct)} lost, less than leaving out a panel would cost.`;
    case "equal":
      return "All strings match: nothing is lost in parallel.";
  }
}
