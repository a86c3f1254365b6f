import { gateIds, plainFixing, mountingMethodIds, roofSurfaces } from "../plan";
import { createRandom, runs } from "@/testing";
import { bondUse, given, materials, overturning, procedureOf, type StepId, stepFacts, tools, windForces } from ".";
import { type Conditions } from "./methods";
import { gatesOf, guardedBy } from "./procedure";
import { clockOf, rimFor } from "./clock";
import { sealantHours, tapeHours } from "./cure";

/** Every way there is to fix panels. */
const ways = mountingMethodIds.flatMap((method) =>
  [null, ...roofSurfaces].flatMap((roofSurface) =>
    (["new", "old"] as const).flatMap((hole) =>
      [true, false].flatMap((drillsFrame) =>
        [true, false].map((is) => {
          const conditions: Conditions = {
            ...{ roofSurface, hole, drillsFrame },
            ...{ hasBattery: is, hasFuses: is, hasSwitch: !is, hasBox: is },
          };
          return { method, conditions, steps: procedureOf(method, conditions) };
        }),
      ),
    ),
  ),
);

test("every procedure goes from a bare place to the first watts, and no step takes what is not there yet", () => {
  const brought = new Set<string>([...given, ...materials, ...tools]);
  for (const { method, steps } of ways) {
    expect(new Set(steps).size).toBe(steps.length);
    const there = new Set(brought);
    for (const step of steps) {
      const missing = stepFacts[step].needs.filter((thing) => !there.has(thing));
      expect([method, step, missing]).toEqual([method, step, []]);
      for (const made of stepFacts[step].gives) there.add(made);
    }
    expect(there.has("output")).toBe(true);
  }
});

test("nothing is done for nothing: what a step makes is taken by a later one, or holds, or is the end", () => {
  const ends = new Set([
    "output",
    "held",
    "sealed",
    "cured",
    "tracked",
    "slid",
    "rough",
    "primed",
    "knownInside",
    "makersSheet",
    "edgeDone",
    "masked",
    "wedged",
    "testedPanels",
    "boxed",
    "fused",
    "cutOffSet",
    "switchedOn",
    "driven",
  ]);
  for (const { method, steps } of ways) {
    steps.forEach((step, k) => {
      const later = new Set<string>(steps.slice(k + 1).flatMap((next) => stepFacts[next].needs));
      const idle = stepFacts[step].gives.filter((made) => !later.has(made) && !ends.has(made));
      expect([method, step, idle]).toEqual([method, step, []]);
    });
  }
});

test("what cannot be undone comes after something was measured twice, and battery before panels", () => {
  for (const { method, conditions, steps } of ways) {
    for (const step of steps.filter((each) => stepFacts[each].isOnce === true)) {
      const before = gatesOf(steps.slice(0, steps.indexOf(step)));
      expect([method, step, before.length > 0]).toEqual([method, step, true]);
    }
    for (const { gate, step } of gatesOf(steps)) {
      expect(gateIds).toContain(gate);
      expect(guardedBy(steps, step)).not.toBeNull();
    }
    const at = (step: StepId) => steps.indexOf(step);
    if (conditions.hasBattery) expect(at("batteryFirst")).toBeLessThan(at("plugIn"));
    // a power station's battery is inside
    expect(at("batteryFirst") >= 0).toBe(conditions.hasBattery);
    // dead before anything is opened, felt or drilled; box, hole and every panel tested before one is fixed for good
    for (const opened of ["lookInside", "openGland", "pilotRoofHole", "pilotFootHoles"] as const)
      if (at(opened) >= 0) {
        expect(at("proveDead")).toBeGreaterThanOrEqual(0);
        expect(at("proveDead")).toBeLessThan(at(opened));
      }
    for (const fixed of ["setOnTape", "bedBrackets", "clampPanels", "stickFilm", "fitLegs"] as const)
      for (const before of ["cutRoofHole", "setGland", "openGland", "fitBox", "testPanels"] as const)
        if (at(fixed) >= 0 && at(before) >= 0)
          expect([method, before, at(before) < at(fixed)]).toEqual([method, before, true]);
    // fuses in, then the meter, then the isolator, then light
    if (conditions.hasFuses) expect(at("putFuses")).toBeLessThan(at("polarity"));
    if (conditions.hasSwitch)
      expect([at("plugIn") < at("switchOn"), at("switchOn") < at("uncover")]).toEqual([true, true]);
    expect(at("polarity")).toBeLessThan(at("plugIn"));
    expect(at("coverUp")).toBeLessThan(at("joinRows"));
  }
});

