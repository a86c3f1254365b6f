import { type MixedReason } from "@/core/wiring/rules";
import { amount, counted, percent } from "../format";
import { type RuleWords } from "./rule-words";

export const mixedStatesWords: RuleWords<"mixedStates"> = {
  title: "Panels that stand differently",
  sentence(r) {
    return mixedSentence(r);
  },
  why(r) {
    return {
      lines: [
        `Each panel alone in its own light: ${amount(r.panelsW, "W")}; joined: ${amount(r.joinedW, "W")}; lost: ${percent(r.lossPct)}`,
        ...(r.trappedW === null
          ? []
          : [`A tracker that climbs down from open circuit ends at ${amount(r.trappedW, "W")}`]),
      ],
      source: "By the solved net at bright noon, with bypass diodes.",
    };
  },
};

function mixedSentence(r: MixedReason): string {
  const who = [
    r.stowed > 0 ? `${r.stowed} stowed` : null,
    r.shaded > 0 ? `${r.shaded} shaded` : null,
    r.tilted > 0 ? `${r.tilted} tilted otherwise` : null,
  ]
    .filter((part) => part !== null)
    .join(", ");
  const of = `${who} of ${counted(r.panels, "panel")} on this port`;
  switch (r.outcome) {
    case "trapped":
      return `${of}: the curve has more than one peak, and a tracker that only climbs stops at ${amount(r.trappedW ?? 0, "W")} where ${amount(r.joinedW, "W")} could be had.`;
    case "costly":
    case "some":
      return r.lossPct < 0.05
        ? `${of}: they give less by themselves, but cost the others nothing.`
        : `${of}: in their light they could give ${amount(r.panelsW, "W")} apart, joined ${amount(r.joinedW, "W")}: ${percent(r.lossPct)} lost by sharing a port.`;
  }
}
