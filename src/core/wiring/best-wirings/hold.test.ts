import fc from "fast-check";
import { demoInputs } from "@/demo";
import { runs, mixedPlan, planWith, string, tier, verdictOn, stood } from "@/testing";
import { applyChanges, type Plan, type PortSheet } from "../../plan";
import { passes } from "../../checks";
import { matrixStrings, newTile, stringOf, keyOf } from "../../engine/array";
import { allFixes } from ".";

describe("fixes", () => {
  const setting = fc.record({
    series: fc.integer({ min: 1, max: 10 }),
    strings: fc.integer({ min: 1, max: 4 }),
    port: fc.record({
      maxV: fc.integer({ min: 40, max: 150 }),
      minV: fc.integer({ min: 10, max: 35 }),
      maxW: fc.integer({ min: 100, max: 1500 }),
      currentLimits: fc.constantFrom<PortSheet["currentLimits"]>([tier(10, "drawsUpTo")], [tier(15, "neverExceed")]),
    }),
  });
  const kinds = ["a", "b", "c"] as const;
  const mixed = fc
    .array(
      fc.array(fc.record({ kind: fc.constantFrom(...kinds), stowed: fc.integer({ min: 0, max: 7 }) }), {
        minLength: 1,
        maxLength: 3,
      }),
      { minLength: 1, maxLength: 3 },
    )
    .chain((strings) =>
      fc.record({
        strings: fc.constant(strings),
        device: fc.constantFrom(
          "twoPortStation" as const,
          "pwmController" as const,
          "climbingController" as const,
          "pressController" as const,
        ),
      }),
    )
    .map(({ strings, device }) => {
      const next = { a: 0, b: 0, c: 0 };
      const away: [string, { stance: "stowed" }][] = [];
      const made = strings.map((tiles) =>
        stringOf(
          tiles.map(({ kind, stowed }) => {
            const tile = newTile(kind, (next[kind] += 1));
            if (stowed === 0) away.push([keyOf(tile), { stance: "stowed" }]);
            return tile;
          }),
        ),
      );
      const portId = demoInputs[device].ports[device === "twoPortStation" ? 1 : 0]?.id ?? "";
      return stood(mixedPlan(made, demoInputs[device], portId), ...away);
    });
  const seen = new Set<string>();

  /** Applies every fix of a plan, and sees its rule fixed and no new Stop. */
  function applyAll(plan: Plan): void {
    const before = verdictOn(plan);
    const fixes = allFixes(plan, "wiring-1");
    for (const { id, rule, level } of before.findings)
      for (const fix of fixes.get(id)?.fixes ?? []) {
        seen.add(rule);
        const after = verdictOn(applyChanges(plan, fix.changes));
        const fixed = after.findings.find((found) => found.id === id);
        // a loss is fixed by what gives more, a Stop by what is none any more, anything else by what passes
        const gives = after.takenW.brightNoon > before.takenW.brightNoon;
        expect(
          fixed === undefined || passes(fixed.level) || gives || (level === "stop" && fixed.level === "care"),
        ).toBe(true);
        const stops = (of: typeof after) => of.findings.filter((found) => found.level === "stop");
        expect(stops(before).map((found) => found.id)).toEqual(
          expect.arrayContaining(stops(after).map((found) => found.id)),
        );
        // a Stop that stays is named
        expect(fix.leaves.map((left) => left.rule)).toEqual(stops(after).map((found) => found.rule));
      }
  }

  test("every fix of equal strings, applied, fixes its rule and adds no Stop", () => {
    fc.assert(
      fc.property(setting, (asked) => applyAll(planWith(asked))),
      { numRuns: runs(20) },
    );
  });

  test("so does every fix of unequal ones", () => {
    fc.assert(fc.property(mixed, applyAll), { numRuns: runs(20) });
    expect([...seen]).toEqual(
      expect.arrayContaining(["coldVoc", "current", "hotVmp", "mismatch", "mixedStates", "wake"]),
    );
  });

  test("insulation too weak for a long string, a shared limit passed, volts a PWM controller wastes: each is fixed too", () => {
    applyAll(planWith({ series: 6, strings: 1, panel: { maxSystemV: 120 }, port: { maxV: 400 } }));
    const station = {
      ...demoInputs.twoPortStation,
      groups: [{ ...demoInputs.twoPortStation.groups[0], maxW: 700, nature: "neverExceed" as const }],
    };
    applyAll(mixedPlan(matrixStrings("a", 4, 1), station));
    const [port] = demoInputs.pwmController.ports;
    applyAll(
      mixedPlan(
        [string(["b", 1], ["b", 2])],
        { ...demoInputs.pwmController, ports: [{ ...port, currentLimits: [tier(30, "neverExceed")] }] },
        "pv",
      ),
    );
    expect([...seen]).toEqual(expect.arrayContaining(["systemVoltage", "shared", "pwmLoss"]));
  });
});
