import { brightSkyFactor } from "../../engine/fuse";
import {
  type LimitedBy,
  operate,
  type Port,
  portWindow,
  wakeV,
  type CurrentTier,
  type TierNature,
} from "../../engine/pv-input";
import { limitSkies } from "../../engine/sky";
import { type PvString } from "../../engine/array";
import { byAmps, type PortArrayContext, fitAssumed, kindOf, siteAssumed, type Term } from "../../plan-model";
import { type RuleOutcome, type Level, type PortArrayRule } from "../../checks";

/** A limit of amps with its range; `toV` is null where it states no end. */
export type StatedLimit = Omit<CurrentTier, "toV"> & { readonly toV: number | null; readonly nature: TierNature };

export type CurrentFacts = {
  /** Strings in parallel with the short-circuit current of their strongest panel. */
  readonly terms: readonly Term[];
  readonly iscA: number;
  readonly marginedIscA: number;
  /** The tier the array runs in, and the one its open-circuit volts lie in. */
  readonly running: StatedLimit | null;
  /** The tightest limit never to be exceeded that the array can run in or sweep through; null when there is none. */
  readonly never: StatedLimit | null;
  /** From where to where the array can sweep: waking volts to the most it stands at under any sky, V. */
  readonly sweepFromV: number;
  readonly sweepToV: number;
  readonly open: StatedLimit | null;
  readonly runningV: number;
  readonly openV: number;
  /** Where it would give most, and whether no limit's range holds there, V. */
  readonly bestV: number;
  readonly inGap: boolean;
  /** Power left on the roof at bright noon because of the limits, %. */
  readonly noonLossPct: number;
};

export type CurrentReason =
  | ({
      readonly type: "current";
      readonly outcome: "overAbsolute" | "clips" | "clipsLittle" | "gap" | "shortOver" | "idle" | "within";
    } & CurrentFacts)
  | { readonly type: "noCurrentLimit"; readonly iscA: number }
  /** More than a limit of which the sheet does not say whether the input keeps it by itself. */
  | ({ readonly type: "natureAsked"; readonly marginedIscA: number } & Pick<StatedLimit, "amps" | "fromV" | "toV">)
  | { readonly type: "noTierAmps"; readonly fromV: number | null; readonly toV: number | null; readonly iscA: number };

/** Losing more than this at noon to a limit is a cost to name, less is a remark. */
const costlyLossPct = 5;
const anyLossPct = 0.1;

/**
 * Rule 3: array amps against the limits of the volts it runs at, and, with a quarter more, against every limit never to be
 * exceeded that it can run in or sweep through between waking and open circuit under any of the limit skies.
 */
export function current(context: PortArrayContext): RuleOutcome<CurrentReason> {
  const { port, window, clear } = context;
  const terms = stringTerms(context);
  const iscA = terms.reduce((sum, { count, each }) => sum + count * each, 0);
  const { array } = clear.brightNoon;
  if (port.currentLimits.length === 0) return said("note", iscA, null, { type: "noCurrentLimit", iscA });
  // watts have a limit and a line of their own; with no ceiling known the amps are judged all the same
  const loose = portWindow({ ...port, maxV: port.maxV ?? unknownCeilingV });
  const operating =
    window === null && loose !== null ? operate(array, { ...loose, maxW: null }, context.tracking) : byAmps(context);
  const running = operating !== null && operating.p > 0 ? operating : array.mpp;
  const sweepFromV = wakeV(port) ?? 0;
  const sweepToV = limitSkies.reduce((most, name) => Math.max(most, clear[name].array.vocV), 0);
  const facts: CurrentFacts = {
    terms,
    iscA,
    marginedIscA: brightSkyFactor * iscA,
    running: tierAt(port, running.v),
    never: metWithin(context, "neverExceed", sweepFromV, sweepToV),
    sweepFromV,
    sweepToV,
    open: tierAt(port, array.vocV),
    runningV: running.v,
    bestV: array.mpp.v,
    inGap: tierAt(port, array.mpp.v) === null,
    openV: array.vocV,
    noonLossPct: operating === null || !(operating.p > 0) ? 0 : 100 * (1 - operating.p / array.mpp.p),
  };
  const overNever = facts.never !== null && facts.marginedIscA > facts.never.amps;
  // what is told: the limit that is passed, else the one it runs in, else the one it must not see
  const absolute =
    facts.never !== null && (overNever || facts.running === null || facts.running.nature === "neverExceed");
  const told = absolute ? facts.never : facts.running;
  const judgedA = absolute ? facts.marginedIscA : facts.iscA;
  // what is not known is a question, unless what is known is passed already
  const asked = overNever ? null : askedOf(context, facts);
  if (asked !== null) return asked;
  const { level, outcome } = grade(facts, overNever, operating?.limitedBy ?? "none");
  return {
    level,
    value: { value: judgedA, unit: "A" },
    limit: told === null ? null : { value: told.amps, unit: "A" },
    marginPct: told === null ? null : 100 * (1 - judgedA / told.amps),
    assumptions: [...siteAssumed(context, "noonAir", "mount"), ...fitAssumed(context)],
    reason: { type: "current", outcome, ...facts },
    tiles: [],
  };
}

/** A range without its amps is a question; so is, where a bright sky would pass them, whether an input keeps to its amps by itself. */
function askedOf(
  context: PortArrayContext,
  { iscA, marginedIscA, sweepFromV, sweepToV }: CurrentFacts,
): RuleOutcome<CurrentReason> | null {
  const empty = context.port.currentLimits.find(({ amps }) => amps === null);
  if (empty !== undefined)
    return said("open", iscA, null, { type: "noTierAmps", fromV: empty.fromV, toV: empty.toV, iscA });
  const unsaid = metWithin(context, "unknown", sweepFromV, sweepToV);
  if (unsaid === null || marginedIscA <= unsaid.amps) return null;
  const { amps, fromV, toV } = unsaid;
  return said("open", marginedIscA, amps, { type: "natureAsked", marginedIscA, amps, fromV, toV });
}

