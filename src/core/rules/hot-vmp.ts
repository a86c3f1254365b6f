import { stayV, wakeV } from "../input";
import { type RuleContext, fitAssumed, labelAssumed, siteAssumed } from "./context";
import { type Finding, type HotVmpFacts, type Level } from "./finding";

/** Less room than this over the floor leaves haze, dirt and ageing nothing to eat into. */
const nearFloorPct = 8;
/** Volts over the battery below which a controller starts late and stops early on dull days. */
const comfortV = 20;

/** Rule 2: running volts on the hottest roof against the lowest port voltage and the volts it wakes at. */
export function hotVmp(context: RuleContext): Omit<Finding, "mend"> {
  const { fit, series, port, site, skies } = context;
  const { sky, array } = skies.hotRoof;
  const assumptions = [...siteAssumed(context, "recordHigh", "mount"), ...labelAssumed(context, "tempCoVocPctPerC"), ...fitAssumed(context)];
  const floorV = stayV(port);
  const wakingV = wakeV(port);
  if (wakingV === null) {
    return { rule: "hotVmp", level: "open", value: { value: array.mpp.v, unit: "V" }, limit: null, marginPct: null, assumptions, reason: { type: "noFloor", hotVmpV: array.mpp.v } };
  }
  const facts: HotVmpFacts = {
    series,
    panelVmpV: fit.label.vmpV,
    hotVmpV: array.mpp.v,
    hotVocV: array.vocV,
    airTempC: sky.airTempC,
    cellTempC: sky.cellTempC,
    mount: site.mount,
    floorV: floorV ?? wakingV,
    wakeV: wakingV,
    batteryV: port.batteryV,
  };
  const marginPct = 100 * (facts.hotVmpV / wakingV - 1);
  const { level, outcome } = grade(facts, marginPct);
  return { rule: "hotVmp", level, value: { value: facts.hotVmpV, unit: "V" }, limit: { value: wakingV, unit: "V" }, marginPct, assumptions, reason: { type: "hotVmp", outcome, ...facts } };
}

function grade(facts: HotVmpFacts, marginPct: number): { level: Level; outcome: HotVmpFactsOutcome } {
  if (facts.hotVocV <= facts.wakeV) return { level: "stop", outcome: "neverWakes" };
  if (marginPct < 0) return { level: "care", outcome: "below" };
  if (marginPct < nearFloorPct) return { level: "note", outcome: "nearFloor" };
  if (facts.batteryV !== null && facts.hotVmpV < facts.batteryV + comfortV) return { level: "note", outcome: "littleComfort" };
  return { level: "good", outcome: "clear" };
}

type HotVmpFactsOutcome = "neverWakes" | "below" | "nearFloor" | "littleComfort" | "clear";
