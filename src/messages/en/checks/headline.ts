import { type Finding, type RuleId } from "@/core/assessment";
import { type Subject } from "@/core/checks";
import { type UnitSystem } from "@/core/engine/units";
import { amount, limit } from "../format";
import { findingSentence } from "../rules";

/** What decides whether something may be connected, in the order it is asked. */
const deciding: readonly RuleId[] = ["coldVoc", "current", "watts"];

/** The worst finding in a sentence; where all is well, the volts, amps and watts of the port with the least room. */
export function headline(findings: readonly Finding[], worst: Finding, system: UnitSystem): string {
  if (worst.level !== "note" && worst.level !== "good")
    return `${findingSentence(worst, system)}${assumedWords(worst)}`;
  const about = headlined(findings, worst);
  const there = findings.filter((each) => isLimit(each) && placeOf(each.subject) === placeOf(about.subject));
  return there.length === 0 ? findingSentence(worst, system) : `${there.map(limitWords).join(", ")}.`;
}

/** The finding the headline is about. */
export function headlined(findings: readonly Finding[], worst: Finding): Finding {
  if (worst.level !== "note" && worst.level !== "good") return worst;
  const limits = findings.filter(isLimit);
  return limits.reduce(
    (least, each) => ((each.marginPct ?? 100) < (least.marginPct ?? 100) ? each : least),
    limits[0] ?? worst,
  );
}

function isLimit({ rule, limit: stated }: Finding): boolean {
  return deciding.includes(rule) && stated !== null;
}

/** What was judged against its limit: "Voc 40.8 V (max 73 V)"; watts that a self-limiting input leaves are told as left. */
function limitWords({ reason, value, limit: stated }: Finding): string {
  if (value === null || stated === null) return "";
  const [is, most] = [amount(value.value, value.unit), `(max ${limit(stated.value, stated.unit)})`];
  switch (reason.type) {
    case "coldVoc":
      return `${reason.basis === "vmp" ? "Coldest operating voltage" : "Voc on the coldest dawn"} ${is} ${most}`;
    case "current":
      return `Isc${value.value > 1.001 * reason.iscA ? " × 1.25" : ""} ${is} ${value.value > stated.value ? `(${limit(stated.value, "A")} used, the rest is clipped)` : most}`;
    case "watts":
      return value.value > stated.value
        ? `at noon ${limit(stated.value, "W")} of ${is}, the rest is clipped`
        : `at noon ${is} ${most}`;
    default:
      return `${is} ${most}`;
  }
}

function assumedWords({ assumptions }: Finding): string {
  return assumptions.some(({ type }) => type === "recordLow")
    ? " The record low is assumed: enter yours at Need, Location."
    : "";
}

function placeOf(subject: Subject): string {
  return JSON.stringify(subject);
}
