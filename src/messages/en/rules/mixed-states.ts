import { type MixedReason } from "@/core/wiring/rules";
import { amount, counted, percent } from "../format";
import { type RuleWords } from "./rule-words";

export const mixedStatesWords: RuleWords<"mixedStates"> = {
  title: "Panels in different light",
  sentence(r) {
    return mixedSentence(r);
  },
  why(r) {
    return {
      lines: [
        `Each panel alone in its own light: ${amount(r.panelsW, "W")}; in this wiring: ${amount(r.joinedW, "W")}; lost: ${percent(r.lossPct)}`,
        ...(r.trappedW === null ? [] : [`A simple tracker, starting from Voc, stays at ${amount(r.trappedW, "W")}`]),
      ],
      source: "From the solved circuit at bright noon, with bypass diodes.",
    };
  },
};

function mixedSentence(r: MixedReason): string {
  const who = [
    r.stowed > 0 ? `${r.stowed} stowed` : null,
    r.shaded > 0 ? `${r.shaded} shaded` : null,
    r.tilted > 0 ? `${r.tilted} tilted differently` : null,
  ]
    .filter((part) => part !== null)
    .join(", ");
  const of = `${who} of ${counted(r.panels, "panel")} on this PV input`;
  switch (r.outcome) {
    case "trapped":
      return `${of}: the curve has more than one peak, and a simple tracker stays at ${amount(r.trappedW ?? 0, "W")} although ${amount(r.joinedW, "W")} is possible.`;
    case "costly":
    case "some":
      return r.lossPct < 0.05
        ? `${of}: they deliver less, but do not reduce the others.`
        : `${of}: each alone in its light, they could deliver ${amount(r.panelsW, "W")}; in this wiring ${amount(r.joinedW, "W")}: ${percent(r.lossPct)} lost by sharing a PV input.`;
  }
}
