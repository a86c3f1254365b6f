import { type CeilingBasis, type CurrentTier, type LimitNature, type OverVoltageOutcome } from "../input";
import { type AssumedField } from "../panel";
import { type Mount, type SkyName } from "../sky";
import { type Unit } from "../units";

/** Worst first. `open` is a question only the person can answer; nothing can be judged until then. */
export const levels = ["stop", "open", "care", "note", "good"] as const;
export type Level = (typeof levels)[number];

export const ruleIds = ["coldVoc", "hotVmp", "current", "watts", "systemVoltage"] as const;
export type RuleId = (typeof ruleIds)[number];

export type Amount = { readonly value: number; readonly unit: Unit };

/** Something taken as true because the plan does not say. */
export type Assumption =
  | { readonly type: "recordLow"; readonly valueC: number }
  | { readonly type: "recordHigh"; readonly valueC: number }
  | { readonly type: "latitude"; readonly valueDeg: number }
  | { readonly type: "mount"; readonly mount: Mount }
  | { readonly type: "noonAir"; readonly valueC: number }
  | { readonly type: "labelField"; readonly field: AssumedField; readonly value: number }
  | { readonly type: "ceilingIsVoc" }
  | { readonly type: "overVoltageDestroys" }
  | { readonly type: "clearFlatDay" }
  | { readonly type: "labelOff"; readonly missPct: number };

/** Why a rule says what it says: facts only, turned into words by the interface. */
export type Reason =
  | ({ readonly type: "coldVoc"; readonly outcome: "over" | "runningOver" | "tableOver" | "close" | "inside" | "insideRunning" } & ColdVocFacts)
  | { readonly type: "noCeiling"; readonly solvedVocV: number }
  | ({ readonly type: "hotVmp"; readonly outcome: "neverWakes" | "below" | "nearFloor" | "littleComfort" | "clear" } & HotVmpFacts)
  | { readonly type: "noFloor"; readonly hotVmpV: number }
  | ({ readonly type: "current"; readonly outcome: "overAbsolute" | "clips" | "clipsLittle" | "within" } & CurrentFacts)
  | { readonly type: "noCurrentLimit"; readonly iscA: number }
  | ({ readonly type: "watts"; readonly outcome: "overAbsolute" | "clipsMuch" | "clips" | "within" } & WattFacts)
  | { readonly type: "noWattLimit"; readonly labelW: number }
  | { readonly type: "systemVoltage"; readonly outcome: "over" | "inside"; readonly solvedVocV: number; readonly maxSystemV: number; readonly series: number }
  | { readonly type: "noSystemVoltage"; readonly solvedVocV: number };

export type ColdVocFacts = {
  readonly series: number;
  readonly panelVocV: number;
  readonly tempCoVocPctPerC: number;
  readonly recordLowC: number;
  /** Straight-line estimate from the label coefficient, V. */
  readonly coefficientVocV: number;
  /** The solved curve's open-circuit volts, V: what is judged. */
  readonly solvedVocV: number;
  readonly solvedVmpV: number;
  readonly tableFactor: number;
  readonly tableVocV: number;
  readonly ceilingV: number;
  readonly basis: CeilingBasis;
  readonly overVoltage: OverVoltageOutcome;
};

export type HotVmpFacts = {
  readonly series: number;
  readonly panelVmpV: number;
  readonly hotVmpV: number;
  readonly hotVocV: number;
  readonly airTempC: number;
  readonly cellTempC: number;
  readonly mount: Mount;
  readonly floorV: number;
  readonly wakeV: number;
  readonly batteryV: number | null;
};

export type StatedLimit = CurrentTier & { readonly nature: LimitNature };

export type CurrentFacts = {
  readonly strings: number;
  readonly panelIscA: number;
  readonly iscA: number;
  readonly marginedIscA: number;
  /** The tier the array runs in, and the one its open-circuit volts lie in. */
  readonly running: StatedLimit;
  readonly open: StatedLimit | null;
  readonly runningV: number;
  readonly openV: number;
  /** Power left on the roof at bright noon because of the limits, %. */
  readonly noonLossPct: number;
};

export type WattFacts = {
  readonly labelW: number;
  readonly noonW: number;
  readonly limitW: number;
  readonly nature: LimitNature;
  readonly clippedKwhPerMonth: number;
  readonly clippedPct: number;
  readonly latitudeDeg: number;
};

/** A change that would make the rule pass, as data the plan can apply and undo. */
export type Mend = { readonly type: "rewire"; readonly series: number; readonly strings: number };

export type Finding = {
  readonly rule: RuleId;
  readonly level: Level;
  readonly value: Amount | null;
  readonly limit: Amount | null;
  /** Room left, % of the limit; negative when it is passed. */
  readonly marginPct: number | null;
  readonly assumptions: readonly Assumption[];
  readonly reason: Reason;
  readonly mend: Mend | null;
};

/** The skies a rule speaks of, so that the chart can show them. */
export const skiesOfRule: Readonly<Record<RuleId, readonly SkyName[]>> = {
  coldVoc: ["coldDawn"],
  hotVmp: ["hotRoof"],
  current: ["brightNoon"],
  watts: ["brightNoon"],
  systemVoltage: ["coldDawn"],
};

export function worstLevel(found: readonly Pick<Finding, "level">[]): Level {
  return levels.find((level) => found.some((finding) => finding.level === level)) ?? "good";
}