test("wind pulls by its square, area and number, and a steeper panel is pushed rather than lifted", () => {
  const draw = createRandom(18);
  for (let k = 0; k < runs(60); k++) {
    const panel = {
      windCase: draw.pick(["film", "flat", "flatLeading", "tilted"] as const),
      alongMm: draw.number(300, 2200),
      acrossMm: draw.number(300, 1200),
      count: draw.whole(1, 6),
      windMs: draw.number(5, 45),
      tiltDeg: draw.number(10, 60),
      zone: null,
    };
    const one = windForces(panel);
    const twice = windForces({ ...panel, windMs: 2 * panel.windMs });
    const more = windForces({ ...panel, count: 3 * panel.count });
    expect(twice.upliftN / one.upliftN).toBeCloseTo(4, 9);
    expect(more.dragN / one.dragN).toBeCloseTo(3, 9);
    const steeper = windForces({ ...panel, tiltDeg: panel.tiltDeg + 5 });
    if (panel.windCase === "tilted") {
      expect(steeper.upliftN).toBeLessThan(one.upliftN);
      expect(steeper.dragN).toBeGreaterThan(one.dragN);
    } else expect(steeper).toEqual(one);
    // twice the feet, half the use
    const bond = { areaMm2: draw.number(5000, 90000), shortTermKpa: 85, longTermKpa: 1.7 };
    const two = bondUse({ ...bond, areaMm2: 2 * bond.areaMm2 }, one.upliftN, 12);
    expect(two.windUse).toBeCloseTo(bondUse(bond, one.upliftN, 12).windUse / 2, 9);
  }
});

test("anchors that bear what is asked keep a frame just standing", () => {
  const draw = createRandom(7);
  for (let k = 0; k < runs(60); k++) {
    const forces = { upliftN: draw.number(50, 900), dragN: draw.number(50, 900) };
    const base = { alongMm: draw.number(400, 2500), weightKg: draw.number(0, 120) };
    const heightMm = draw.number(200, 1500);
    const { useShare, anchorN } = overturning(forces, base, heightMm, 20);
    expect(anchorN > 0).toBe(useShare > 1);
    if (anchorN === 0) continue;
    const alongM = base.alongMm / 1000;
    const falls = (forces.dragN * heightMm) / 1000 + (forces.upliftN * alongM) / 2;
    const holds = ((base.weightKg + 20) * 9.81 * alongM) / 2 + anchorN * alongM;
    expect(falls / holds).toBeCloseTo(1, 9);
  }
});

test("cold and dry air cure slower, warm air is not credited", () => {
  expect(tapeHours(20)).toEqual({ most: 24, all: 72 });
  expect(tapeHours(10)).toEqual({ most: 48, all: 144 });
  expect(tapeHours(35)).toEqual(tapeHours(20));
  expect(sealantHours(3, 23, 50)).toEqual({ skin: 1, through: 24 });
  expect(sealantHours(3, 13, 25).through).toBeCloseTo(96, 9);
});

describe("the clock", () => {
  const steps = procedureOf("tapedFeet", {
    ...{ roofSurface: "paintedSteel", hole: "old", drillsFrame: false },
    ...{ hasBattery: true, hasFuses: true, hasSwitch: true, hasBox: false },
  });
  const start = Date.UTC(2026, 4, 2, 8);
  const fixing = plainFixing("f", "Feet", "tapedFeet", []);
  const air = { airC: 20, humidityPct: 50 };
  const bed = { longMm: 100, wideMm: 60, neededShare: 1 };
  test("steps follow each other; driving waits a day for the tape", () => {
    const { steps: timed, driveMs, curedMs, endMs } = clockOf(steps, fixing, 2, air, bed, start);
    for (const [k, each] of timed.entries()) {
      expect(each.toMs).toBeGreaterThan(each.fromMs);
      if (k > 0) expect(each.fromMs).toBeGreaterThanOrEqual(timed[k - 1]?.toMs ?? 0);
    }
    const buried = timed.find(({ step }) => step === "buryFeet")?.toMs ?? 0;
    expect(driveMs).toBe(buried + 24 * 3_600_000);
    expect(curedMs).toBe(buried + 72 * 3_600_000);
    expect(endMs).toBeLessThan(driveMs ?? 0);
  });
  test("a step that is done counts from when it was done", () => {
    const late = new Date(start + 30 * 3_600_000).toISOString();
    const { driveMs } = clockOf(steps, { ticks: [{ step: "buryFeet", atUtc: late }] }, 2, air, bed, start);
    expect(driveMs).toBe(start + 54 * 3_600_000);
  });
  test("nothing is begun in the dark", () => {
    // light from 6 to 18
    const isLight = (ms: number) => new Date(ms).getUTCHours() >= 6 && new Date(ms).getUTCHours() < 18;
    const evening = Date.UTC(2026, 4, 2, 17, 50);
    const { steps: timed } = clockOf(steps, fixing, 4, air, bed, evening, isLight);
    expect(timed[0]?.fromMs).toBe(evening);
    expect(timed[1]?.fromMs).toBe(Date.UTC(2026, 4, 3, 6));
    for (const { fromMs } of timed) expect(isLight(fromMs)).toBe(true);
  });
  test("a bed is driven on when enough of its rim has cured, and a day has passed", () => {
    // (1 - 2d/600)(1 - 2d/40) = 0.5: the whole edge, 9.7 mm in
    expect(rimFor({ longMm: 600, wideMm: 40, neededShare: 0.5 })).toBeCloseTo(9.69, 1);
    expect(rimFor({ longMm: 600, wideMm: 40, neededShare: 3 })).toBeCloseTo(20, 6);
    expect(rimFor({ longMm: 600, wideMm: 40, neededShare: 0.01 })).toBe(3);
  });
});
