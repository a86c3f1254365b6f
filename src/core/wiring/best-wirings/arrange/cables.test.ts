import { createSolveCache, solvableById } from "@/core/plan-model";
import { takenW } from "@/core/assessment";
import { type End, plainRun, type Plan } from "@/core/plan";
import { drain } from "@/core/engine/generators";
import { inAll, planYear } from "@/core/wiring/year";
import { changed, demoPlan, planWith, verdictOn } from "@/testing";
import { arrange, createBench, quickProof } from ".";
import { createMeter } from "./meter";
import { createProblem } from "./problem";

/** What measured cables do wherever volts and watts are worked out. */
const shed = demoPlan("Bee-keeper");
const port = { inputId: "station", portId: "pv" };

function withTrunk(plan: Plan, lengthMm: number, size: string, at = port): Plan {
  const from: End = { type: "junction", ...at };
  const to: End = { type: "isolator", ...at };
  const run = { ...plainRun("trunk", "trunk", from, to), lengthMm, size };
  return changed(plan, { type: "setRun", wiringId: "wiring-1", run });
}

const noon = (plan: Plan) => {
  const [portArray] = verdictOn(plan).portArrays;
  const point = portArray?.skies.brightNoon.operating;
  if (point === null || point === undefined) throw new Error("it runs");
  return {
    ...point,
    free: portArray?.skies.brightNoon.array.mpp.p ?? 0,
    freeA: portArray?.skies.brightNoon.array.mpp.i ?? 0,
    vocV: portArray?.skies.brightNoon.array.vocV ?? 0,
  };
};

test("the array's curve at the input is short of R·I volts, and of none with nothing flowing", () => {
  const [bare, cabled] = [noon(shed), noon(withTrunk(shed, 38_000, "6 mm2"))];
  // 2 × 38 m × 3.39 Ω per km, warm on the summer ground's 63 °C or less: 0.258 Ω at 20 °C
  const lostW = bare.free - cabled.free;
  const ohm = lostW / cabled.freeA ** 2;
  expect(ohm).toBeGreaterThan(0.25);
  expect(ohm).toBeLessThan(0.31);
  expect(cabled.vocV).toBeCloseTo(bare.vocV, 3);
});

test("the year loses in them what it would by their share, and the longer they are the more", () => {
  const lost = (plan: Plan) => {
    const year = drain(
      planYear({ plan, wiringId: "wiring-1", weather: null, fineness: "quick", memory: createSolveCache() }),
    );
    const { losses, couldKwh } = inAll(year.months);
    return losses.cable / couldKwh;
  };
  const [short, long] = [lost(withTrunk(shed, 5_000, "6 mm2")), lost(withTrunk(shed, 40_000, "6 mm2"))];
  expect(short).toBeGreaterThan(0);
  expect(long / short).toBeGreaterThan(6);
  expect(long / short).toBeLessThan(8.5);
});

test("the finder's meter takes of a net behind its cables what the verdict says the port takes", () => {
  const plan = withTrunk(shed, 38_000, "6 mm2");
  const problem = createProblem(
    { plan, wiringId: "wiring-1", weather: null, goal: { type: "noon" }, withAddOns: false },
    createSolveCache(),
  );
  const [kind] = problem.kinds;
  if (kind === undefined) throw new Error("a port is open");
  const { wh } = createMeter(problem).taken(kind, [[1], [1], [1]]);
  const said = takenW(solvableById(plan, "wiring-1"), "brightNoon");
  expect(Math.abs(wh - said) / said).toBeLessThan(0.005);
});

test("over a long thin cable more in series is worth more, over none it is worth the same", () => {
  const open = planWith({ series: 1, strings: 4, port: { maxV: 400, minV: 10, maxW: 4000, currentLimits: [] } });
  const [portArray] = open.wirings[0]?.portArrays ?? [];
  const at = { inputId: portArray?.inputId ?? "", portId: portArray?.portId ?? "" };
  const gain = (plan: Plan) => {
    const ask = { plan, wiringId: "wiring-1", weather: null, goal: { type: "noon" }, withAddOns: true } as const;
    const problem = createProblem(ask, createSolveCache());
    const [kind] = problem.kinds;
    if (kind === undefined) throw new Error("a port is open");
    const meter = createMeter(problem);
    return meter.taken(kind, [[4]]).wh / meter.taken(kind, [[1], [1], [1], [1]]).wh;
  };
  expect(gain(open)).toBeCloseTo(1, 2);
  const far = withTrunk(open, 80_000, "4 mm2", at);
  expect(gain(far)).toBeGreaterThan(1.5);
  // and the best that is offered is that one
  const memory = createSolveCache();
  const bench = createBench(
    { plan: far, wiringId: "wiring-1", weather: null, goal: { type: "noon" }, withAddOns: true },
    memory,
  );
  const { offers } = drain(arrange(bench, null, quickProof, memory, false));
  expect(offers[0]?.portArrays[0]?.strings.length).toBe(1);
});
