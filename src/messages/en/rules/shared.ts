import { sum } from "@/core/engine/numeric";
import { type SharedReason } from "@/core/wiring/rules";
import { amount, given, kwh } from "../format";
import { natureWords, type RuleWords } from "./rule-words";

export const sharedWords: RuleWords<"shared"> = {
  title: "Limit shared by PV inputs",
  sentence(r) {
    return sharedSentence(r);
  },
  why(r) {
    return {
      lines: [
        ...r.ports.map(
          (port) =>
            `${port.name}: ${amount(port.aloneW, "W")} and ${amount(port.aloneA, "A")} alone, ${amount(port.takenW, "W")} together with the others`,
        ),
        `Limit of “${r.groupName}”: ${[r.limitW === null ? null : given(r.limitW, "W"), r.limitA === null ? null : given(r.limitA, "A")].filter((part) => part !== null).join(", ")}, ${natureWords(r.nature)}`,
        `Labels: ${amount(r.dueW, "W")}; Isc × 1.25: ${amount(r.marginedIscA, "A")}`,
      ],
      source:
        "Operating points: solved curves at bright noon. Month: clear sky, Haurwitz 1945; clouds, dirt and a full battery lower it.",
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
      return `${names} together can receive ${r.limitW !== null && r.dueW > r.limitW ? amount(r.dueW, "W") : amount(r.marginedIscA, "A")}; “${r.groupName}” has an absolute maximum of ${most}.`;
    case "clipsMuch":
    case "clips":
      return `At noon ${names} could use ${alone}; together they use at most ${most}, so ${amount(r.lostW, "W")} are clipped${r.clippedKwhPerMonth > 0 ? `: ${kwh(r.clippedKwhPerMonth)} in a cloudless midsummer month` : ""}.`;
    case "within":
      return `At noon ${names} use ${alone}; their shared limit is ${most}.`;
  }
}
