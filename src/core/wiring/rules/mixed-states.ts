import { operate } from "../../engine/pv-input";
import { isChanged, standOf } from "../../engine/array";
import {
  type PortArrayContext,
  fitAssumed,
  keysOf,
  kindOf,
  panelNoonW,
  siteAssumed,
  type Assumption,
} from "../../plan-model";
import { type RuleOutcome, type Level, type PortArrayRule } from "../../checks";

export type MixedFacts = {
  readonly stowed: number;
  readonly shaded: number;
  readonly tilted: number;
  readonly panels: number;
  /** Watts of every panel at its own maximum in its own light, and of all joined. */
  readonly panelsW: number;
  readonly joinedW: number;
  readonly lossPct: number;
  /** Where a climbing tracker would end, when that is far below the best point. */
  readonly trappedW: number | null;
};

export type MixedReason = {
  readonly type: "mixedStates";
  readonly outcome: "trapped" | "costly" | "some";
} & MixedFacts;

const costlyLossPct = 10;
/** A climbing tracker that ends this far under the best point is trapped, %. */
const trappedPct = 3;

/** Rule 9: panels stowed, shaded or tilted apart on one port: what the odd ones cost the others. */
export function mixedStates(context: PortArrayContext): RuleOutcome<MixedReason> | null {
  const { tiles, actual, window, port } = context;
  const stands = tiles.map((tile) => standOf(context.position, tile));
  const changed = tiles.filter((tile) => isChanged(standOf(context.position, tile)));
  const out = stands.filter(({ stance }) => stance === "out");
  const facings = new Set(out.map(({ tiltDeg, azimuthDeg }) => (tiltDeg === 0 ? "flat" : `${tiltDeg} ${azimuthDeg}`)));
  const odd = stands.filter(({ stance, light }) => stance === "stowed" || light.some((share) => share < 1));
  if (changed.length === 0 || tiles.length < 2 || (odd.length === 0 && facings.size < 2)) return null;
  const { array } = actual.brightNoon;
  const panelsW = ownMaximaW(context);
  const scanned = window === null ? null : operate(array, window, { type: "scan" });
  const climbed =
    window === null || context.tracking.type === "pwm" || port.tracker === "fullScan"
      ? null
      : operate(array, window, { type: "climb" });
  const trapped =
    scanned !== null && climbed !== null && scanned.p > 0 && climbed.p < scanned.p * (1 - trappedPct / 100);
  const facts: MixedFacts = {
    stowed: stands.length - out.length,
    shaded: out.filter(({ light }) => light.some((share) => share < 1)).length,
    tilted: facings.size > 1 ? out.filter(({ tiltDeg }) => tiltDeg !== 0).length : 0,
    panels: tiles.length,
    panelsW,
    joinedW: array.mpp.p,
    lossPct: panelsW > 0 ? 100 * Math.max(0, 1 - array.mpp.p / panelsW) : 0,
    trappedW: trapped ? (climbed?.p ?? null) : null,
  };
  const { level, outcome } = grade(facts);
  const assumptions: Assumption[] = [...siteAssumed(context, "noonAir", "mount"), ...fitAssumed(context)];
  return {
    level,
    value: { value: facts.lossPct, unit: "%" },
    limit: null,
    marginPct: null,
    assumptions,
    reason: { type: "mixedStates", outcome, ...facts },
    tiles: keysOf(changed),
  };
}

function grade({ lossPct, trappedW }: MixedFacts): {
  level: Level;
  outcome: "trapped" | "costly" | "some";
} {
  if (trappedW !== null) return { level: "care", outcome: "trapped" };
  if (lossPct > costlyLossPct) return { level: "care", outcome: "costly" };
  return { level: "note", outcome: "some" };
}

/** Watts of every panel at its own maximum in the light it stands in. */
function ownMaximaW(context: PortArrayContext): number {
  return context.tiles.reduce(
    (sum, tile) => sum + panelNoonW(context, kindOf(context, tile), standOf(context.position, tile)),
    0,
  );
}

export const mixedStatesRule: PortArrayRule<"mixedStates", MixedReason> = {
  id: "mixedStates",
  step: "wiring",
  sense: "atMost",
  chart: { skies: ["brightNoon"], edge: null },
  fixedBy: "moreWatts",
  ofInput: false,
  judge: mixedStates,
};
