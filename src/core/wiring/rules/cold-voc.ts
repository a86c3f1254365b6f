import { type CeilingBasis, type OverVoltageOutcome } from "../../engine/pv-input";
import { longestString, type PvString, type PanelRef } from "../../engine/array";
import {
  type ColdBy,
  type ColdVolts,
  codeTableFactor,
  type PortArrayContext,
  keysOf,
  kindOf,
  labelAssumed,
  siteAssumed,
  termsOf,
  type Assumption,
  type Term,
} from "../../plan-model";
import { type RuleOutcome, type Level, type PortArrayRule } from "../../checks";

export type ColdVocFacts = {
  /** The panels of the string with the most volts. */
  readonly terms: readonly Term[];
  readonly coefficients: readonly number[];
  readonly recordLowC: number;
  /** What is judged, V, and by what it came about: of any part that can stand alone, the most of all ways to reckon. */
  readonly judgedV: number;
  readonly by: ColdBy;
  readonly curveV: number;
  readonly lineV: number;
  readonly tableFactor: number;
  readonly tableV: number;
  /** Whether thin film is among them, of which the table says nothing: it counts there with its own volts. */
  readonly withFilm: boolean;
  /** The labels' own sum at 25 °C, V. */
  readonly labelV: number;
  /** With nothing connected, V; the same as what is judged unless the ceiling is meant for running volts. */
  readonly openV: number;
  /** All strings joined, by the solved curve, V. */
  readonly joinedVocV: number;
  readonly ceilingV: number;
  readonly basis: CeilingBasis;
  readonly overVoltage: OverVoltageOutcome;
};

/** Why: what it reaches against what the input bears, or that nobody knows what it bears. */
export type ColdVocReason =
  | ({
      readonly type: "coldVoc";
      readonly outcome: "over" | "runningOver" | "tableOver" | "close" | "inside" | "insideRunning";
    } & ColdVocFacts)
  | { readonly type: "noCeiling"; readonly judgedV: number };

/** Less room than this under a ceiling is worth a word: a label may be 3 % off. */
const closePct = 3;

/** The part of some strings that presents the most volts when the others are unplugged. */
export type MostVolts = {
  readonly volts: number;
  readonly by: ColdBy;
  readonly tiles: readonly PanelRef[];
  readonly sum: (of: (cold: ColdVolts) => number) => number;
};

/**
 * The most volts that strings present, or any part of them that can be left connected when others are unplugged: series adds
 * its items' most, parallel takes the most of its members; panels taken out are not in it.
 */
export function maxColdVolts(
  context: Pick<PortArrayContext, "kinds" | "cold">,
  strings: readonly PvString[],
  of: (cold: ColdVolts) => number = ({ maxV }) => maxV,
): MostVolts {
  const coldOf = (tile: PanelRef) => context.cold(kindOf(context, tile));
  const found = longestString(strings, (tile) => (tile.bypassed ? 0 : of(coldOf(tile))));
  const tiles = found.tiles.filter(({ bypassed }) => !bypassed);
  const sum = (each: (cold: ColdVolts) => number) => tiles.reduce((total, tile) => total + each(coldOf(tile)), 0);
  const ways = new Set(tiles.map((tile) => coldOf(tile).by));
  return { volts: found.total, by: ways.has("table") ? "table" : ways.has("line") ? "line" : "curve", tiles, sum };
}

/** Rule 1: coldest volts against the ceiling, of the whole and of every part that can be left connected alone. */
export function coldVoc(context: PortArrayContext): RuleOutcome<ColdVocReason> {
  const { port, site, clear, device, portArray } = context;
  const open = maxColdVolts(context, portArray.strings);
  const assumptions: Assumption[] = [
    ...siteAssumed(context, "recordLow"),
    ...labelAssumed(context, "tempCoVocPctPerC"),
  ];
  const addOn = device.modules.find(({ id }) => id === port.moduleId);
  if (addOn !== undefined) assumptions.push({ type: "moduleFitted", name: addOn.name });
  if (port.maxV === null) {
    return {
      level: "open",
      value: { value: open.volts, unit: "V" },
      limit: null,
      marginPct: null,
      assumptions,
      reason: { type: "noCeiling", judgedV: open.volts },
      tiles: [],
    };
  }
  if (port.ceilingBasis === "unknown") assumptions.push({ type: "ceilingIsVoc" });
  if (port.overVoltage === "unknown") assumptions.push({ type: "overVoltageDestroys" });
  const running = maxColdVolts(context, portArray.strings, ({ runningV }) => runningV);
  const judged = port.ceilingBasis === "vmp" ? running : open;
  const { tiles } = judged;
  const facts: ColdVocFacts = {
    terms: termsOf(context, tiles, ({ fit }) => fit.label.vocV),
    coefficients: termsOf(context, tiles, ({ fit }) => fit.label.tempCoVocPctPerC).map(({ each }) => each),
    recordLowC: site.recordLowC,
    judgedV: judged.volts,
    by: judged.by,
    curveV: judged.sum(({ curveV }) => curveV),
    lineV: judged.sum(({ lineV }) => lineV),
    tableFactor: codeTableFactor(site.recordLowC),
    tableV: judged.sum(({ tableV, maxV }) => tableV ?? maxV),
    withFilm: tiles.some((tile) => context.cold(kindOf(context, tile)).tableV === null),
    labelV: tiles.reduce((sum, tile) => sum + kindOf(context, tile).fit.label.vocV, 0),
    openV: open.volts,
    joinedVocV: clear.coldDawn.array.vocV,
    ceilingV: port.maxV,
    basis: port.ceilingBasis,
    overVoltage: port.overVoltage,
  };
  const marginPct = 100 * (1 - facts.judgedV / port.maxV);
  const { level, outcome } = grade(facts, marginPct);
  return {
    level,
    value: { value: facts.judgedV, unit: "V" },
    limit: { value: port.maxV, unit: "V" },
    marginPct,
    assumptions,
    reason: { type: "coldVoc", outcome, ...facts },
    tiles: keysOf(tiles),
  };
}

function grade(
  facts: ColdVocFacts,
  marginPct: number,
): { level: Level; outcome: "over" | "runningOver" | "tableOver" | "close" | "inside" | "insideRunning" } {
  if (facts.basis === "vmp")
    return marginPct < 0
      ? { level: "stop", outcome: "runningOver" }
      : { level: facts.openV > facts.ceilingV ? "note" : "good", outcome: "insideRunning" };
  if (marginPct < 0) return { level: "stop", outcome: "over" };
  if (facts.tableV > facts.ceilingV) return { level: "care", outcome: "tableOver" };
  if (marginPct < closePct) return { level: "care", outcome: "close" };
  return { level: "good", outcome: "inside" };
}

export const coldVocRule: PortArrayRule<"coldVoc", ColdVocReason> = {
  id: "coldVoc",
  step: "wiring",
  sense: "atMost",
  chart: { skies: ["coldDawn"], edge: "ceiling" },
  fixedBy: "wiring",
  ofInput: true,
  judge: coldVoc,
};
