import { applyChanges, type Change, type Plan } from "../../plan";
import { judgeAll, type Fix, type FindingWithoutFixes } from "../../assessment";
import { kindOf, panelNoonW, solvableById, type SolvableWiring } from "../../plan-model";
import { countsOf, standOf } from "../../engine/array";
import { copperContext } from "../../protection/rules";
import { protectReport } from "../../protection/diagram";
import { countSizes, fitMissing } from "./cabling-fixes";
import { type Tried } from "./tries";

/** Less than this is not worth a word where prices are assumed, in the currency of the plan. */
const minMoney = 5;

/**
 * A wiring that was tried, as a fix that does all it says: the strings as they would be, with a fuse of its size in every string that then
 * needs one. What its parts cost is held against `nowMoney`, what those of the wiring as it is cost.
 */
export function toFix(
  ready: SolvableWiring,
  { candidate, noonW, bought, modules, shelved }: Tried,
  nowMoney: number,
): Omit<Fix, "beside"> {
  const { wiringId } = ready;
  const portArrays = candidate.portArrays.filter((portArray) => portArray.strings.length > 0);
  const rewire: Change = { type: "rewire", wiringId, portArrays, counts: countsOf(portArrays) };
  const rewired = after(ready, [rewire]);
  const missing = judgeAll(rewired).flatMap(missingIn);
  const changes = [rewire, ...fusesFor(rewired, missing)];
  const whole = after(ready, changes);
  const findings = judgeAll(whole);
  const leaves = findings.filter(({ level }) => level === "stop");
  const margins = findings.flatMap(({ rule, marginPct }) => (rule === "coldVoc" ? (marginPct ?? []) : []));
  const isBought = bought + modules > 0;
  const more = protectReport(whole).money.parts - nowMoney;
  return {
    kind: candidate.kind,
    changes,
    cost: { bought, shelved },
    noonW,
    fuses: countSizes(missing.flatMap(({ sizes }) => sizes)),
    vocMarginPct: margins.length === 0 ? null : Math.min(...margins),
    // what is bought besides has prices that nobody has stated
    money: isBought || Math.abs(more) < minMoney ? null : { more, currency: ready.plan.protect.currency },
    leaves: leaves.map(({ rule, subject }) => ({ rule, subject })),
  };
}

/** The plan with some changes, solved; what it has in common with the plan as it is stays solved. */
function after({ plan, wiringId, memory }: SolvableWiring, changes: readonly Change[]): SolvableWiring {
  const next: Plan = applyChanges(plan, changes);
  return solvableById(next, wiringId, null, memory);
}

type MissingFuses = {
  readonly subject: FindingWithoutFixes["subject"];
  readonly sizes: Extract<FindingWithoutFixes["reason"], { readonly type: "fuses" }>["missing"];
};

/** The fuses that strings of a port need and do not have: fitting them turns the Caution into a pass. */
function missingIn({ reason, level, subject }: FindingWithoutFixes): MissingFuses[] {
  return reason.type === "fuses" && level === "care" && reason.missing.length > 0
    ? [{ subject, sizes: reason.missing }]
    : [];
}

function fusesFor(ready: SolvableWiring, missing: readonly MissingFuses[]): Change[] {
  if (missing.length === 0) return [];
  const copper = copperContext(ready.plan, ready.wiringId, ready.portArrays, ready.positions[0]?.id ?? "");
  return missing.flatMap(({ subject, sizes }) => {
    const parts = copper?.portArrays.find(
      ({ inputId, portId }) => subject.type === "portArray" && subject.inputId === inputId && subject.portId === portId,
    );
    return copper === null || parts === undefined
      ? []
      : fitMissing(copper, parts, sizes).flatMap(({ changes }) => changes);
  });
}

/** Watts that all panels could give at noon, each at its own best: those of the wiring as it is, or with some changes, whichever are more. */
export function possibleW(ready: SolvableWiring, changes: readonly Change[]): number {
  return Math.max(freeWatts(ready), freeWatts(after(ready, changes)));
}

function freeWatts({ portArrays }: SolvableWiring): number {
  return portArrays.reduce(
    (whole, portArray) =>
      portArray.tiles.reduce(
        (sum, tile) => sum + panelNoonW(portArray, kindOf(portArray, tile), standOf(portArray.fixed, tile)),
        whole,
      ),
    0,
  );
}
