import { doubtAssumed, type PortArrayContext } from "../plan-model";
import { type RuleOutcome } from "../checks";
import { portArrayRules, type Reason, type RuleId } from "./rules";

/** What a rule says, with its name. */
export type RuleResult = RuleOutcome<Reason> & { readonly rule: RuleId };

/** Every rule of a port array. */
export function judgePortArray(context: PortArrayContext): RuleResult[] {
  const inDoubt = doubtAssumed(context);
  const found = portArrayRules.flatMap(({ id, judge }): RuleResult[] => {
    const judged = judge(context);
    return judged === null ? [] : [{ ...judged, rule: id }];
  });
  // a doubt stands in every line that rests on the label
  return inDoubt.length === 0
    ? found
    : found.map((told) => (told.rule === "label" ? told : { ...told, assumptions: [...told.assumptions, ...inDoubt] }));
}
