import { type RuleWords } from "./rule-words";

export const shelfWords: RuleWords<"shelf"> = {
  title: "Panels on the shelf",
  sentence(r) {
    return `${r.panels.map(({ panelName, count }) => `${count} × ${panelName}`).join(", ")} on the shelf, and nothing is wired to ${r.portName}.`;
  },
  why() {
    return {
      lines: ["Panels of the plan that this wiring does not use, and PV inputs without a string."],
      source: "",
    };
  },
};
