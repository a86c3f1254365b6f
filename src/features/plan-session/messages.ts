import { type StepState } from "./step-module";
import { messagesTexts } from "@/messages/en/plan-session/view";

export const stepStateWords: Readonly<Record<StepState, string>> = {
  empty: messagesTexts.empty,
  question: messagesTexts.missing,
  ready: messagesTexts.ready,
  care: messagesTexts.caution,
  stopFound: "Stop found",
  notes: messagesTexts.hasNotes,
};

const pathWords: readonly (readonly [RegExp, string])[] = [
  [/^name$/, messagesTexts.thePlansName],
  [/^site\./, messagesTexts.theLocation],
  [/^panels/, messagesTexts.aLabel],
  [/^inputs/, messagesTexts.aController],
  [/^wirings/, messagesTexts.theWiring],
  [/^notes\.(\w+)/, messagesTexts.notes],
];

/** Document paths as the things they are, each named once. */
export function changedWords(changed: readonly string[] | null): string {
  if (changed === null || changed.length === 0) return messagesTexts.somethingInIt;
  const words = changed.map((path) => pathWords.find(([pattern]) => pattern.test(path))?.[1] ?? path);
  return [...new Set(words)].join(", ");
}
