import fc from "fast-check";
import { applyChanges, type Plan, type PortSheet } from "@/core/plan";
import { assess } from "@/core/assessment";
import { createSolveCache } from "@/core/plan-model";
import { drain } from "@/core/engine/generators";
import { type PortArray } from "@/core/engine/array";
import { demoInputs } from "@/demo";
import { demoPlan, runs, number, portsPlan, randomPlan, string, stood } from "@/testing";
import { type Goal, robustness, type Trial } from "..";
import { planWired } from "./facts";

type Result = { readonly score: number; readonly stopped: boolean };

function tried(plan: Plan, wiringId: string, wirings: readonly (readonly PortArray[])[], goal: Goal) {
  const results = drain(robustness({ plan, wiringId, weather: null, goal, wirings }, createSolveCache()));
  const of = (type: Trial["type"]): readonly Result[] =>
    results.find(({ trial }) => trial.type === type)?.wirings ?? [];
  return { results, of };
}

/** What the ledger would say of a wiring in a trial that is a change of the place alone. */
function ledger(plan: Plan, wiringId: string, portArrays: readonly PortArray[], trial: Trial): Result | null {
  const patch =
    trial.type === "planned"
      ? {}
      : trial.type === "colder"
        ? { recordLowC: trial.recordLowC }
        : trial.type === "heading"
          ? { headingDeg: trial.headingDeg }
          : null;
  if (patch === null) return null;
  const changed = applyChanges(planWired(plan, wiringId, portArrays), [{ type: "setSite", patch }]);
  const assessment = assess(changed, wiringId);
  if (assessment.type !== "assessed") return null;
  return {
    score: assessment.takenW.brightNoon,
    stopped: assessment.findings.some(({ level, subject }) => level === "stop" && subject.type !== "surface"),
  };
}

test("what is told of a change of the place is what the ledger would say", () => {
  let held = 0;
  for (let seed = 1; held < runs(12); seed++) {
    const plan = randomPlan(seed);
    const [wiring] = plan.wirings;
    if (wiring === undefined || assess(plan, wiring.id).type !== "assessed") continue;
    held += 1;
    const { results, of } = tried(plan, wiring.id, [wiring.portArrays], { type: "noon" });
    for (const { trial, wirings } of results) {
      const told = ledger(plan, wiring.id, wiring.portArrays, trial);
      if (told === null) continue;
      expect({ seed, trial, stopped: wirings[0]?.stopped }).toEqual({ seed, trial, stopped: told.stopped });
      expect(wirings[0]?.score).toBeCloseTo(told.score, 6);
    }
    if (of("planned")[0]?.stopped === true) expect(of("colder")[0]?.stopped).toBe(true);
  }
});

test("where a port takes all there is, less light brings less, dirt on a shaded panel too", () => {
  fc.assert(
    fc.property(
      number(0, 1),
      fc.integer({ min: 1, max: 3 }),
      fc.integer({ min: 1, max: 2 }),
      (share, series, strings) => {
        const portArrays = Array.from({ length: strings }, (_, r) =>
          string(...Array.from({ length: series }, (__, k) => ["a", r * series + k + 1] as [string, number])),
        );
        const port = { ...demoInputs.twoPortStation.ports[1], minV: 1, maxV: 999, maxW: 9999, currentLimits: [] };
        const device = { ...demoInputs.twoPortStation, ports: [port as PortSheet], groups: [] };
        const plan = stood(portsPlan(device, { [port.id ?? ""]: portArrays }), ["a.1", { light: [share, 1] }]);
        const { of } = tried(plan, "wiring-1", [plan.wirings[0]?.portArrays ?? []], { type: "noon" });
        const score = (type: Trial["type"]) => of(type)[0]?.score ?? Number.NaN;
        // what lies in less light is cooler too, which is worth a few thousandths
        const most = score("planned") * 1.003;
        for (const type of ["dirty", "dead", "haze", "short"] as const) expect(score(type)).toBeLessThanOrEqual(most);
        expect(score("dead")).toBeLessThanOrEqual(score("dirty") * 1.003);
        expect(score("haze")).toBeLessThan(score("planned") * 0.9);
      },
    ),
    { numRuns: runs(25) },
  );
});

test("a string that the next colder record would break is stopped there, and the shorter one beside it is not", () => {
  const strings = (count: number) => [
    string(...Array.from({ length: count }, (_, k) => ["a", k + 1] as [panelId: string, piece: number])),
  ];
  const portArrays = (count: number) => [{ inputId: "i", portId: "high", strings: strings(count) }];
  const plan = portsPlan(demoInputs.twoPortStation, { high: strings(5) });
  // the mildest record at which five pass the ceiling is the next colder one
  const stopsAt = (recordLowC: number) =>
    ledger(plan, "wiring-1", portArrays(5), { type: "colder", recordLowC })?.stopped === true;
  const lowC = Array.from({ length: 80 }, (_, k) => 20 - k).find(stopsAt);
  if (lowC === undefined) throw new Error("five in series never pass the ceiling");
  const mild = applyChanges(plan, [{ type: "setSite", patch: { recordLowC: lowC + 1 } }]);
  const { of } = tried(mild, "wiring-1", [portArrays(5), portArrays(2)], { type: "noon" });
  expect(of("planned").map(({ stopped }) => stopped)).toEqual([false, false]);
  expect(of("colder").map(({ stopped }) => stopped)).toEqual([true, false]);
});

test("by the year it is a panel of the best wiring’s longest string that is dirty or dead, and dead costs more", () => {
  const plan = demoPlan("The Lantern");
  const [everyDay, pressDay] = plan.wirings;
  if (everyDay === undefined || pressDay === undefined) throw new Error("the Lantern has two wirings");
  const { results, of } = tried(plan, everyDay.id, [everyDay.portArrays, pressDay.portArrays], { type: "year" });
  const victims = results.flatMap(({ trial }) =>
    "panelName" in trial && trial.type !== "short" ? [trial.panelName] : [],
  );
  expect(new Set(victims)).toEqual(new Set([plan.panels[0]?.label.name]));
  const lost = (k: number) => 1 - (of("dead")[k]?.score ?? 0) / (of("planned")[k]?.score ?? 1);
  expect(lost(0)).toBeGreaterThan(0.02);
  for (const k of [0, 1]) expect(of("dirty")[k]?.score).toBeGreaterThan(of("dead")[k]?.score ?? Infinity);
});
