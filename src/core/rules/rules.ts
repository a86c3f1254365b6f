import { coldVocRule } from "./cold-voc";
import { copperRules } from "./copper";
import { currentRule } from "./current";
import { doubtsRule } from "./doubts";
import { fusesRule } from "./fuses";
import { hotVmpRule } from "./hot-vmp";
import { mountRules } from "./mount";
import { mismatchRule } from "./mismatch";
import { mixedStatesRule } from "./mixed-states";
import { pwmLossRule } from "./pwm-loss";
import { reverseRule } from "./reverse";
import { roofRules } from "./roof";
import { type RuleFacts } from "./rule";
import { sharedRule } from "./shared";
import { shelfRule } from "./shelf";
import { systemVoltageRule } from "./system-voltage";
import { wakeRule } from "./wake";
import { wattsRule } from "./watts";

/**
 * Every rule, in the order the ledger shows them. A new one is a file, its words, its test and a line here; or in the list of its
 * folder, where it is one of roof, copper or mount.
 */
export const laneRules = [
  coldVocRule,
  hotVmpRule,
  wakeRule,
  currentRule,
  wattsRule,
  mismatchRule,
  reverseRule,
  fusesRule,
  mixedStatesRule,
  pwmLossRule,
  systemVoltageRule,
  doubtsRule,
] as const;
export const groupRules = [sharedRule] as const;
export const wiringRules = [shelfRule] as const;
export const rules = [
  ...laneRules,
  ...groupRules,
  ...wiringRules,
  ...roofRules,
  ...copperRules,
  ...mountRules,
] as const;

type AnyRule = (typeof rules)[number];
export type RuleId = AnyRule["id"];
/** What each rule says, facts only. */
export type Reasons = { [Rule in AnyRule as Rule["id"]]: SaidBy<NonNullable<ReturnType<Rule["judge"]>>> };
type SaidBy<Answer> = Answer extends readonly { readonly reason: infer R }[]
  ? R
  : Answer extends { readonly reason: infer R }
    ? R
    : never;
export type Reason = Reasons[RuleId];

const byId: ReadonlyMap<string, RuleFacts<RuleId>> = new Map(rules.map((rule) => [rule.id, rule]));

export function ruleOf(id: RuleId): RuleFacts<RuleId> {
  const found = byId.get(id);
  if (found === undefined) throw new Error(`no rule "${id}"`);
  return found;
}
