import { type TierNature } from "@/core/engine/pv-input";
import { type ColdBy } from "@/core/plan-model";
import { type Reasons, type RuleId } from "@/core/assessment";
import { type UnitSystem } from "@/core/engine/units";

/** A rule's formula with the plan's own numbers put in, and where it comes from. */
export type Why = { readonly lines: readonly string[]; readonly source: string };

/** What a rule is called, and how what it says is put. */
export type RuleWords<Id extends RuleId, R = Reasons[Id]> = {
  readonly title: string;
  /** One sentence: what, the numbers, the limit, what follows. */
  readonly sentence: (reason: R, system: UnitSystem) => string;
  /** Temperatures of cells in °C whatever the switch says, as coefficients are per °C. */
  readonly why: (reason: R, system: UnitSystem) => Why;
};

/** Said where there is no limit to hold anything against. */
export const unknownLimit: Why = {
  lines: ["No limit to compare with: the data sheet or label does not state one."],
  source: "",
};

/** By what volts were reckoned, where it is not the curve. */
export function byWords(by: ColdBy): string {
  switch (by) {
    case "curve":
      return "";
    case "line":
      return " (by the label’s coefficient)";
    case "table":
      return " (by the electrical code’s table)";
  }
}

export function natureWords(nature: TierNature): string {
  if (nature === "unknown") return "not stated whether self-limiting or an absolute maximum";
  return nature === "neverExceed" ? "absolute maximum" : "self-limiting, the rest stays unused";
}
