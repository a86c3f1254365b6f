import { type Assessment, type Level } from "@/core/rules";
import { type UnitSystem } from "@/core/units";
import { headline, headlined } from "./headline";
import { missingSentence, verdictWords } from "./names";
import { placePrefix } from "./places";

/** A verdict in a word and a sentence; null while it is being worked out. */
export function verdictOf(
  assessment: Assessment | null,
  system: UnitSystem,
): { level: Level; word: string; sentence: string } {
  if (assessment === null) return { level: "open", word: "Judging…", sentence: "Solving the curves of this plan." };
  const missing = assessment.missing.map(missingSentence).join(" ");
  if (assessment.type === "incomplete") return { level: "open", word: "Not judged yet", sentence: missing };
  const { worst: level, findings } = assessment;
  const worst = findings.find((finding) => finding.level === level);
  if (worst === undefined) return { level, word: verdictWords[level], sentence: missing };
  const place = placePrefix(assessment, headlined(findings, worst));
  return { level, word: verdictWords[level], sentence: `${place}${headline(findings, worst, system)}` };
}
