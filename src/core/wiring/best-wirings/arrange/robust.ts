import { climateKinds } from "@/core/site/climate";
import { applyChanges, type Change, type PieceRef, type Plan, positionIn } from "@/core/plan";
import { judgeAll, takenW } from "@/core/assessment";
import { solvableById, type SolveCache, recordLowOf } from "@/core/plan-model";
import { quietly } from "@/core/engine/generators";
import { type WeatherYear } from "@/core/engine/weather";
import { keyOf, type PortArray, partsOfKey, standOf, tilesOf, tilesOfStrings } from "@/core/engine/array";
import { assumedLossPct, inAll, planYear } from "../../year";
import { planWired } from "./facts";
import { type Goal } from "./goal";
import { hasStop } from "./judge";

/** What may come otherwise than planned. */
export type Trial =
  /** All as planned: what the others are held against, as all are reckoned with few hours. */
  | { readonly type: "planned" }
  | { readonly type: "dirty"; readonly panelName: string; readonly lightPct: number }
  | { readonly type: "dead"; readonly panelName: string }
  | { readonly type: "haze"; readonly pct: number }
  | { readonly type: "short"; readonly panelName: string; readonly pct: number }
  | { readonly type: "colder"; readonly recordLowC: number }
  | { readonly type: "heading"; readonly headingDeg: number };

/** How wirings do in a trial: what each is ranked by, and whether a rule then stops it. */
export type TrialResult = {
  readonly trial: Trial;
  readonly wirings: readonly { readonly score: number; readonly stopped: boolean }[];
};

export type RobustAsk = {
  readonly plan: Plan;
  readonly wiringId: string;
  readonly weather: WeatherYear | null;
  readonly goal: Goal;
  readonly wirings: readonly (readonly PortArray[])[];
};

/** Light left on a dirty panel, and what a weak batch is short of, %. */
const dirtyLightPct = 70;
const shortPct = 3;
const hazePct = 20;
/** Degrees below where no kind of climate has a colder record. */
const colderByC = 5;

/** Each wiring in each trial, one trial after another; tells what is known so far. */
export function* robustness(
  { plan, wiringId, weather, goal, wirings }: RobustAsk,
  memory: SolveCache,
): Generator<{ readonly share: number; readonly results: readonly TrialResult[] } | undefined, readonly TrialResult[]> {
  const results: TrialResult[] = [];
  const trials = trialsOf(plan, wiringId, wirings[0] ?? [], goal);
  for (const { trial, changes } of trials) {
    const scores: { score: number; stopped: boolean }[] = [];
    for (const portArrays of wirings) {
      const tried = planWired(applyChanges(plan, changes), wiringId, portArrays);
      const ready = solvableById(tried, wiringId, null, memory);
      const stopped = hasStop(judgeAll(ready).filter(({ subject }) => subject.type !== "surface"));
      yield undefined;
      if (goal.type === "noon") {
        scores.push({ score: takenW(ready, "brightNoon"), stopped });
        continue;
      }
      const year = planYear({ plan: tried, wiringId, weather, fineness: "quick", memory });
      const { months } = yield* quietly(year);
      const score = goal.type === "year" ? inAll(months).takenKwh : (months[goal.month - 1]?.takenKwh ?? 0);
      scores.push({ score, stopped });
    }
    results.push({ trial, wirings: scores });
    yield { share: results.length / trials.length, results: [...results] };
  }
  return results;
}

/** What is tried on a plan. Dirty and dead is a panel of the best wiring's longest string, where it drags the most others with it. */
function trialsOf(
  plan: Plan,
  wiringId: string,
  best: readonly PortArray[],
  goal: Goal,
): { trial: Trial; changes: Change[] }[] {
  const positionIds = plan.wirings.find(({ id }) => id === wiringId)?.positionIds ?? [];
  const strings = best.flatMap(({ strings: all }) => all);
  const longest = strings.reduce<PortArray["strings"][number] | null>(
    (most, string) =>
      most === null || tilesOfStrings([string]).length > tilesOfStrings([most]).length ? string : most,
    null,
  );
  const victim = longest === null ? undefined : tilesOfStrings([longest])[0];
  const nameOf = (panelId: string) => plan.panels.find(({ id }) => id === panelId)?.label.name ?? panelId;
  const trials: { trial: Trial; changes: Change[] }[] = [{ trial: { type: "planned" }, changes: [] }];
  if (victim !== undefined) {
    const lit = (share: number) => dimmed(plan, positionIds, [victim], share);
    const panelName = nameOf(victim.panelId);
    trials.push({
      trial: { type: "dirty", panelName, lightPct: dirtyLightPct },
      changes: lit(dirtyLightPct / 100),
    });
    trials.push({ trial: { type: "dead", panelName }, changes: lit(0) });
  }
  const haze = Math.min(60, (plan.site.losses.hazePct ?? assumedLossPct.hazePct) + hazePct);
  const all = plan.panels.flatMap(({ id, pieces }) => pieces.map(({ number }) => ({ panelId: id, piece: number })));
  trials.push({
    trial: { type: "haze", pct: hazePct },
    changes:
      // a bright noon is one without haze, whatever the place has of it
      goal.type === "noon"
        ? dimmed(plan, positionIds, all, 1 - hazePct / 100)
        : [{ type: "setSite", patch: { losses: { ...plan.site.losses, hazePct: haze } } }],
  });
  const [batch] = [...new Set(tilesOf(best).map(keyOf))].map((key) => partsOfKey(key).panelId);
  const sheet = plan.panels.find(({ id }) => id === batch);
  if (batch !== undefined && sheet !== undefined) {
    const less = (value: number | null) => (value === null ? null : value * (1 - shortPct / 100));
    const { iscA, impA, pmaxW } = sheet.label;
    trials.push({
      trial: { type: "short", panelName: sheet.label.name, pct: shortPct },
      changes: [
        {
          type: "setLabel",
          panelId: batch,
          patch: { iscA: less(iscA), impA: less(impA), pmaxW: less(pmaxW) },
        },
      ],
    });
  }
  const nowC = recordLowOf(plan.site).lowC;
  const below = climateKinds.map(({ recordLowC }) => recordLowC).filter((lowC) => lowC < nowC);
  const recordLowC = Math.max(-60, Math.max(nowC - 2 * colderByC, ...(below.length > 0 ? below : [nowC - colderByC])));
  trials.push({ trial: { type: "colder", recordLowC }, changes: [{ type: "setSite", patch: { recordLowC } }] });
  const headingDeg = ((plan.site.headingDeg ?? 0) + 90) % 360;
  trials.push({ trial: { type: "heading", headingDeg }, changes: [{ type: "setSite", patch: { headingDeg } }] });
  return trials;
}

/** Some panels under so much of the light that each has in each position: what stands in somebody's shade is dirty as well. */
function dimmed(plan: Plan, positionIds: readonly string[], refs: readonly PieceRef[], share: number): Change[] {
  return positionIds.flatMap((positionId) => {
    const position = positionIn(plan, positionId);
    return refs.map((ref): Change => ({
      type: "setStands",
      positionId,
      keys: [keyOf(ref)],
      patch: { light: standOf(position, ref).light.map((has) => has * share) },
    }));
  });
}
