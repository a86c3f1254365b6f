import { type Change } from "../../plan";
import { judgeAll, type Fix, type FindingWithoutFixes } from "../../assessment";
import { kindOf, panelNoonW, type SolvableWiring } from "../../plan-model";
import { countsOf, standOf } from "../../engine/array";
import { copperContext } from "../../protection/rules";
import { protectReport } from "../../protection/diagram";
import { countSizes, triesFor } from "./cabling-fixes";
import { stopsLeft, withChanges } from "./changed-wiring";
import { type Tried } from "./tries";

/** Less than this is not worth a word where prices are assumed, in the currency of the plan. */
const minMoney = 5;

/** A wiring as a fix, and the watts its panels, or those wired now if these could give more, could give at noon with no limit. */
export type Offer = { readonly fix: Omit<Fix, "beside">; readonly possibleW: number };

/** What the wiring as it is comes to, to hold a fix against: what its parts cost, and what its panels could give at noon, W. */
export type Now = { readonly money: number; readonly freeW: number };

export function nowOf(ready: SolvableWiring): Now {
  return { money: protectReport(ready).money.parts, freeW: freeWatts(ready) };
}

/**
 * A wiring that was tried, as a fix that does all it says: the strings as they would be, with a fuse of its size in every string that then
 * needs one.
 */
export function offerOf(ready: SolvableWiring, { candidate, noonW, bought, modules, shelved }: Tried, now: Now): Offer {
  const { wiringId } = ready;
  const portArrays = candidate.portArrays.filter((portArray) => portArray.strings.length > 0);
  const rewire: Change = { type: "rewire", wiringId, portArrays, counts: countsOf(portArrays) };
  const rewired = withChanges(ready, [rewire]);
  const told = judgeAll(rewired);
  const missing = told.flatMap(missingIn);
  const fuses = fusesFor(rewired, told);
  const changes = [rewire, ...fuses];
  const whole = fuses.length === 0 ? rewired : withChanges(ready, changes);
  const findings = fuses.length === 0 ? told : judgeAll(whole);
  const margins = findings.flatMap(({ rule, marginPct }) => (rule === "coldVoc" ? (marginPct ?? []) : []));
  const isBought = bought + modules > 0;
  const more = isBought ? 0 : protectReport(whole).money.parts - now.money;
  const fix = {
    kind: candidate.kind,
    changes,
    cost: { bought, shelved },
    noonW,
    fuses: countSizes(missing),
    vocMarginPct: margins.length === 0 ? null : Math.min(...margins),
    // what is bought besides has prices that nobody has stated
    money: Math.abs(more) < minMoney ? null : { more, currency: ready.plan.protect.currency },
    leaves: stopsLeft(findings),
  };
  return { fix, possibleW: Math.max(now.freeW, freeWatts(whole)) };
}

/** The fuses that strings of a port need and do not have: fitting them turns the Caution into a pass. */
function missingIn({ reason, level }: FindingWithoutFixes) {
  return reason.type === "fuses" && level === "care" ? reason.missing : [];
}

function fusesFor(ready: SolvableWiring, findings: readonly FindingWithoutFixes[]): Change[] {
  const wanting = findings.filter((finding) => missingIn(finding).length > 0);
  if (wanting.length === 0) return [];
  const copper = copperContext(ready.plan, ready.wiringId, ready.portArrays, ready.positions[0]?.id ?? "");
  return copper === null
    ? []
    : wanting.flatMap((finding) => triesFor(copper, finding)).flatMap(({ changes }) => changes);
}

/** Watts of all panels at noon, each at its own best. */
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
