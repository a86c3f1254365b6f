import { assumedPwmDropV } from "../../engine/pv-input";
import { type PortArrayContext, fitAssumed, siteAssumed, type Assumption } from "../../plan-model";
import { type RuleOutcome, type Level, type PortArrayRule } from "../../checks";

export type PwmFacts = {
  readonly heldV: number;
  readonly batteryV: number;
  readonly dropV: number;
  readonly vmpV: number;
  readonly freeW: number;
  readonly takenW: number;
  readonly lossPct: number;
};

export type PwmReason =
  | ({ readonly type: "pwmLoss"; readonly outcome: "costly" | "some" | "little" } & PwmFacts)
  | { readonly type: "noBatteryVolts" };

const costlyLossPct = 25;
const someLossPct = 10;

/** Rule 7: a PWM controller holds the array at battery volts; what lies above them is lost. */
export function pwmLoss(context: PortArrayContext): RuleOutcome<PwmReason> | null {
  const { port, tracking, clear } = context;
  if (port.conversion === "pwm" && port.batteryV === null) return unknownBattery();
  const { array, operating } = clear.brightNoon;
  if (tracking.type !== "pwm" || port.batteryV === null || operating === null || operating.limitedBy === "overVoltage")
    return null;
  const dropV = port.pwmDropV ?? assumedPwmDropV;
  const facts: PwmFacts = {
    heldV: tracking.heldV,
    batteryV: port.batteryV,
    dropV,
    vmpV: array.mpp.v,
    freeW: array.mpp.p,
    takenW: operating.p,
    lossPct: array.mpp.p > 0 ? 100 * Math.max(0, 1 - operating.p / array.mpp.p) : 0,
  };
  const assumptions: Assumption[] = [...siteAssumed(context, "noonAir", "mount"), ...fitAssumed(context)];
  if (port.pwmDropV === null) assumptions.push({ type: "pwmDrop", volts: dropV });
  const { level, outcome } = grade(facts.lossPct);
  return {
    level,
    value: { value: facts.lossPct, unit: "%" },
    limit: null,
    marginPct: null,
    assumptions,
    reason: { type: "pwmLoss", outcome, ...facts },
    tiles: [],
  };
}

/** What a PWM controller takes hangs on its battery's volts: not known, it is a question. */
function unknownBattery(): RuleOutcome<PwmReason> {
  return {
    level: "open",
    value: null,
    limit: null,
    marginPct: null,
    assumptions: [],
    reason: { type: "noBatteryVolts" },
    tiles: [],
  };
}

function grade(lossPct: number): { level: Level; outcome: "costly" | "some" | "little" } {
  if (lossPct > costlyLossPct) return { level: "care", outcome: "costly" };
  if (lossPct > someLossPct) return { level: "note", outcome: "some" };
  return { level: "good", outcome: "little" };
}

export const pwmLossRule: PortArrayRule<"pwmLoss", PwmReason> = {
  id: "pwmLoss",
  step: "wiring",
  sense: "atMost",
  chart: { skies: ["brightNoon"], edge: null },
  fixedBy: "moreWatts",
  ofInput: false,
  judge: pwmLoss,
};
