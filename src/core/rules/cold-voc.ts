import { stcCellTempC } from "../panel";
import { longestRow } from "../wiring";
import {
  type Kind,
  type LaneContext,
  keysOf,
  kindOf,
  kindsIn,
  labelAssumed,
  siteAssumed,
  solveRows,
  termsOf,
} from "./context";
import { type Assumption, type ColdVocFacts, type Judged, type Level } from "./finding";

/** Less room than this under a ceiling is worth a word: a label may be 3 % off. */
const closePct = 3;

/** Voltage multipliers by lowest air temperature, crystalline silicon. NEC table 690.7(A); rows run down from `fromC`. */
const codeTable: readonly { readonly fromC: number; readonly factor: number }[] = [
  { fromC: 25, factor: 1 },
  { fromC: 20, factor: 1.02 },
  { fromC: 15, factor: 1.04 },
  { fromC: 10, factor: 1.06 },
  { fromC: 5, factor: 1.08 },
  { fromC: 0, factor: 1.1 },
  { fromC: -5, factor: 1.12 },
  { fromC: -10, factor: 1.14 },
  { fromC: -15, factor: 1.16 },
  { fromC: -20, factor: 1.18 },
  { fromC: -25, factor: 1.2 },
  { fromC: -30, factor: 1.21 },
  { fromC: -35, factor: 1.23 },
  { fromC: -40, factor: 1.25 },
];

/** The code table's multiplier; colder than its last row, that row and 0.5 % a degree more. */
export function codeTableFactor(lowestAirC: number): number {
  const row = codeTable.find(({ fromC }) => lowestAirC >= fromC);
  return row?.factor ?? 1.25 + 0.005 * (-40 - lowestAirC);
}

/** Rule 1: coldest open-circuit volts against the ceiling, by the solved curve and by the code table. */
export function coldVoc(context: LaneContext): Judged {
  const { port, site, clear, device, lane } = context;
  const { array } = clear.coldDawn;
  // rows of fewer volts hold the others down only while they are plugged in: each row must pass by itself
  const rowVocV = lane.rows.reduce((most, row) => Math.max(most, solveRows(context, [row], "coldDawn")?.vocV ?? 0), 0);
  const solvedVocV = Math.max(array.vocV, rowVocV);
  const assumptions: Assumption[] = [
    ...siteAssumed(context, "recordLow"),
    ...labelAssumed(context, "tempCoVocPctPerC"),
  ];
  const addOn = device.modules.find(({ id }) => id === port.moduleId);
  if (addOn !== undefined) assumptions.push({ type: "moduleFitted", name: addOn.name });
  if (port.maxV === null) {
    return {
      rule: "coldVoc",
      level: "open",
      value: { value: solvedVocV, unit: "V" },
      limit: null,
      marginPct: null,
      assumptions,
      reason: { type: "noCeiling", solvedVocV },
      tiles: [],
    };
  }
  if (port.ceilingBasis === "unknown") assumptions.push({ type: "ceilingIsVoc" });
  if (port.overVoltage === "unknown") assumptions.push({ type: "overVoltageDestroys" });
  const tableFactor = codeTableFactor(site.recordLowC);
  const coldV = ({ fit }: Kind) =>
    fit.label.vocV * (1 + (fit.label.tempCoVocPctPerC / 100) * (site.recordLowC - stcCellTempC));
  const longest = longestRow(lane.rows, (tile) => (tile.stance === "off" ? 0 : coldV(kindOf(context, tile.panelId))));
  const inUse = longest.tiles.filter((tile) => tile.stance !== "off");
  const terms = termsOf(context, inUse, ({ fit }) => fit.label.vocV);
  const facts: ColdVocFacts = {
    terms,
    coefficients: termsOf(context, inUse, ({ fit }) => fit.label.tempCoVocPctPerC).map(({ each }) => each),
    recordLowC: site.recordLowC,
    coefficientVocV: longest.total,
    solvedVocV,
    joinedVocV: array.vocV,
    solvedVmpV: array.mpp.v,
    tableFactor,
    tableVocV: terms.reduce((sum, { count, each }) => sum + count * each, 0) * tableFactor,
    ceilingV: port.maxV,
    basis: port.ceilingBasis,
    overVoltage: port.overVoltage,
  };
  const judgedV = port.ceilingBasis === "vmp" ? facts.solvedVmpV : coldestVocV(context, facts);
  const marginPct = 100 * (1 - judgedV / port.maxV);
  const { level, outcome } = grade(facts, marginPct);
  return {
    rule: "coldVoc",
    level,
    value: { value: judgedV, unit: "V" },
    limit: { value: port.maxV, unit: "V" },
    marginPct,
    assumptions,
    reason: { type: "coldVoc", outcome, ...facts },
    tiles: keysOf(inUse),
  };
}

/** The coefficient school by default; with no coefficient on some label the table rules when it is higher. */
function coldestVocV(context: LaneContext, facts: ColdVocFacts): number {
  const guessed = kindsIn(context).some(({ assumedFields }) => assumedFields.includes("tempCoVocPctPerC"));
  return guessed ? Math.max(facts.solvedVocV, facts.tableVocV) : facts.solvedVocV;
}

function grade(
  facts: ColdVocFacts,
  marginPct: number,
): { level: Level; outcome: "over" | "runningOver" | "tableOver" | "close" | "inside" | "insideRunning" } {
  if (facts.basis === "vmp")
    return marginPct < 0
      ? { level: "stop", outcome: "runningOver" }
      : { level: facts.solvedVocV > facts.ceilingV ? "note" : "good", outcome: "insideRunning" };
  if (marginPct < 0) return { level: "stop", outcome: "over" };
  if (facts.tableVocV > facts.ceilingV) return { level: "care", outcome: "tableOver" };
  if (marginPct < closePct) return { level: "care", outcome: "close" };
  return { level: "good", outcome: "inside" };
}
