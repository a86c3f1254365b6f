import { counted } from "../format";

export const ledgerTexts = {
  searchingForAFix: (tried: number) =>
    tried > 0 ? `Searching for a fix (${counted(tried, "wiring")} tried)…` : "Searching for a fix…",
  checking: "Checking…",
  checks: "Checks",
  atName: (name: string) => `At ${name}`,
  fold: (isOpen: boolean, ok: number) =>
    `${isOpen ? "Hide" : "Show"} ${ok === 1 ? "1 check that is OK" : `${ok} checks that are OK`}`,
  why: "Why?",
  fixWords: (words: string) => `Fix: ${words}`,
  assumed: "Assumed:",
  ofValue: (value: string) => ` of ${value}`,
  lost: " lost",
};

export const checksPanelTexts = {
  checks: "Checks",
  checksEveryRuleWithItsValueAnd: "Checks: every rule with its value and limit",
  closeChecks: "Close checks",
  showMore: "Show more",
  showHalf: "Show half",
};

export const marginBarTexts = {
  aboveTheMinimum: "above the minimum",
  belowTheMinimum: "below the minimum",
  moreThanTheInputUses: "more than the input uses",
  aboveTheLimit: "above the limit",
};

export const stepFindingsTexts = {
  calculating: "Calculating…",
  noProblemsFoundOnThisStepWith: "No problems found on this step with what has been entered.",
  findingsOnThisStep: "Findings on this step",
  okCountMoreAreOkSeeChecks: (okCount: number) => `${okCount} more are OK: see Checks.`,
};

export const natureAnswersTexts = {
  whichKindOfLimit: "Which kind of limit is it?",
  selfLimiting: "It limits itself",
  neverExceed: "Never exceed",
};

export const recordAnswersTexts = {
  question: "What is the coldest air ever recorded where the panels will be?",
};

export const verdictStripTexts = {
  fix: (words: string) => `Fix: ${words}`,
  verdict: "Verdict",
  checks: "Checks",
  missing: (count: number) => `${count} missing`,
  stops: (count: number) => counted(count, "Stop"),
  cautions: (count: number) => counted(count, "Caution"),
  notes: (count: number) => counted(count, "Note"),
};

export const fixesTexts = {
  theWiringHasChangedInTheMeantime: "The wiring has changed in the meantime. Look at the fixes that Checks offers now.",
  fixAppliedUndoRevertsIt: "Fix applied. Undo reverts it.",
  checksHasNoFixToOfferNow: "Checks has no fix to offer now.",
};
