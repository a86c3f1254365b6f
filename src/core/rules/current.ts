import { type Port, type Window } from "../input";
import { type RuleContext, fitAssumed, siteAssumed } from "./context";
import { type CurrentFacts, type Finding, type Level, type StatedLimit } from "./finding";

/** Short-circuit current is raised by this for bright cloud edges and snow glare. NEC 690.8(A)(1). */
export const brightSkyFactor = 1.25;
/** Losing more than this at noon to a limit is a cost to name, less is a remark. */
const costlyLossPct = 5;
const anyLossPct = 0.1;

/** Rule 3: array amps against the current limit of the tier it will run in. */
export function current(context: RuleContext): Omit<Finding, "mend"> {
  const { fit, strings, port, window, skies } = context;
  const iscA = strings * fit.label.iscA;
  const { array, operating } = skies.brightNoon;
  const assumptions = [...siteAssumed(context, "noonAir", "mount"), ...fitAssumed(context)];
  if (window === null || port.currentLimits.length === 0) {
    return { rule: "current", level: "note", value: { value: iscA, unit: "A" }, limit: null, marginPct: null, assumptions: [], reason: { type: "noCurrentLimit", iscA } };
  }
  const running = operating !== null && operating.p > 0 ? operating : array.mpp;
  const facts: CurrentFacts = {
    strings,
    panelIscA: fit.label.iscA,
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
  return { rule: "current", level, value: { value: judgedA, unit: "A" }, limit: { value: facts.running.amps, unit: "A" }, marginPct, assumptions, reason: { type: "current", outcome, ...facts } };
}

function grade(facts: CurrentFacts, absolute: boolean, judgedA: number, clipped: boolean): { level: Level; outcome: "overAbsolute" | "clips" | "clipsLittle" | "within" } {
  if (absolute && judgedA > facts.running.amps) return { level: "stop", outcome: "overAbsolute" };
  if (clipped && facts.noonLossPct > costlyLossPct) return { level: "care", outcome: "clips" };
  if (clipped && facts.noonLossPct > anyLossPct) return { level: "note", outcome: "clipsLittle" };
  return { level: "good", outcome: "within" };
}

function stated(port: Port, window: Window): StatedLimit[] {
  return port.currentLimits.map(({ fromV, toV, amps, nature }) => ({ fromV: fromV ?? window.minV, toV: toV ?? window.maxV, amps, nature }));
}

/** The tier a voltage lies in; where two meet, the kinder one, as the tracker may choose it. */
function tierAt(port: Port, window: Window, v: number): StatedLimit | null {
  const holding = stated(port, window).filter((tier) => v >= tier.fromV && v <= tier.toV);
  return holding.reduce<StatedLimit | null>((best, tier) => (best === null || tier.amps > best.amps ? tier : best), null);
}

function nearestTier(port: Port, window: Window, v: number): StatedLimit {
  const distance = (tier: StatedLimit) => Math.max(tier.fromV - v, v - tier.toV);
  return stated(port, window).reduce((best, tier) => (distance(tier) < distance(best) ? tier : best));
}
