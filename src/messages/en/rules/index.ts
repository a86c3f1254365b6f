import { type Finding, type RuleId } from "@/core/assessment";
import { type UnitSystem } from "@/core/engine/units";
import * as all from "./all";
import { type RuleWords, type Why } from "./rule-words";

/** The words of every rule, each under its id: one that is missing does not compile. */
const words: { readonly [Id in RuleId as `${Id}Words`]: RuleWords<Id> } = all;

/** A finding's words; that its reason is of its rule is so by how findings are made. */
function wordsOf(rule: RuleId): RuleWords<RuleId, unknown> {
  return words[`${rule}Words`] as RuleWords<RuleId, unknown>;
}

export function ruleTitle(rule: RuleId): string {
  return wordsOf(rule).title;
}

/** One sentence for a finding. */
export function findingSentence({ rule, reason }: Pick<Finding, "rule" | "reason">, system: UnitSystem): string {
  return wordsOf(rule).sentence(reason, system);
}

export function whyLines({ rule, reason }: Pick<Finding, "rule" | "reason">, system: UnitSystem): Why {
  return wordsOf(rule).why(reason, system);
}
