import { type CableStandardId, cableStandards } from "../../engine/cable";
import { type CableChoice, type FuseChoice, type Plan } from "../../plan";

/** What a choice of cables means: the standard that sizes them, whether they are put away again, whether it says that all is afloat. */
export type CableRules = {
  readonly standard: CableStandardId;
  readonly isPortable: boolean;
  readonly isAfloat: boolean;
  /** The bonding conductor's size, as that standard names it. */ readonly bondSize: string;
};

const rulesOf = (standard: CableStandardId, more: Partial<CableRules> = {}): CableRules => ({
  standard,
  isPortable: false,
  isAfloat: false,
  bondSize: cableStandards[standard].sizes === "awg" ? "10 AWG" : "6 mm2",
  ...more,
});

const cableRules: Readonly<Record<CableChoice, CableRules>> = {
  land: rulesOf("land"),
  metric: rulesOf("metric"),
  marine: rulesOf("marine", { isAfloat: true }),
  portable: rulesOf("land", { isPortable: true }),
};

/** By what a plan's cables are sized; metric sizes where nothing is chosen. */
export function cableRulesOf({ standards: { cable } }: Pick<Plan, "standards">): CableRules {
  return cableRules[cable ?? "metric"];
}

/** Whether backfeed and a string's own current count together against its max series fuse rating, or 1.25 × backfeed alone. */
const countsOwnCurrent: Readonly<Record<FuseChoice, boolean>> = { backfeed: false, strict: true };

export function isFuseStrict({ standards: { fuse } }: Pick<Plan, "standards">): boolean {
  return countsOwnCurrent[fuse ?? "backfeed"];
}
