import { doubtAssumed, type LaneContext } from "../plan-model";
import { type RuleOutcome } from "../checks";
import { laneRules, type Reason, type RuleId } from "./rules";

/** What a rule says, with its name. */
export type RuleResult = RuleOutcome<Reason> & { readonly rule: RuleId };

/** Every rule of a lane. */
export function judgeLane(context: LaneContext): RuleResult[] {
  const inDoubt = doubtAssumed(context);
  const found = laneRules.flatMap(({ id, judge }): RuleResult[] => {
    const judged = judge(context);
    return judged === null ? [] : [{ ...judged, rule: id }];
  });
  // a doubt stands in every line that rests on the label
  return inDoubt.length === 0
    ? found
    : found.map((told) => (told.rule === "label" ? told : { ...told, assumptions: [...told.assumptions, ...inDoubt] }));
}
