import { type Finding, type Reasons, type RuleId } from "@/core/rules";
import { type UnitSystem } from "@/core/units";
import { coldVocWords } from "./cold-voc";
import { cableAmpsWords, cableDropWords, guardsWords, plugsWords, shockWords } from "./copper";
import { currentWords } from "./current";
import { fusesWords } from "./fuses";
import { hotVmpWords } from "./hot-vmp";
import { labelWords } from "./label";
import {
  gatesWords,
  glueHeatWords,
  heatKindWords,
  holdWords,
  movementWords,
  skinRuleWords,
  weatherRuleWords,
} from "./mount";
import { mismatchWords } from "./mismatch";
import { mixedStatesWords } from "./mixed-states";
import { pwmLossWords } from "./pwm-loss";
import { reverseWords } from "./reverse";
import { sharedWords } from "./shared";
import { shelfWords } from "./shelf";
import { systemVoltageWords } from "./system-voltage";
import { wakeWords } from "./wake";
import { clearHeightWords, layoutWords, leadsWords, roofLoadWords } from "./roof";
import { wattsWords } from "./watts";
import { type RuleWords, type Why } from "./rule-words";

/** The words of every rule. */
const words: { readonly [Id in RuleId]: RuleWords<Reasons[Id]> } = {
  coldVoc: coldVocWords,
  hotVmp: hotVmpWords,
  wake: wakeWords,
  current: currentWords,
  watts: wattsWords,
  shared: sharedWords,
  mismatch: mismatchWords,
  reverse: reverseWords,
  fuses: fusesWords,
  mixedStates: mixedStatesWords,
  pwmLoss: pwmLossWords,
  systemVoltage: systemVoltageWords,
  shelf: shelfWords,
  label: labelWords,
  layout: layoutWords,
  roofLoad: roofLoadWords,
  clearHeight: clearHeightWords,
  leads: leadsWords,
  cableAmps: cableAmpsWords,
  cableDrop: cableDropWords,
  guards: guardsWords,
  plugs: plugsWords,
  shock: shockWords,
  hold: holdWords,
  glueHeat: glueHeatWords,
  skin: skinRuleWords,
  movement: movementWords,
  gates: gatesWords,
  heatKind: heatKindWords,
  weather: weatherRuleWords,
};

/** A finding's words; that its reason is of its rule is so by how findings are made. */
function wordsOf(rule: RuleId): RuleWords<unknown> {
  return words[rule] as RuleWords<unknown>;
}

export function ruleTitle(rule: RuleId): string {
  return wordsOf(rule).title;
}

/** One sentence for a finding. */
export function findingSentence({ rule, reason }: Pick<Finding, "rule" | "reason">, system: UnitSystem): string {
  return wordsOf(rule).sentence(reason, system);
}

export function whyLines({ rule, reason }: Pick<Finding, "rule" | "reason">): Why {
  return wordsOf(rule).why(reason);
}
