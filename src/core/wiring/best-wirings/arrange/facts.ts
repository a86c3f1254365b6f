import { applyChanges, type Plan } from "@/core/plan";
import { type Amount, levels, worstLevel } from "@/core/checks";
import { judgeAll, type FindingWithoutFixes, takenW } from "@/core/assessment";
import { solvableById, type SolveCache, type SolvableWiring } from "@/core/plan-model";
import { stringCurrent } from "@/core/wiring/rules";
import { quietly } from "@/core/engine/generators";
import { type WeatherYear } from "@/core/engine/weather";
import { countsOf, joiningParts, type JoiningParts, type PortArray, tilesOfStrings, usedIn } from "@/core/engine/array";
import { type Fineness, inAll, type LossName, lossNames, planYear, type PlanYear } from "../../year";
import { type Goal } from "./goal";
import { moneyFor } from "./prices";
import { shadeLossW, shapeOf } from "./shade-loss";

/** A year of a wiring by what it loses, kWh. */
export type YearFacts = {
  readonly fineness: Fineness;
  readonly couldKwh: number;
  readonly offeredKwh: number;
  readonly takenKwh: number;
  readonly usedKwh: number;
  readonly byMonthKwh: readonly number[];
  readonly losses: Readonly<Record<LossName, number>>;
  /** Share of what the panels offer that ports leave for a limit of volts, amps or watts, %. */ readonly clippedPct: number;
  /** Minutes a day in which there is light on panels of a port that takes nothing: of the port where it is most. */
  readonly asleepMinutes: number;
};

/** A wiring in numbers that can be set beside another's. */
export type WiringFacts = {
  /** What it is ranked by: kWh of the year or the month, W at noon. */ readonly score: number;
  readonly noonW: number;
  readonly year: YearFacts;
  /** The string nearest to its ceiling in the cold, and the ceiling; null where no port states one. */
  readonly cold: { readonly value: Amount; readonly limit: Amount; readonly marginPct: number } | null;
  /** Of noon's watts, what the worst shaded substring takes, %. */ readonly shadePct: number;
  readonly parts: JoiningParts & { readonly fuses: number; readonly ports: number };
  readonly money: number;
  /** Amps that the leads to one port carry, shorted, at most. */ readonly iscA: number;
  readonly panels: number;
  readonly strings: number;
  /** Strings that are not like the others of their port. */ readonly unlikeStrings: number;
  readonly worst: FindingWithoutFixes["level"];
  /** All that does not pass, the worst first. */ readonly remarks: readonly FindingWithoutFixes[];
};

export type FactsAsk = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly weather: WeatherYear | null;
  readonly goal: Goal;
  readonly fineness: Fineness;
};

/** A plan with one of its wirings wired otherwise. */
export function planWired(plan: Plan, wiringId: string, portArrays: readonly PortArray[]): Plan {
  return applyChanges(plan, [{ type: "rewire", wiringId, portArrays, counts: countsOf(portArrays) }]);
}

/** What can be said of a wiring of a plan in numbers. Pauses on the way; throws where the plan has no such wiring. */
export function* factsOf(ask: FactsAsk, memory: SolveCache): Generator<undefined, WiringFacts> {
  const { plan, wiringId, goal } = ask;
  const ready = solvableById(plan, wiringId, null, memory);
  const findings = judgeAll(ready);
  yield undefined;
  const noonW = takenW(ready, "brightNoon");
  const shadeW = yield* shadeLossW(ready);
  const year = yield* quietly(planYear({ ...ask, memory }));
  const facts = yearFacts(year);
  const wiring = plan.wirings.find(({ id }) => id === wiringId);
  const portArrays = (wiring?.portArrays ?? []).filter(({ strings }) => tilesOfStrings(strings).length > 0);
  const remarks = findings
    .filter(({ level }) => level !== "good")
    .sort((a, b) => levels.indexOf(a.level) - levels.indexOf(b.level));
  const fuses = findings.reduce((sum, { reason }) => (reason.type === "fuses" ? sum + reason.missing.length : sum), 0);
  const parts = { ...joiningParts(portArrays), fuses, ports: portArrays.length };
  return {
    score:
      goal.type === "noon" ? noonW : goal.type === "year" ? facts.takenKwh : (facts.byMonthKwh[goal.month - 1] ?? 0),
    noonW,
    year: facts,
    cold: tightest(findings),
    shadePct: noonW > 0 ? (100 * shadeW) / noonW : 0,
    parts,
    money: moneyFor(parts),
    iscA: Math.max(
      0,
      ...ready.portArrays.map((context) =>
        context.portArray.strings.reduce((sum, string) => sum + stringCurrent(context, string), 0),
      ),
    ),
    panels: portArrays.reduce((sum, { strings }) => sum + usedIn(strings).length, 0),
    strings: portArrays.reduce((sum, { strings }) => sum + strings.length, 0),
    unlikeStrings: portArrays.reduce((sum, portArray) => sum + unlike(portArray, ready), 0),
    worst: worstLevel(findings),
    remarks,
  };
}

function yearFacts({ months, ports, fineness }: PlanYear): YearFacts {
  const all = inAll(months);
  const losses = Object.fromEntries(lossNames.map((name) => [name, all.losses[name]])) as Record<LossName, number>;
  const clipped = losses.clippedVolts + losses.clippedAmps + losses.clippedWatts;
  return {
    fineness,
    couldKwh: all.couldKwh,
    offeredKwh: all.offeredKwh,
    takenKwh: all.takenKwh,
    usedKwh: all.usedKwh,
    byMonthKwh: months.map(({ takenKwh }) => takenKwh),
    losses,
    clippedPct: all.offeredKwh > 0 ? (100 * clipped) / all.offeredKwh : 0,
    asleepMinutes: 60 * Math.max(0, ...ports.map(({ asleepHoursADay }) => asleepHoursADay)),
  };
}

function tightest(findings: readonly FindingWithoutFixes[]): WiringFacts["cold"] {
  const cold = findings.flatMap(({ rule, value, limit, marginPct }) =>
    rule === "coldVoc" && value !== null && limit !== null && marginPct !== null ? [{ value, limit, marginPct }] : [],
  );
  return cold.reduce<WiringFacts["cold"]>(
    (least, each) => (least === null || each.marginPct < least.marginPct ? each : least),
    null,
  );
}

function unlike({ strings }: PortArray, { common }: Pick<SolvableWiring, "common">): number {
  const shapes = strings.map((string) => shapeOf(string, common));
  const most = Math.max(0, ...shapes.map((shape) => shapes.filter((other) => other === shape).length));
  return strings.length - most;
}
