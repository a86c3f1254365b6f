import { coldVocRule } from "./cold-voc";
import { currentRule } from "./current";
import { hotVmpRule } from "./hot-vmp";
import { mismatchRule } from "./mismatch";
import { mixedStatesRule } from "./mixed-states";
import { pwmLossRule } from "./pwm-loss";
import { reverseRule } from "./reverse";
import { sharedRule } from "./shared";
import { shelfRule } from "./shelf";
import { systemVoltageRule } from "./system-voltage";
import { wakeRule } from "./wake";
import { wattsRule } from "./watts";

/** Rules of what is wired to one PV input, in the order in which they are shown: a new one is a line here. */
export const limitRules = [
  coldVocRule,
  hotVmpRule,
  wakeRule,
  currentRule,
  wattsRule,
  mismatchRule,
  reverseRule,
] as const;
/** The same, shown after the fuses. */
export const lossRules = [mixedStatesRule, pwmLossRule, systemVoltageRule] as const;
/** Of PV inputs that share a limit; of a whole wiring. */
export const groupRules = [sharedRule] as const;
export const wiringRules = [shelfRule] as const;
