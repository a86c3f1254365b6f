import { type Mount, namedSky, rossCPerWm2 } from "../../engine/sky";
import { assumedVmpPct } from "../../engine/panel";
import { stayV, wakeV } from "../../engine/pv-input";
import { longestString, standOf } from "../../engine/array";
import {
  type PortArrayContext,
  fitAssumed,
  kindOf,
  kindsIn,
  labelAssumed,
  siteAssumed,
  termsOf,
  type Assumption,
  type Term,
} from "../../plan-model";
import { minFloorV, type RuleOutcome, type Level, type PortArrayRule } from "../../checks";

export type HotVmpFacts = {
  readonly terms: readonly Term[];
  readonly hotVmpV: number;
  readonly hotVocV: number;
  readonly airTempC: number;
  readonly cellTempC: number;
  readonly mount: Mount;
  readonly floorV: number;
  readonly wakeV: number;
  readonly batteryV: number | null;
};

export type HotVmpReason =
  | ({
      readonly type: "hotVmp";
      readonly outcome: "neverWakes" | "below" | "belowWake" | "nearFloor" | "littleComfort" | "clear";
    } & HotVmpFacts)
  | { readonly type: "noFloor"; readonly hotVmpV: number };

/** Less room than this over the floor leaves haze, dirt and ageing nothing to eat into. */
const nearFloorPct = 8;
/** Volts over the battery below which a controller starts late and stops early on dull days. */
const comfortV = 20;

/** Rule 2: running volts on the hottest roof against the lowest port voltage and the volts it wakes at. */
export function hotVmp(context: PortArrayContext): RuleOutcome<HotVmpReason> {
  const { port, site, reached, portArray } = context;
  const { sky, array } = reached.hotRoof;
  const assumptions = [
    ...siteAssumed(context, "recordHigh", "mount"),
    ...labelAssumed(context, "vmpV", "tempCoVocPctPerC"),
    ...fitAssumed(context),
    ...cableAssumed(context),
  ];
  // a Vmp that nobody stated may be lower than assumed
  const isAssumed = kindsIn(context).some(({ assumedFields }) => assumedFields.includes("vmpV"));
  const hotVmpV = array.mpp.v * (isAssumed ? 1 - assumedVmpPct / 100 : 1);
  const floorV = stayV(port);
  const wakingV = wakeV(port);
  if (wakingV === null) {
    return {
      level: "note",
      value: { value: hotVmpV, unit: "V" },
      limit: null,
      marginPct: null,
      assumptions,
      reason: { type: "noFloor", hotVmpV },
      tiles: [],
    };
  }
  const longest = longestString(portArray.strings, (tile) =>
    tile.bypassed ? 0 : kindOf(context, tile).fit.label.vmpV,
  ).tiles.filter((tile) => !tile.bypassed);
  // where panels are fixed otherwise than the rest, the hottest of them are told
  const mount = context.tiles
    .map((tile) => standOf(context.fixed, tile).mount ?? site.mount)
    .reduce((hottest, each) => (rossCPerWm2[each] > rossCPerWm2[hottest] ? each : hottest));
  const facts: HotVmpFacts = {
    terms: termsOf(context, longest, ({ fit }) => fit.label.vmpV),
    hotVmpV,
    hotVocV: array.vocV,
    airTempC: sky.airTempC,
    cellTempC: namedSky("hotRoof", { ...site, mount }).cellTempC,
    mount,
    floorV: floorV ?? wakingV,
    wakeV: wakingV,
    batteryV: port.batteryV,
  };
  const { level, outcome } = grade(facts, comfortableV(context, hotVmpV));
  // with nothing connected it must wake, and running it must stay on: each is told with its own volts
  const [judgedV, limitV] =
    outcome === "neverWakes"
      ? [facts.hotVocV, facts.wakeV]
      : [facts.hotVmpV, outcome === "belowWake" || floorV === null ? facts.wakeV : facts.floorV];
  return {
    level,
    value: { value: judgedV, unit: "V" },
    limit: { value: limitV, unit: "V" },
    marginPct: limitV >= minFloorV ? 100 * (judgedV / limitV - 1) : null,
    assumptions,
    reason: { type: "hotVmp", outcome, ...facts },
    tiles: [],
  };
}

/** Said where the volts that are told are those behind measured cables. */
function cableAssumed({ copper, clear, reached }: PortArrayContext): Assumption[] {
  const volts = clear.hotRoof.array.mpp.v - reached.hotRoof.array.mpp.v;
  return copper.cables === null ? [] : [{ type: "cableDrop", volts: Math.max(0, volts) }];
}

/**
 * The operating volts from which a controller starts early; null where more would not help or may not be had: a PWM controller holds the
 * array at its battery's volts, and an array of the same shape must stay under the max PV voltage on the coldest dawn.
 */
function comfortableV({ port, tracking, clear }: PortArrayContext, hotVmpV: number): number | null {
  if (port.batteryV === null || tracking.type === "pwm" || hotVmpV <= 0) return null;
  const wantedV = port.batteryV + comfortV;
  const coldV = (wantedV * clear.coldDawn.array.vocV) / hotVmpV;
  return port.maxV === null || coldV <= port.maxV ? wantedV : null;
}

function grade(facts: HotVmpFacts, wantedV: number | null): { level: Level; outcome: HotVmpFactsOutcome } {
  if (facts.hotVocV <= facts.wakeV) return { level: "stop", outcome: "neverWakes" };
  if (facts.hotVmpV < facts.floorV) return { level: "care", outcome: "below" };
  if (facts.hotVmpV < facts.wakeV) return { level: "note", outcome: "belowWake" };
  if (facts.hotVmpV < facts.floorV * (1 + nearFloorPct / 100)) return { level: "note", outcome: "nearFloor" };
  if (wantedV !== null && facts.hotVmpV < wantedV) return { level: "note", outcome: "littleComfort" };
  return { level: "good", outcome: "clear" };
}

type HotVmpFactsOutcome = "neverWakes" | "below" | "belowWake" | "nearFloor" | "littleComfort" | "clear";

export const hotVmpRule: PortArrayRule<"hotVmp", HotVmpReason> = {
  id: "hotVmp",
  step: "wiring",
  sense: "atLeast",
  chart: { skies: ["hotRoof"], edge: "floor" },
  fixedBy: "wiring",
  ofInput: true,
  judge: hotVmp,
};