/** Amps beside a limit, or beside none, that rest on no more than labels and the data sheet. */
function said(level: Level, valueA: number, limitA: number | null, reason: CurrentReason): RuleOutcome<CurrentReason> {
  return {
    level,
    value: { value: valueA, unit: "A" },
    limit: limitA === null ? null : { value: limitA, unit: "A" },
    marginPct: limitA === null ? null : 100 * (1 - valueA / limitA),
    assumptions: [],
    reason,
    tiles: [],
  };
}

/** Stands for a ceiling nobody knows: more than anything reaches. */
const unknownCeilingV = 1e6;

/**
 * The tightest limit of a nature, such as never to be exceeded, whose range the array can run in or sweep through; none where it wakes under no sky.
 */
function metWithin(
  { port, clear }: PortArrayContext,
  nature: TierNature,
  fromV: number,
  toV: number,
): StatedLimit | null {
  if (toV < fromV) return null;
  const runsAt = limitSkies.flatMap((name) => {
    const point = clear[name].operating;
    return point === null || !(point.p > 0) ? [] : [point.v];
  });
  const met = stated(port).filter(
    (tier) =>
      tier.nature === nature &&
      ((endOf(tier) >= fromV && tier.fromV <= toV) || runsAt.some((v) => v >= tier.fromV && v <= endOf(tier))),
  );
  return tightest(met);
}

/** Each string in parallel counts with the short-circuit current of its strongest panel: bypass diodes let that through. */
export function stringTerms(context: Pick<PortArrayContext, "kinds" | "portArray">): Term[] {
  const found = new Map<string, Term>();
  for (const string of context.portArray.strings) {
    for (const { panelName, each, count } of strongest(context, string)) {
      const key = `${panelName} ${each}`;
      found.set(key, { panelName, each, count: count + (found.get(key)?.count ?? 0) });
    }
  }
  return [...found.values()];
}

/** What one string lets through, A. */
export function stringCurrent(context: Pick<PortArrayContext, "kinds" | "portArray">, string: PvString): number {
  return strongest(context, string).reduce((sum, { count, each }) => sum + count * each, 0);
}

/** The part of a string that lets most current through: a panel, or a group whose strings add up. */
function strongest(context: Pick<PortArrayContext, "kinds" | "portArray">, string: PvString): Term[] {
  const total = (terms: readonly Term[]) => terms.reduce((sum, { count, each }) => sum + count * each, 0);
  const parts = string.items.map((item): Term[] => {
    if (item.type === "group") return item.strings.flatMap((inner) => strongest(context, inner));
    if (item.bypassed) return [];
    const { name, fit } = kindOf(context, item);
    return [{ count: 1, panelName: name, each: fit.label.iscA }];
  });
  return parts.reduce((most, part) => (total(part) > total(most) ? part : most), []);
}

function grade(
  facts: CurrentFacts,
  overNever: boolean,
  limitedBy: LimitedBy,
): { level: Level; outcome: "overAbsolute" | "clips" | "clipsLittle" | "gap" | "shortOver" | "idle" | "within" } {
  if (overNever) return { level: "stop", outcome: "overAbsolute" };
  // an input that takes nothing runs nowhere: only what it must never see can be judged
  if (limitedBy === "overVoltage" || limitedBy === "asleep")
    return facts.never === null ? { level: "note", outcome: "idle" } : { level: "good", outcome: "within" };
  const costs = facts.noonLossPct > anyLossPct;
  const level = facts.noonLossPct > costlyLossPct ? "care" : "note";
  // where no range holds at the best volts, the array has to run beside them
  if (limitedBy === "window" && costs && facts.inGap) return { level, outcome: "gap" };
  if (limitedBy === "current" && costs) return { level, outcome: level === "care" ? "clips" : "clipsLittle" };
  // shorted the array gives more than the input draws, running it does not: nothing is lost, but not nothing to say
  if (facts.running !== null && facts.running.nature !== "neverExceed" && facts.iscA > facts.running.amps)
    return { level: "note", outcome: "shortOver" };
  return { level: "good", outcome: "within" };
}

/** Limits with their ranges: one whose end is not stated holds from there on, the ceiling notwithstanding. */
function stated(port: Port): StatedLimit[] {
  return port.currentLimits.flatMap(({ fromV, toV, amps, nature }) =>
    amps === null ? [] : [{ fromV: fromV ?? 0, toV, amps, nature }],
  );
}

function endOf({ toV }: StatedLimit): number {
  return toV ?? Number.POSITIVE_INFINITY;
}

function tightest(limits: readonly StatedLimit[]): StatedLimit | null {
  return limits.reduce<StatedLimit | null>(
    (least, each) => (least === null || each.amps < least.amps ? each : least),
    null,
  );
}

/** The limit that holds at a voltage: the tightest of those over it; where two meet, the kinder, as the tracker may choose it. */
function tierAt(port: Port, v: number): StatedLimit | null {
  const tiers = stated(port);
  const below = tightest(tiers.filter((tier) => tier.fromV < v && v <= endOf(tier)));
  const above = tightest(tiers.filter((tier) => tier.fromV <= v && v < endOf(tier)));
  if (below === null || above === null) return below ?? above;
  return below.amps > above.amps ? below : above;
}

export const currentRule: PortArrayRule<"current", CurrentReason> = {
  id: "current",
  step: "wiring",
  sense: "atMost",
  chart: { skies: ["brightNoon"], edge: "amps" },
  fixedBy: "moreWatts",
  ofInput: true,
  judge: current,
};
