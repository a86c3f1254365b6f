import fc from "fast-check";
import { demoInputs, demoPanels } from "@/demo";
import { applyChange, type Change, emptyPlan, type PanelSheet, type Plan, type PortSheet } from "../plan";
import { assess, codeTableFactor, type Finding, passes, type RuleId, rules } from ".";

type Setting = { panel?: Partial<PanelSheet>; port?: Partial<PortSheet>; site?: Partial<Plan["site"]>; series: number; strings: number };

/** A plan with the 195 W panel and the high-volt port of the two-port station, changed as asked. */
function planWith({ panel = {}, port = {}, site = {}, series, strings }: Setting): Plan {
  const [, high] = demoInputs.twoPortStation.ports;
  const changes: Change[] = [
    { type: "addPanel", id: "p", libraryId: null, label: { ...demoPanels.rigid195, ...panel } },
    { type: "addInput", id: "i", libraryId: null, device: { ...demoInputs.twoPortStation, ports: [{ ...high, ...port }] } },
    { type: "setSite", patch: { recordLowC: -14, recordHighC: 31, latitudeDeg: 57, mount: "roofGap", ...site } },
    { type: "setWiring", wiringId: "wiring-1", patch: { series, strings } },
  ];
  return changes.reduce<Plan>(applyChange, emptyPlan("Rules"));
}

function assessed(setting: Setting) {
  const assessment = assess(planWith(setting), "wiring-1");
  if (assessment.type !== "assessed") throw new Error("the plan is incomplete");
  return assessment;
}

function finding(rule: RuleId, setting: Setting): Finding {
  const found = assessed(setting).findings.find((candidate) => candidate.rule === rule);
  if (found === undefined) throw new Error(`no finding of ${rule}`);
  return found;
}

const levelAndOutcome = ({ level, reason }: Finding) => [level, "outcome" in reason ? reason.outcome : reason.type];

describe("coldest volts", () => {
  test("are the label's coefficient at the record low, within the half percent a curve bends", () => {
    const byHandV = 4 * 27.2 * (1 - 0.0027 * (-14 - 25));
    expect(Math.abs((finding("coldVoc", { series: 4, strings: 1 }).value?.value ?? 0) / byHandV - 1)).toBeLessThan(0.005);
  });

  test.each<[string, Partial<PortSheet>, unknown]>([
    ["far under the ceiling", { maxV: 150 }, ["good", "inside"]],
    ["under it, but the code's table is over (4 × 27.2 × 1.16 = 126.2 V)", { maxV: 126 }, ["care", "tableOver"]],
    ["over it", { maxV: 119 }, ["stop", "over"]],
    ["over it with nothing connected, but the sheet means running volts", { maxV: 115, ceilingBasis: "vmp" }, ["note", "insideRunning"]],
    ["over it even while running", { maxV: 95, ceilingBasis: "vmp" }, ["stop", "runningOver"]],
    ["with no ceiling stated", { maxV: null }, ["open", "noCeiling"]],
  ])("%s", (_, port, expected) => {
    expect(levelAndOutcome(finding("coldVoc", { series: 4, strings: 1, port }))).toEqual(expected);
  });

  test("with a silent label the higher of curve and table is judged, and the guess is said", () => {
    const found = finding("coldVoc", { series: 4, strings: 1, panel: { tempCoVocPctPerC: null }, port: { maxV: 126 } });
    expect(found.level).toBe("stop");
    expect(found.value?.value).toBeCloseTo(4 * 27.2 * 1.16, 6);
    expect(found.assumptions).toContainEqual({ type: "labelField", field: "tempCoVocPctPerC", value: -0.29 });
  });

  test.each([[25, 1], [20, 1.02], [10, 1.06], [0, 1.1], [-1, 1.12], [-14, 1.16], [-15, 1.16], [-16, 1.18], [-40, 1.25]])("the code table at %d °C is %d", (lowC, factor) => {
    expect(codeTableFactor(lowC)).toBeCloseTo(factor, 10);
  });
});

test.each<[string, Setting, unknown]>([
  ["runs well above the floor", { series: 4, strings: 1 }, ["good", "clear"]],
  ["wakes but runs under the floor", { series: 1, strings: 1, port: { minV: 20 } }, ["care", "below"]],
  ["never wakes", { series: 1, strings: 1 }, ["stop", "neverWakes"]],
  ["a battery plus margin is a floor too", { series: 1, strings: 1, port: { minV: null, batteryV: 25.6, wakeMarginV: 5, stayMarginV: 1 } }, ["stop", "neverWakes"]],
  ["stays awake, but with less than 20 V over the battery", { series: 2, strings: 1, port: { minV: null, batteryV: 25.6, wakeMarginV: 5, stayMarginV: 1 } }, ["note", "littleComfort"]],
  ["no floor stated", { series: 1, strings: 1, port: { minV: null } }, ["open", "noFloor"]],
])("hottest running volts: %s", (_, setting, expected) => {
  expect(levelAndOutcome(finding("hotVmp", setting))).toEqual(expected);
});

