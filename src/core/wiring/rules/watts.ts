import { wattLimit, type LimitNature } from "../../engine/pv-input";
import {
  clearMonthKwh,
  byAmps,
  fitAssumed,
  isFlat,
  type PortArrayContext,
  labelSum,
  siteAssumed,
} from "../../plan-model";
import { gradeClipping } from "./grade-clipping";
import { type RuleOutcome, type Level, type PortArrayRule } from "../../checks";

export type WattFacts = {
  readonly labelW: number;
  /** Solved at coldest dawn in full sun, W; and what a limit never to be exceeded is held against: whichever is more. */
  readonly coldW: number;
  readonly dueW: number;
  /** What volts and amps let through at bright noon, W; and whether that is less than the array could give. */
  readonly noonW: number;
  readonly withinAmps: boolean;
  /** True when the input takes nothing at noon: shut out, or asleep. */
  readonly idle: boolean;
  readonly limitW: number;
  /** True when the limit is the battery side's amps × battery volts. */
  readonly fromBattery: boolean;
  readonly nature: LimitNature;
  readonly clippedKwhPerMonth: number;
  readonly clippedPct: number;
  readonly latitudeDeg: number;
  /** Whether all panels lie flat; else each gets the light of the plane it is tilted to. */
  readonly flat: boolean;
};

export type WattReason =
  | ({ readonly type: "watts"; readonly outcome: "overAbsolute" | "clipsMuch" | "clips" | "within" } & WattFacts)
  | { readonly type: "noWattLimit"; readonly labelW: number };

/** Watts that differ by less than this share are the same. */
const minApart = 0.001;

/** What a limit of watts never to be exceeded is held against: the labels' sum, or the coldest dawn's if that is more. */
export function dueWatts(context: PortArrayContext): number {
  return Math.max(
    labelSum(context, ({ fit }) => fit.label.pmaxW),
    context.clear.coldDawn.array.mpp.p,
  );
}

/**
 * Rule 4: array watts against the port's watt limit, with what a clear month would leave unused. What volts and amps leave
 * on the roof is told by their own rules: the watts they let through are held against the limit here, so that losses add up.
 */
export function watts(context: PortArrayContext): RuleOutcome<WattReason> {
  const { port, site, clear } = context;
  const labelW = labelSum(context, ({ fit }) => fit.label.pmaxW);
  const limitW = wattLimit(port);
  if (limitW === null) {
    return {
      level: "note",
      value: { value: labelW, unit: "W" },
      limit: null,
      marginPct: null,
      assumptions: [],
      reason: { type: "noWattLimit", labelW },
      tiles: [],
    };
  }
  // the battery side only ever draws what it can; the port's own limit has a nature of its own
  const fromBattery = port.maxW === null || limitW < port.maxW;
  const absoluteW = port.maxW !== null && port.maxWNature === "neverExceed" ? port.maxW : null;
  const { array } = clear.brightNoon;
  const running = byAmps(context);
  // an input that is asleep or shut out takes nothing: its limit is held against what the panels could give
  const noon = { array, operating: running !== null && running.p > 0 ? running : null, flat: true };
  const noonW = noon.operating?.p ?? array.mpp.p;
  // by the label and by the cold, whichever is more: cold panels give more than their labels say
  const coldW = clear.coldDawn.array.mpp.p;
  const dueW = dueWatts(context);
  const overAbsolute = absoluteW !== null && dueW > absoluteW;
  const nature = fromBattery && !overAbsolute ? "drawsUpTo" : port.maxWNature;
  const clear30 = clearMonthKwh([context], overAbsolute ? (absoluteW as number) : limitW, () => noon);
  const facts: WattFacts = {
    labelW,
    coldW,
    dueW,
    noonW,
    idle: running !== null && noon.operating === null,
    withinAmps: noonW < (1 - minApart) * array.mpp.p,
    limitW: overAbsolute ? (absoluteW as number) : limitW,
    fromBattery: fromBattery && !overAbsolute,
    nature,
    clippedKwhPerMonth: clear30.clippedKwh,
    clippedPct: clear30.totalKwh > 0 ? (100 * clear30.clippedKwh) / clear30.totalKwh : 0,
    latitudeDeg: site.latitudeDeg,
    flat: isFlat(context),
  };
  const { level, outcome } = grade(facts, overAbsolute);
  const assumptions =
    nature === "neverExceed"
      ? [...siteAssumed(context, "recordLow"), ...fitAssumed(context)]
      : [
          ...siteAssumed(context, "latitude", "mount"),
          { type: "clearDay", flat: facts.flat } as const,
          ...fitAssumed(context),
        ];
  const judgedW = nature === "neverExceed" ? dueW : noonW;
  return {
    level,
    value: { value: judgedW, unit: "W" },
    limit: { value: facts.limitW, unit: "W" },
    marginPct: 100 * (1 - judgedW / facts.limitW),
    assumptions,
    reason: { type: "watts", outcome, ...facts },
    tiles: [],
  };
}

function grade(
  facts: WattFacts,
  overAbsolute: boolean,
): { level: Level; outcome: "overAbsolute" | "clipsMuch" | "clips" | "within" } {
  return overAbsolute ? { level: "stop", outcome: "overAbsolute" } : gradeClipping(facts.clippedPct);
}

export const wattsRule: PortArrayRule<"watts", WattReason> = {
  id: "watts",
  step: "wiring",
  sense: "atMost",
  chart: { skies: ["brightNoon"], edge: "watts" },
  fixedBy: "moreWatts",
  ofInput: true,
  judge: watts,
};
