import { type Plan } from "@/core/plan";
import { fitLabel, type LabelFit, type PanelLabel } from "@/core/panel";
import { assess, type Assessment } from "@/core/rules";

/** Labels whose fits are kept: more than anyone has kinds of panel open at once. */
const keptFits = 64;

/**
 * An assess() that remembers: the last plan by identity, and fits by what the label says, so that an
 * edit elsewhere in the plan never fits a label again.
 */
export function createAssessor(): (plan: Plan, wiringId: string) => Assessment {
  const fits = new Map<string, LabelFit>();
  let last: { plan: Plan; wiringId: string; assessment: Assessment } | null = null;

  const fit = (label: PanelLabel): LabelFit => {
    const key = JSON.stringify(label);
    const known = fits.get(key);
    if (known !== undefined) return known;
    const fresh = fitLabel(label);
    if (fits.size >= keptFits) fits.clear();
    fits.set(key, fresh);
    return fresh;
  };

  return (plan, wiringId) => {
    if (last !== null && last.plan === plan && last.wiringId === wiringId) return last.assessment;
    const assessment = assess(plan, wiringId, fit);
    last = { plan, wiringId, assessment };
    return assessment;
  };
}
