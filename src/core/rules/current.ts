import { type Port, type Window } from "../input";
import { type Row } from "../wiring";
import { type LaneContext, fitAssumed, kindOf, siteAssumed } from "./context";
import { type CurrentFacts, type Judged, type Level, type StatedLimit, type Term } from "./finding";

/** Short-circuit current is raised by this for bright cloud edges and snow glare. NEC 690.8(A)(1). */
export const brightSkyFactor = 1.25;
/** Losing more than this at noon to a limit is a cost to name, less is a remark. */
const costlyLossPct = 5;
const anyLossPct = 0.1;

/** Rule 3: array amps against the current limit of the tier it will run in. */
export function current(context: LaneContext): Judged {
  const { port, window, clear } = context;
  const terms = rowTerms(context);
  const iscA = terms.reduce((sum, { count, each }) => sum + count * each, 0);
  const { array, operating } = clear.brightNoon;
  const assumptions = [...siteAssumed(context, "noonAir", "mount"), ...fitAssumed(context)];
  if (window === null || port.currentLimits.length === 0) {
    return {
      rule: "current",
      level: "note",
      value: { value: iscA, unit: "A" },
      limit: null,
      marginPct: null,
      assumptions: [],
      reason: { type: "noCurrentLimit", iscA },
      tiles: [],
    };
  }
  const running = operating !== null && operating.p > 0 ? operating : array.mpp;
  const facts: CurrentFacts = {
    terms,
    iscA,
    marginedIscA: brightSkyFactor * iscA,
    running: tierAt(port, window, running.v) ?? nearestTier(port, window, running.v),
    open: tierAt(port, window, array.vocV),
    runningV: running.v,
    openV: array.vocV,
    noonLossPct: operating === null || !(operating.p > 0) ? 0 : 100 * (1 - operating.p / array.mpp.p),
  };
  const absolute = facts.running.nature === "neverExceed";
  const judgedA = absolute ? facts.marginedIscA : facts.iscA;
  const marginPct = 100 * (1 - judgedA / facts.running.amps);
  const clipped = operating?.limitedBy === "current";
  const { level, outcome } = grade(facts, absolute, judgedA, clipped);
  return {
    rule: "current",
    level,
    value: { value: judgedA, unit: "A" },
    limit: { value: facts.running.amps, unit: "A" },
    marginPct,
    assumptions,
    reason: { type: "current", outcome, ...facts },
    tiles: [],
  };
}

/** Each row in parallel counts with the short-circuit current of its strongest panel: bypass diodes let that through. */
export function rowTerms(context: Pick<LaneContext, "kinds" | "lane">): Term[] {
  const found = new Map<string, Term>();
  for (const row of context.lane.rows) {
    for (const { panelName, each, count } of strongest(context, row)) {
      const key = `${panelName} ${each}`;
      found.set(key, { panelName, each, count: count + (found.get(key)?.count ?? 0) });
    }
  }
  return [...found.values()];
}

/** The part of a row that lets most current through: a panel, or a group whose rows add up. */
function strongest(context: Pick<LaneContext, "kinds" | "lane">, row: Row): Term[] {
  const total = (terms: readonly Term[]) => terms.reduce((sum, { count, each }) => sum + count * each, 0);
  const parts = row.items.map((item): Term[] => {
    if (item.type === "group") return item.rows.flatMap((inner) => strongest(context, inner));
    if (item.stance === "off") return [];
    const { name, fit } = kindOf(context, item.panelId);
    return [{ count: 1, panelName: name, each: fit.label.iscA }];
  });
  return parts.reduce((most, part) => (total(part) > total(most) ? part : most), []);
}

function grade(
  facts: CurrentFacts,
  absolute: boolean,
  judgedA: number,
  clipped: boolean,
): { level: Level; outcome: "overAbsolute" | "clips" | "clipsLittle" | "within" } {
  if (absolute && judgedA > facts.running.amps) return { level: "stop", outcome: "overAbsolute" };
  if (clipped && facts.noonLossPct > costlyLossPct) return { level: "care", outcome: "clips" };
  if (clipped && facts.noonLossPct > anyLossPct) return { level: "note", outcome: "clipsLittle" };
  return { level: "good", outcome: "within" };
}

function stated(port: Port, window: Window): StatedLimit[] {
  return port.currentLimits.map(({ fromV, toV, amps, nature }) => ({
    fromV: fromV ?? window.minV,
    toV: toV ?? window.maxV,
    amps,
    nature,
  }));
}

/** The tier a voltage lies in; where two meet, the kinder one, as the tracker may choose it. */
function tierAt(port: Port, window: Window, v: number): StatedLimit | null {
  const holding = stated(port, window).filter((tier) => v >= tier.fromV && v <= tier.toV);
  return holding.reduce<StatedLimit | null>(
    (best, tier) => (best === null || tier.amps > best.amps ? tier : best),
    null,
  );
}

function nearestTier(port: Port, window: Window, v: number): StatedLimit {
  const distance = (tier: StatedLimit) => Math.max(tier.fromV - v, v - tier.toV);
  return stated(port, window).reduce((best, tier) => (distance(tier) < distance(best) ? tier : best));
}
