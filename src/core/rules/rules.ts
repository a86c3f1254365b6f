import { coldVoc } from "./cold-voc";
import { doubtAssumed, type LaneContext } from "./context";
import { current } from "./current";
import { doubts } from "./doubts";
import { type Judged, type RuleId } from "./finding";
import { fuses } from "./fuses";
import { hotVmp } from "./hot-vmp";
import { mismatch } from "./mismatch";
import { mixedStates } from "./mixed-states";
import { pwmLoss } from "./pwm-loss";
import { reverse } from "./reverse";
import { systemVoltage } from "./system-voltage";
import { wake } from "./wake";
import { watts } from "./watts";

/** A rule judges a lane, or answers null where it does not apply; what would mend it is found by trying, in core/finder. */
export type Rule = { readonly id: RuleId; readonly judge: (context: LaneContext) => Judged | null };

/** Every rule of a lane, in the order the ledger shows them. A new rule is a file, its test and a line here. */
export const rules: readonly Rule[] = [
  { id: "coldVoc", judge: coldVoc },
  { id: "hotVmp", judge: hotVmp },
  { id: "wake", judge: wake },
  { id: "current", judge: current },
  { id: "watts", judge: watts },
  { id: "mismatch", judge: mismatch },
  { id: "reverse", judge: reverse },
  { id: "fuses", judge: fuses },
  { id: "mixedStates", judge: mixedStates },
  { id: "pwmLoss", judge: pwmLoss },
  { id: "systemVoltage", judge: systemVoltage },
  { id: "label", judge: doubts },
];

export function judgeLane(context: LaneContext): Judged[] {
  const inDoubt = doubtAssumed(context);
  const found = rules.flatMap((rule) => rule.judge(context) ?? []);
  // a doubt stands in every line that rests on the label
  return inDoubt.length === 0
    ? found
    : found.map((judged) =>
        judged.rule === "label" ? judged : { ...judged, assumptions: [...judged.assumptions, ...inDoubt] },
      );
}
