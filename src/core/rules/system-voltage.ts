import { type RuleContext, labelAssumed, siteAssumed } from "./context";
import { type Finding } from "./finding";

/** Rule 6: a panel's insulation is rated for the coldest open-circuit volts of its whole string. */
export function systemVoltage(context: RuleContext): Omit<Finding, "mend"> {
  const solvedVocV = context.skies.coldDawn.array.vocV;
  const { maxSystemV } = context.fit.label;
  const assumptions = [...siteAssumed(context, "recordLow"), ...labelAssumed(context, "tempCoVocPctPerC")];
  const value = { value: solvedVocV, unit: "V" } as const;
  if (maxSystemV === null) {
    return { rule: "systemVoltage", level: "note", value, limit: null, marginPct: null, assumptions, reason: { type: "noSystemVoltage", solvedVocV } };
  }
  const over = solvedVocV > maxSystemV;
  return {
    rule: "systemVoltage",
    level: over ? "stop" : "good",
    value,
    limit: { value: maxSystemV, unit: "V" },
    marginPct: 100 * (1 - solvedVocV / maxSystemV),
    assumptions,
    reason: { type: "systemVoltage", outcome: over ? "over" : "inside", solvedVocV, maxSystemV, series: context.series },
  };
}
