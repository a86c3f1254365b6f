import { type MismatchReason } from "@/core/wiring/rules";
import { amount, percent } from "../format";
import { sumWords } from "../names";
import { type RuleWords } from "./rule-words";

export const mismatchWords: RuleWords<"mismatch"> = {
  title: "Unequal panels and rows",
  sentence(r) {
    return mismatchSentence(r);
  },
  why(r) {
    return {
      lines: [
        ...r.rows
          .slice(0, 6)
          .map(
            (row, k) =>
              `Row ${k + 1}: ${sumWords(row.terms, "V")} on the labels; solved at noon ${amount(row.vmpV, "V")} and ${amount(row.impA, "A")}`,
          ),
        `Panels each alone ${amount(r.panelsW, "W")} → in rows ${amount(r.rowsW, "W")} (series: ${percent(r.seriesLossPct)}) → rows joined ${amount(r.joinedW, "W")} (parallel: ${percent(r.parallelLossPct)})`,
      ],
      source: "By the solved net, not by the spread of the labels.",
    };
  },
};

function mismatchSentence(r: MismatchReason): string {
  const apart = `Each at its own best the panels give ${amount(r.panelsW, "W")} at noon, joined like this ${amount(r.joinedW, "W")}`;
  const where =
    r.seriesLossPct > r.parallelLossPct
      ? "most of it in series, where the weakest current rules"
      : "most of it in parallel, where the lowest volts drag";
  switch (r.outcome) {
    case "costly":
    case "some":
      return `${apart}: ${percent(r.lossPct)} lost, ${where}.`;
    case "little":
      return `${apart}: only ${percent(r.lossPct)} lost, less than leaving a panel out would cost.`;
    case "equal":
      return "All rows match: nothing is lost by joining them.";
  }
}
