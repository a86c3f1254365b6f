import { type RuleContext, labelAssumed, siteAssumed } from "./context";
import { type Assumption, type ColdVocFacts, type Finding, type Level } from "./finding";
import { stcCellTempC } from "../panel";

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
export function coldVoc(context: RuleContext): Omit<Finding, "mend"> {
  const { fit, series, port, site, skies } = context;
  const array = skies.coldDawn.array;
  const assumptions: Assumption[] = [...siteAssumed(context, "recordLow"), ...labelAssumed(context, "tempCoVocPctPerC")];
  if (port.maxV === null) {
    return { rule: "coldVoc", level: "open", value: { value: array.vocV, unit: "V" }, limit: null, marginPct: null, assumptions, reason: { type: "noCeiling", solvedVocV: array.vocV } };
  }
  if (port.ceilingBasis === "unknown") assumptions.push({ type: "ceilingIsVoc" });
  if (port.overVoltage === "unknown") assumptions.push({ type: "overVoltageDestroys" });
  const tableFactor = codeTableFactor(site.recordLowC);
  const facts: ColdVocFacts = {
    series,
    panelVocV: fit.label.vocV,
    tempCoVocPctPerC: fit.label.tempCoVocPctPerC,
    recordLowC: site.recordLowC,
    coefficientVocV: series * fit.label.vocV * (1 + (fit.label.tempCoVocPctPerC / 100) * (site.recordLowC - stcCellTempC)),
    solvedVocV: array.vocV,
    solvedVmpV: array.mpp.v,
    tableFactor,
    tableVocV: series * fit.label.vocV * tableFactor,
    ceilingV: port.maxV,
    basis: port.ceilingBasis,
    overVoltage: port.overVoltage,
  };
  const judgedV = port.ceilingBasis === "vmp" ? facts.solvedVmpV : coldestVocV(context, facts);
  const marginPct = 100 * (1 - judgedV / port.maxV);
  const { level, outcome } = grade(facts, marginPct);
  return { rule: "coldVoc", level, value: { value: judgedV, unit: "V" }, limit: { value: port.maxV, unit: "V" }, marginPct, assumptions, reason: { type: "coldVoc", outcome, ...facts } };
}

/** The coefficient school by default; with no coefficient on the label the table rules when it is higher. */
function coldestVocV(context: RuleContext, facts: ColdVocFacts): number {
  const guessed = context.assumedFields.includes("tempCoVocPctPerC");
  return guessed ? Math.max(facts.solvedVocV, facts.tableVocV) : facts.solvedVocV;
}

function grade(facts: ColdVocFacts, marginPct: number): { level: Level; outcome: "over" | "runningOver" | "tableOver" | "close" | "inside" | "insideRunning" } {
  if (facts.basis === "vmp") return marginPct < 0 ? { level: "stop", outcome: "runningOver" } : { level: facts.solvedVocV > facts.ceilingV ? "note" : "good", outcome: "insideRunning" };
  if (marginPct < 0) return { level: "stop", outcome: "over" };
  if (facts.tableVocV > facts.ceilingV) return { level: "care", outcome: "tableOver" };
  if (marginPct < closePct) return { level: "care", outcome: "close" };
  return { level: "good", outcome: "inside" };
}
