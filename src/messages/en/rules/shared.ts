import { sum } from "@/core/engine/numeric";
import { type SharedReason } from "@/core/wiring/rules";
import { amount, given, kwh } from "../format";
import { natureWords, type RuleWords } from "./rule-words";

export const sharedWords: RuleWords<"shared"> = {
  title: "Watts shared by ports",
  sentence(r) {
    return sharedSentence(r);
  },
  why(r) {
    return {
      lines: [
        ...r.ports.map(
          (port) =>
            `${port.name}: ${amount(port.aloneW, "W")} and ${amount(port.aloneA, "A")} alone, ${amount(port.takenW, "W")} when they share`,
        ),
        `Limit of “${r.groupName}”: ${[r.limitW === null ? null : given(r.limitW, "W"), r.limitA === null ? null : given(r.limitA, "A")].filter((part) => part !== null).join(", ")}, ${natureWords(r.nature)}`,
        `Labels: ${amount(r.dueW, "W")}; short circuit × 1.25: ${amount(r.marginedIscA, "A")}`,
      ],
      source:
        "Running points: solved curves at bright noon. Month: clear sky, Haurwitz 1945; clouds, dirt and a full battery lower it.",
    };
  },
};

function sharedSentence(r: SharedReason): string {
  const names = r.ports.map(({ name }) => name).join(" and ");
  const most = [r.limitW === null ? null : given(r.limitW, "W"), r.limitA === null ? null : given(r.limitA, "A")]
    .filter((part) => part !== null)
    .join(" and ");
  const alone = `${amount(sum(r.ports.map((port) => port.aloneW)), "W")}${r.limitA === null ? "" : ` at ${amount(sum(r.ports.map((port) => port.aloneA)), "A")}`}`;
  switch (r.outcome) {
    case "overAbsolute":
      return `${names} together could get ${r.limitW !== null && r.dueW > r.limitW ? amount(r.dueW, "W") : amount(r.marginedIscA, "A")}; “${r.groupName}” must never get more than ${most}.`;
    case "clipsMuch":
    case "clips":
      return `At noon ${names} would take ${alone}; together they draw up to ${most}, so ${amount(r.lostW, "W")} stay on the roof${r.clippedKwhPerMonth > 0 ? `: ${kwh(r.clippedKwhPerMonth)} in a cloudless midsummer month` : ""}.`;
    case "within":
      return `At noon ${names} take ${alone}; together they may draw up to ${most}.`;
  }
}
