import { stayV, wakeV } from "../input";
import { longestRow } from "../wiring";
import { type LaneContext, fitAssumed, kindOf, labelAssumed, siteAssumed, termsOf } from "./context";
import { type HotVmpFacts, type Judged, type Level } from "./finding";

/** Less room than this over the floor leaves haze, dirt and ageing nothing to eat into. */
const nearFloorPct = 8;
/** Volts over the battery below which a controller starts late and stops early on dull days. */
const comfortV = 20;

/** Rule 2: running volts on the hottest roof against the lowest port voltage and the volts it wakes at. */
export function hotVmp(context: LaneContext): Judged {
  const { port, site, clear, lane } = context;
  const { sky, array } = clear.hotRoof;
  const assumptions = [
    ...siteAssumed(context, "recordHigh", "mount"),
    ...labelAssumed(context, "tempCoVocPctPerC"),
    ...fitAssumed(context),
  ];
  const floorV = stayV(port);
  const wakingV = wakeV(port);
  if (wakingV === null) {
    return {
      rule: "hotVmp",
      level: "open",
      value: { value: array.mpp.v, unit: "V" },
      limit: null,
      marginPct: null,
      assumptions,
      reason: { type: "noFloor", hotVmpV: array.mpp.v },
      tiles: [],
    };
  }
  const longest = longestRow(lane.rows, (tile) =>
    tile.stance === "off" ? 0 : kindOf(context, tile.panelId).fit.label.vmpV,
  ).tiles.filter((tile) => tile.stance !== "off");
  const facts: HotVmpFacts = {
    terms: termsOf(context, longest, ({ fit }) => fit.label.vmpV),
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
  return {
    rule: "hotVmp",
    level,
    value: { value: facts.hotVmpV, unit: "V" },
    limit: { value: wakingV, unit: "V" },
    marginPct,
    assumptions,
    reason: { type: "hotVmp", outcome, ...facts },
    tiles: [],
  };
}

function grade(facts: HotVmpFacts, marginPct: number): { level: Level; outcome: HotVmpFactsOutcome } {
  if (facts.hotVocV <= facts.wakeV) return { level: "stop", outcome: "neverWakes" };
  if (marginPct < 0) return { level: "care", outcome: "below" };
  if (marginPct < nearFloorPct) return { level: "note", outcome: "nearFloor" };
  if (facts.batteryV !== null && facts.hotVmpV < facts.batteryV + comfortV)
    return { level: "note", outcome: "littleComfort" };
  return { level: "good", outcome: "clear" };
}

type HotVmpFactsOutcome = "neverWakes" | "below" | "nearFloor" | "littleComfort" | "clear";
