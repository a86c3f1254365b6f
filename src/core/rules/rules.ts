import { coldVoc } from "./cold-voc";
import { type RuleContext } from "./context";
import { current } from "./current";
import { type Finding, type RuleId } from "./finding";
import { hotVmp } from "./hot-vmp";
import { systemVoltage } from "./system-voltage";
import { watts } from "./watts";

/** A rule judges a context; what would mend it is found by trying, in mend.ts. */
export type Rule = { readonly id: RuleId; readonly judge: (context: RuleContext) => Omit<Finding, "mend"> };

/** Every rule, in the order the ledger shows them. A new rule is a file, its test and a line here. */
export const rules: readonly Rule[] = [
  { id: "coldVoc", judge: coldVoc },
  { id: "hotVmp", judge: hotVmp },
  { id: "current", judge: current },
  { id: "watts", judge: watts },
  { id: "systemVoltage", judge: systemVoltage },
];

export function judgeAll(context: RuleContext): Omit<Finding, "mend">[] {
  return rules.map((rule) => rule.judge(context));
}
