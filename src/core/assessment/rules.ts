import { type RuleFacts } from "../checks";
import { roofRules } from "../layout/rules";
import { mountRules } from "../mounting/rules";
import { doubtsRule } from "../panels/rules";
import { copperRules, fusesRule } from "../protection/rules";
import { groupRules, limitRules, lossRules, wiringRules } from "../wiring/rules";

/** Every rule, in the order in which they are shown. A new one is a file, its words, its test and a line in the list of its room (`rules.ts`). */
export const portArrayRules = [...limitRules, fusesRule, ...lossRules, doubtsRule] as const;
export { groupRules, wiringRules };
export const rules = [
  ...portArrayRules,
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
