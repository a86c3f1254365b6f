import { standOf, usedIn } from "../../engine/array";
import {
  clearScene,
  type PortArrayContext,
  fitAssumed,
  kindOf,
  panelNoonW,
  siteAssumed,
  solveStrings,
  termsOf,
  type Assumption,
  type Term,
} from "../../plan-model";
import { type RuleOutcome, type Level, type PortArrayRule } from "../../checks";

export type MismatchFacts = {
  /** Watts of every panel at its own maximum; of every string at its own; of all joined as they are. */
  readonly panelsW: number;
  readonly stringsW: number;
  readonly joinedW: number;
  readonly lossPct: number;
  readonly seriesLossPct: number;
  readonly parallelLossPct: number;
  readonly strings: readonly { readonly terms: readonly Term[]; readonly vmpV: number; readonly impA: number }[];
};

export type MismatchReason = {
  readonly type: "mismatch";
  readonly outcome: "costly" | "some" | "little" | "equal";
} & MismatchFacts;

/** Losing more than this of what the panels could give apart is a cost to name; more than the second a remark. */
const costlyLossPct = 10;
const someLossPct = 2;
/** A loss below this is rounding between equals. */
const anyLossPct = 0.05;

/** Rule 5: what unequal strings and unequal panels in a string lose by being joined, by the solved net. */
export function mismatch(context: PortArrayContext): RuleOutcome<MismatchReason> | null {
  const { portArray, tiles, clear } = context;
  if (tiles.length < 2) return null;
  const { strings } = portArray;
  const panelsW = tiles.reduce(
    (sum, tile) => sum + panelNoonW(context, kindOf(context, tile), standOf(context.fixed, tile)),
    0,
  );
  const solved = strings.map((string) => solveStrings(context, [string], clearScene(context, "brightNoon")));
  const stringsW = solved.reduce((sum, string) => sum + (string?.mpp.p ?? 0), 0);
  const joinedW = clear.brightNoon.array.mpp.p;
  const facts: MismatchFacts = {
    panelsW,
    stringsW,
    joinedW,
    lossPct: 100 * Math.max(0, 1 - joinedW / panelsW),
    seriesLossPct: 100 * Math.max(0, 1 - stringsW / panelsW),
    parallelLossPct: 100 * Math.max(0, 1 - joinedW / stringsW),
    strings: strings.flatMap((string, k) => {
      const point = solved[k]?.mpp;
      return point === undefined
        ? []
        : [{ terms: termsOf(context, usedIn([string]), ({ fit }) => fit.label.vmpV), vmpV: point.v, impA: point.i }];
    }),
  };
  const { level, outcome } = grade(facts);
  const assumptions: Assumption[] = [...siteAssumed(context, "noonAir", "mount"), ...fitAssumed(context)];
  return {
    level,
    value: { value: facts.lossPct, unit: "%" },
    limit: null,
    marginPct: null,
    assumptions,
    reason: { type: "mismatch", outcome, ...facts },
    tiles: [],
  };
}

function grade({ lossPct }: MismatchFacts): {
  level: Level;
  outcome: "costly" | "some" | "little" | "equal";
} {
  if (lossPct > costlyLossPct) return { level: "care", outcome: "costly" };
  if (lossPct > someLossPct) return { level: "note", outcome: "some" };
  return { level: "good", outcome: lossPct > anyLossPct ? "little" : "equal" };
}

export const mismatchRule: PortArrayRule<"mismatch", MismatchReason> = {
  id: "mismatch",
  step: "wiring",
  sense: "atMost",
  chart: { skies: ["brightNoon"], edge: null },
  fixedBy: "moreWatts",
  ofInput: false,
  judge: mismatch,
};