const tier = (amps: number, nature: "drawsUpTo" | "neverExceed", fromV: number | null = null, toV: number | null = null) => ({ amps, nature, fromV, toV });
test.each<[string, Setting, unknown]>([
  ["inside a limit that is drawn up to", { series: 4, strings: 1 }, ["good", "within"]],
  ["two strings (18.1 A) into 12 A lose power", { series: 3, strings: 2, port: { maxW: null } }, ["care", "clips"]],
  ["an absolute limit counts a quarter more: 1.25 × 9.05 = 11.31 A", { series: 4, strings: 1, port: { currentLimits: [tier(11.3, "neverExceed")] } }, ["stop", "overAbsolute"]],
  ["and holds just above that", { series: 4, strings: 1, port: { currentLimits: [tier(11.32, "neverExceed")] } }, ["good", "within"]],
  ["no limit stated", { series: 4, strings: 1, port: { currentLimits: [] } }, ["note", "noCurrentLimit"]],
])("amps: %s", (_, setting, expected) => {
  expect(levelAndOutcome(finding("current", setting))).toEqual(expected);
});

test("amps are judged in the tier the array runs in, not the one it opens in", () => {
  const { reason } = finding("current", { series: 4, strings: 1, port: { currentLimits: [tier(12, "drawsUpTo", 30, 90), tier(5, "drawsUpTo", 90, 150)] } });
  expect(reason).toMatchObject({ type: "current", running: { amps: 12 }, open: { amps: 5 } });
});

describe("watts", () => {
  test("clipping is told in kilowatt-hours of a clear month, and grows as the limit falls", () => {
    const clippedKwh = (maxW: number) => {
      const { reason } = finding("watts", { series: 4, strings: 1, port: { maxW } });
      return reason.type === "watts" ? reason.clippedKwhPerMonth : Number.NaN;
    };
    expect(clippedKwh(1000)).toBe(0);
    expect(clippedKwh(500)).toBeGreaterThan(1);
    expect(clippedKwh(300)).toBeGreaterThan(clippedKwh(500));
  });

  test("a watt limit never to be exceeded is a Stop by the label's watts", () => {
    expect(levelAndOutcome(finding("watts", { series: 4, strings: 1, port: { maxW: 779, maxWNature: "neverExceed" } }))).toEqual(["stop", "overAbsolute"]);
    expect(levelAndOutcome(finding("watts", { series: 4, strings: 1, port: { maxW: 781, maxWNature: "neverExceed" } }))).toEqual(["good", "within"]);
  });
});

test("panel insulation is judged by the string's coldest volts; a silent label is a note", () => {
  expect(finding("systemVoltage", { series: 4, strings: 1, panel: { maxSystemV: 100 } }).level).toBe("stop");
  expect(finding("systemVoltage", { series: 4, strings: 1, panel: { maxSystemV: 600 } }).level).toBe("good");
  expect(finding("systemVoltage", { series: 4, strings: 1, panel: { maxSystemV: null } }).level).toBe("note");
});

test("what the site leaves unsaid is assumed aloud", () => {
  const { findings } = assessed({ series: 4, strings: 1, site: { recordLowC: null, recordHighC: null, mount: null } });
  const types = findings.flatMap((found) => found.assumptions.map((assumption) => assumption.type));
  expect(types).toEqual(expect.arrayContaining(["recordLow", "recordHigh", "mount"]));
});

test("every mend, applied, makes its rule pass and adds no Stop", () => {
  const setting = fc.record({
    series: fc.integer({ min: 1, max: 10 }),
    strings: fc.integer({ min: 1, max: 4 }),
    port: fc.record({ maxV: fc.integer({ min: 40, max: 150 }), minV: fc.integer({ min: 10, max: 35 }), maxW: fc.integer({ min: 100, max: 1500 }), currentLimits: fc.constantFrom<PortSheet["currentLimits"]>([tier(10, "drawsUpTo")], [tier(15, "neverExceed")]) }),
  });
  let seen = 0;
  fc.assert(
    fc.property(setting, (asked) => {
      const before = assessed(asked);
      for (const { rule, mend } of before.findings) {
        if (mend === null) continue;
        seen += 1;
        const after = assessed({ ...asked, series: mend.series, strings: mend.strings });
        const mended = after.findings.find((found) => found.rule === rule);
        expect(mended !== undefined && passes(mended.level)).toBe(true);
        const stops = (of: typeof after) => of.findings.filter((found) => found.level === "stop").map((found) => found.rule);
        expect(stops(before)).toEqual(expect.arrayContaining(stops(after)));
      }
    }),
    { numRuns: 120 },
  );
  expect(seen).toBeGreaterThan(50);
});

test("one more in series never lowers the coldest volts, and every rule always answers", () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 8 }), (series, strings) => {
      const [fewer, more] = [assessed({ series, strings }), assessed({ series: series + 1, strings })];
      expect(more.findings[0]?.value?.value).toBeGreaterThan(fewer.findings[0]?.value?.value ?? 0);
      expect(more.findings.map((found) => found.rule)).toEqual(rules.map((rule) => rule.id));
    }),
    { numRuns: 40 },
  );
});

test("without a panel, a whole label or an input there is no verdict, but a list of what is missing", () => {
  expect(assess(emptyPlan("x"), "wiring-1")).toEqual({ type: "incomplete", missing: [{ type: "noPanel" }, { type: "noInput" }] });
  const half = applyChange(planWith({ series: 1, strings: 1 }), { type: "setLabel", panelId: "p", patch: { vocV: null, impA: null } });
  expect(assess(half, "wiring-1")).toMatchObject({ missing: [{ type: "labelIncomplete", fields: ["vocV", "impA"] }] });
});
