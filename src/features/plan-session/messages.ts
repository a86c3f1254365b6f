import { type StepState } from "./step-module";

export const stepStateWords: Readonly<Record<StepState, string>> = {
  empty: "empty",
  question: "question open",
  ready: "ready",
  care: "care needed",
  stopFound: "Stop found",
  notes: "has notes",
};

const pathWords: readonly (readonly [RegExp, string])[] = [
  [/^name$/, "the plan's name"],
  [/^site\./, "the site"],
  [/^panels/, "a panel's label"],
  [/^inputs/, "an input"],
  [/^wirings/, "the wiring"],
  [/^notes\.(\w+)/, "notes"],
];

/** Document paths as the things they are, each named once. */
export function changedWords(changed: readonly string[] | null): string {
  if (changed === null || changed.length === 0) return "something in it";
  const words = changed.map((path) => pathWords.find(([pattern]) => pattern.test(path))?.[1] ?? path);
  return [...new Set(words)].join(", ");
}
