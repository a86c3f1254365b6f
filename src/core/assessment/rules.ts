import { coldVocRule } from "../wiring/rules";
import { copperRules } from "../protection/rules";
import { currentRule } from "../wiring/rules";
import { doubtsRule } from "../panels/rules";
import { fusesRule } from "../protection/rules";
import { hotVmpRule } from "../wiring/rules";
import { mountRules } from "../mounting/rules";
import { mismatchRule } from "../wiring/rules";
import { mixedStatesRule } from "../wiring/rules";
import { pwmLossRule } from "../wiring/rules";
import { reverseRule } from "../wiring/rules";
import { roofRules } from "../layout/rules";
import { type RuleFacts } from "../checks";
import { sharedRule } from "../wiring/rules";
import { shelfRule } from "../wiring/rules";
import { systemVoltageRule } from "../wiring/rules";
import { wakeRule } from "../wiring/rules";
import { wattsRule } from "../wiring/rules";

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
