import { type Assessment } from "@/core/assessment";
import { type Level } from "@/core/checks";
import { type UnitSystem } from "@/core/engine/units";
import { type FoundFault } from "@/core/commissioning";
import { type Plan } from "@/core/plan";
import { counted } from "../format";
import { barSentence, readPlaceName } from "../commissioning/readings";
import { headline, headlined } from "./headline";
import { missingSentence, verdictWords } from "../names";
import { placePrefix } from "../places";

/** A verdict in a word and a sentence; null while it is being worked out. */
export function verdictOf(
  assessment: Assessment | null,
  system: UnitSystem,
): { level: Level; word: string; sentence: string } {
  if (assessment === null) return { level: "open", word: "Calculating…", sentence: "Solving the curves of this plan." };
  const missing = assessment.missing.map(missingSentence).join(" ");
  if (assessment.type === "incomplete") return { level: "open", word: "Not enough information", sentence: missing };
  const { worst: level, findings } = assessment;
  const worst = findings.find((finding) => finding.level === level);
  if (worst === undefined) return { level, word: verdictWords[level], sentence: missing };
  const place = placePrefix(assessment, headlined(findings, worst));
  return { level, word: verdictWords[level], sentence: `${place}${headline(findings, worst, system)}` };
}

/**
 * A verdict with what was read against it: a reading that bars comes before anything that the plan says; readings outside what is
 * expected are never "OK to connect".
 */
export function withFound<V extends { readonly level: Level; readonly word: string; readonly sentence: string }>(
  verdict: V,
  found: FoundFault | null,
  plan: Pick<Plan, "panels">,
): { level: Level; word: string; sentence: string } {
  if (found === null) return verdict;
  if (found.type === "outside") {
    const told = `${counted(found.count, "reading")} of the test ${found.count === 1 ? "is" : "are"} outside the expected range: see Test.`;
    const isWorse = verdict.level === "good" || verdict.level === "note";
    const level = isWorse ? "care" : verdict.level;
    return { level, word: isWorse ? verdictWords[level] : verdict.word, sentence: `${told} ${verdict.sentence}` };
  }
  const told = barSentence(found, readPlaceName(plan, found.place), found.quantity, found.maxV);
  const rest = verdict.level === "stop" ? ` ${verdict.sentence}` : "";
  return { level: "stop", word: verdictWords.stop, sentence: `Test: ${told}${rest}` };
}
