import fc from "fast-check";
import { demoInputs, demoPanels } from "@/demo";
import { runs, findingIn, mixedPlan, planWith, portsPlan, string, type Setting, tier, verdictOn } from "@/testing";
import { applyChange, type DeviceSheet, emptyPlan, type PortSheet } from "../plan";
import { matrixStrings, type PvString } from "../engine/array";
import { assess } from "./assess";
import { codeTableFactor } from "../plan-model";
import { type Finding } from "./finding";
import { type RuleId } from "./rules";

/** Each rule at its limit, from both sides, with values worked out by hand. */
function assessed(setting: Setting) {
  return verdictOn(planWith(setting));
}

function finding(rule: RuleId, setting: Setting): Finding {
  return findingIn(planWith(setting), rule);
}

const levelAndOutcome = ({ level, reason }: Finding) => [level, "outcome" in reason ? reason.outcome : reason.type];

describe("coldest volts", () => {
  test("are the label's coefficient at the record low, within the half percent a curve bends", () => {
    const byHandV = 4 * 27.2 * (1 - 0.0027 * (-14 - 25));
    expect(Math.abs((finding("coldVoc", { series: 4, strings: 1 }).value?.value ?? 0) / byHandV - 1)).toBeLessThan(
      0.005,
    );
  });

  test.each<[string, Partial<PortSheet>, unknown]>([
    ["far under the ceiling", { maxV: 150 }, ["good", "inside"]],
    ["under it, but the code's table is over (4 × 27.2 × 1.16 = 126.2 V)", { maxV: 126 }, ["care", "tableOver"]],
    ["over it", { maxV: 119 }, ["stop", "over"]],
    [
      "over it with nothing connected, but the sheet means running volts",
      { maxV: 115, ceilingBasis: "vmp" },
      ["note", "insideRunning"],
    ],
    ["over it even while running", { maxV: 95, ceilingBasis: "vmp" }, ["stop", "runningOver"]],
    ["with no ceiling stated", { maxV: null }, ["open", "noCeiling"]],
  ])("%s", (_, port, expected) => {
    expect(levelAndOutcome(finding("coldVoc", { series: 4, strings: 1, port }))).toEqual(expected);
  });

  test("with a silent label the higher of curve and table is judged, and the guess is said", () => {
    const found = finding("coldVoc", { series: 4, strings: 1, panel: { tempCoVocPctPerC: null }, port: { maxV: 126 } });
    expect(found.level).toBe("stop");
    expect(found.value?.value).toBeCloseTo(4 * 27.2 * 1.16, 6);
    expect(found.assumptions).toContainEqual({
      type: "labelField",
      panelName: demoPanels.rigid195.name,
      field: "tempCoVocPctPerC",
      value: -0.29,
    });
  });

  test.each([
    [25, 1],
    [20, 1.02],
    [10, 1.06],
    [0, 1.1],
    [-1, 1.12],
    [-14, 1.16],
    [-15, 1.16],
    [-16, 1.18],
    [-40, 1.25],
  ])("the code table at %d °C is %d", (lowC, factor) => {
    expect(codeTableFactor(lowC)).toBeCloseTo(factor, 10);
  });
});

test.each<[string, Setting, unknown]>([
  ["runs well above the floor", { series: 4, strings: 1 }, ["good", "clear"]],
  ["wakes but runs under the floor", { series: 1, strings: 1, port: { minV: 20 } }, ["care", "below"]],
  ["never wakes", { series: 1, strings: 1 }, ["stop", "neverWakes"]],
  [
    "a battery plus margin is a floor too",
    { series: 1, strings: 1, port: { minV: null, batteryV: 25.6, wakeMarginV: 5, stayMarginV: 1 } },
    ["stop", "neverWakes"],
  ],
  [
    "stays awake, but with less than 20 V over the battery",
    { series: 2, strings: 1, port: { minV: null, batteryV: 25.6, wakeMarginV: 5, stayMarginV: 1 } },
    ["note", "littleComfort"],
  ],
  [
    "more volts would not stay under the max PV voltage, so none are asked for",
    { series: 2, strings: 1, port: { minV: null, maxV: 60, batteryV: 25.6, wakeMarginV: 5, stayMarginV: 1 } },
    ["good", "clear"],
  ],
  [
    "a PWM controller holds the array at its battery's volts: more bring nothing",
    { series: 2, strings: 1, port: { minV: null, conversion: "pwm", batteryV: 25.6, wakeMarginV: 5, stayMarginV: 1 } },
    ["good", "clear"],
  ],
  ["no floor stated", { series: 1, strings: 1, port: { minV: null } }, ["note", "noFloor"]],
])("hottest running volts: %s", (_, setting, expected) => {
  expect(levelAndOutcome(finding("hotVmp", setting))).toEqual(expected);
});

test("volts to wake and volts to stay on are two limits, each judged by the volts that must reach it", () => {
  const hot = (port: Partial<PortSheet>) => finding("hotVmp", { series: 2, strings: 1, port });
  // two run at about 39 V on a hot roof and stand at 48 V with nothing connected
  const wakes = hot({ minV: 30, wakeV: 42 });
  expect([levelAndOutcome(wakes), wakes.limit]).toEqual([["note", "belowWake"], { value: 42, unit: "V" }]);
  const stays = hot({ minV: 42, wakeV: null });
  expect([levelAndOutcome(stays), stays.limit?.value]).toEqual([["care", "below"], 42]);
  const never = hot({ minV: 30, wakeV: 60 });
  if (never.reason.type !== "hotVmp") throw new Error("expected hot volts");
  expect([never.level, never.value?.value]).toEqual(["stop", never.reason.hotVocV]);
});

test.each<[string, Setting, unknown]>([
  ["inside a limit that is drawn up to", { series: 4, strings: 1 }, ["good", "within"]],
  ["two strings (18.1 A) into 12 A lose power", { series: 3, strings: 2, port: { maxW: null } }, ["care", "clips"]],
  [
    "an absolute limit counts a quarter more: 1.25 × 9.05 = 11.31 A",
    { series: 4, strings: 1, port: { currentLimits: [tier(11.3, "neverExceed")] } },
    ["stop", "overAbsolute"],
  ],
  [
    "and holds just above that",
    { series: 4, strings: 1, port: { currentLimits: [tier(11.32, "neverExceed")] } },
    ["good", "within"],
  ],
  [
    "9.05 A shorted is over 9 A drawn, 8.5 A running is not: worth a word",
    { series: 4, strings: 1, port: { currentLimits: [tier(9, "drawsUpTo")] } },
    ["note", "shortOver"],
  ],
  ["no limit stated", { series: 4, strings: 1, port: { currentLimits: [] } }, ["note", "noCurrentLimit"]],
])("amps: %s", (_, setting, expected) => {
  expect(levelAndOutcome(finding("current", setting))).toEqual(expected);
});

test("amps are judged in the tier the array runs in, not the one it opens in", () => {
  const { reason } = finding("current", {
    series: 4,
    strings: 1,
    port: { currentLimits: [tier(12, "drawsUpTo", 30, 90), tier(5, "drawsUpTo", 90, 150)] },
  });
  expect(reason).toMatchObject({ type: "current", running: { amps: 12 }, open: { amps: 5 } });
});

test.each<[string, number, number | null, unknown]>([
  ["over the volts it runs at, but swept through on the way to open circuit", 95, null, ["stop", "overAbsolute"]],
  ["above all it stands at, even in the cold", 125, null, ["good", "within"]],
  ["below the volts it wakes at", 0, 29, ["good", "within"]],
])("amps never to be exceeded in a range %s", (_, fromV, toV, expected) => {
  const currentLimits = [tier(12, "drawsUpTo"), tier(5, "neverExceed", fromV, toV)];
  expect(levelAndOutcome(finding("current", { series: 4, strings: 1, port: { currentLimits, minV: 30 } }))).toEqual(
    expected,
  );
});

test("a gap between the ranges of a limit of amps that costs watts is told", () => {
  // four run at about 81 V, where no range holds
  const currentLimits = [tier(12, "drawsUpTo", 30, 60), tier(12, "drawsUpTo", 90, 150)];
  expect(levelAndOutcome(finding("current", { series: 4, strings: 1, port: { currentLimits } }))).toEqual([
    "care",
    "gap",
  ]);
});

test("amps never to be exceeded are judged without a ceiling too", () => {
  const port = { currentLimits: [tier(5, "neverExceed" as const)], maxV: null };
  expect(finding("current", { series: 4, strings: 1, port }).level).toBe("stop");
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

  test("a watt limit never to be exceeded is a Stop by the label's watts or the cold's, whichever are more", () => {
    const never = (maxW: number, recordLowC = -14) =>
      finding("watts", { series: 4, strings: 1, port: { maxW, maxWNature: "neverExceed" }, site: { recordLowC } });
    // 4 × 195 W, and 0.34 % more for each degree under 25 °C, within the 3 % by which a curve bends
    const coldW = 4 * 195 * (1 + 0.0034 * 39);
    expect(levelAndOutcome(never(0.97 * coldW))).toEqual(["stop", "overAbsolute"]);
    expect(levelAndOutcome(never(1.03 * coldW))).toEqual(["good", "within"]);
    expect(levelAndOutcome(never(779, 30))).toEqual(["stop", "overAbsolute"]);
    expect(levelAndOutcome(never(781, 30))).toEqual(["good", "within"]);
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

test("a label that cannot be is a question, and nothing is judged on its word", () => {
  const swapped = planWith({ series: 4, strings: 1, panel: { vmpV: 27.2, vocV: 22.8 } });
  const assessment = assess(swapped, "wiring-1");
  expect(assessment).toMatchObject({ type: "incomplete", missing: [{ type: "labelImpossible" }] });
  expect(assessment.missing[0]).toMatchObject({ reading: { how: "swapped", patch: { vmpV: 22.8, vocV: 27.2 } } });
});

test("a record low above the record high is a question", () => {
  const { worst, missing } = assessed({ series: 2, strings: 1, site: { recordLowC: 31, recordHighC: -5 } });
  expect([worst, missing]).toEqual(["open", [{ type: "recordsCrossed", lowC: 31, highC: -5 }]]);
});

test("PWM with unknown battery volts is a question", () => {
  const [port] = demoInputs.pwmController.ports;
  const device = { ...demoInputs.pwmController, ports: [{ ...port, batteryV: null }] };
  expect(findingIn(mixedPlan([string(["b", 1])], device, "pv"), "pwmLoss").level).toBe("open");
});

test("PWM loses what lies above battery volts: little from a 12 V-class panel, half from a 24 V-class one", () => {
  const onPwm = (strings: readonly PvString[]) =>
    findingIn(mixedPlan(strings, demoInputs.pwmController, "pv"), "pwmLoss");
  const [twelve, twentyFour] = [onPwm([string(["b", 1])]), onPwm([string(["c", 1])])];
  expect(twelve.level).not.toBe("care");
  expect(twentyFour.level).toBe("care");
  // 6.2 A at 13.3 V instead of 5.9 A at 33 V
  expect(twentyFour.value?.value).toBeGreaterThan(55);
  expect(twentyFour.value?.value).toBeLessThan(65);
});

test("battery amps × battery volts are a watt limit, and said to be one", () => {
  const { reason } = findingIn(
    mixedPlan([string(["c", 1], ["c", 2])], demoInputs.batteryLimitedController, "pv"),
    "watts",
  );
  expect(reason).toMatchObject({ type: "watts", limitW: 16 * 12.8, fromBattery: true });
});

describe("waking on a dull morning", () => {
  test("volts near the battery sleep under cloud; twice the panels wake at first light", () => {
    const waking = (strings: readonly PvString[]) =>
      findingIn(mixedPlan(strings, demoInputs.pressController, "pv"), "wake");
    expect(waking([string(["c", 1])]).level).toBe("good");
    expect(waking([string(["b", 1], ["a", 1])]).reason).toMatchObject({ outcome: "early" });
    const dim = waking([string(["a", 1])]);
    expect([dim.level, dim.reason.type === "wake" && dim.reason.outcome]).toEqual(["stop", "never"]);
  });

  test("the light it wakes at is the light at which the volts are reached", () => {
    const { reason } = findingIn(
      planWith({ series: 1, strings: 1, port: { minV: null, batteryV: 20.4, wakeMarginV: 5, stayMarginV: 1 } }),
      "wake",
    );
    if (reason.type !== "wake" || reason.wakesAtWm2 === null) throw new Error("expected a waking light");
    expect(reason.outcome).toBe("lateWake");
    expect(reason.wakesAtWm2).toBeGreaterThan(30);
    expect(reason.wakesAtWm2).toBeLessThan(100);
    expect(reason.asleepMinutes).toBeGreaterThan(10);
  });
});

test("ports that share a limit are judged together, and what they take keeps it", () => {
  const station = { ...demoInputs.twoPortStation, groups: [{ ...demoInputs.twoPortStation.groups[0], maxW: 700 }] };
  const verdict = verdictOn(portsPlan(station, { high: matrixStrings("a", 4, 1), low: matrixStrings("b", 2, 1) }));
  const shared = verdict.findings.find(({ rule }) => rule === "shared");
  if (shared?.reason.type !== "shared") throw new Error("expected a shared limit");
  expect(shared.reason.ports.reduce((sum, port) => sum + port.takenW, 0)).toBeCloseTo(700, 0);
  expect(verdict.takenW.brightNoon).toBeCloseTo(700, 0);
  expect(["note", "care"]).toContain(shared.level);
});

test("what amps, watts and a shared limit each leave on the roof adds up to what is not taken", () => {
  const setting = fc.record({
    roof: fc.integer({ min: 1, max: 4 }),
    side: fc.integer({ min: 1, max: 3 }),
    amps: fc.double({ min: 6, max: 30, noNaN: true }),
    portW: fc.integer({ min: 150, max: 900 }),
    sharedW: fc.integer({ min: 150, max: 1200 }),
  });
  const [group] = demoInputs.twoPortStation.groups;
  const [low, high] = demoInputs.twoPortStation.ports;
  fc.assert(
    fc.property(setting, ({ roof, side, amps, portW, sharedW }) => {
      const station = {
        ...demoInputs.twoPortStation,
        ports: [
          { ...low, maxW: null },
          { ...high, maxW: portW, currentLimits: [tier(amps, "drawsUpTo")] },
        ],
        groups: [{ ...group, maxW: sharedW }],
      } as DeviceSheet;
      const verdict = verdictOn(
        portsPlan(station, { high: matrixStrings("a", 3, roof), low: matrixStrings("b", 1, side) }),
      );
      const lostW = verdict.portArrays.reduce((lost, { portId, skies }) => {
        const at = (rule: RuleId) => verdict.findings.find((found) => found.id === `${rule}@i/${portId}`)?.reason;
        const [byAmps, byWatts] = [at("current"), at("watts")];
        const freeW = skies.brightNoon.array.mpp.p;
        const left = byAmps?.type === "current" ? (byAmps.noonLossPct / 100) * freeW : 0;
        return lost + left + (byWatts?.type === "watts" ? Math.max(0, byWatts.noonW - byWatts.limitW) : 0);
      }, 0);
      const shared = verdict.findings.find(({ rule }) => rule === "shared")?.reason;
      const freeW = verdict.portArrays.reduce((sum, { skies }) => sum + skies.brightNoon.array.mpp.p, 0);
      const sharedLostW = shared?.type === "shared" ? shared.lostW : 0;
      expect(freeW - lostW - sharedLostW).toBeCloseTo(verdict.takenW.brightNoon, 0);
    }),
    { numRuns: runs(20) },
  );
});

test("a port whose ceiling nobody knows keeps its own name and watts beside the others of a shared limit", () => {
  const [low, high] = demoInputs.twoPortStation.ports;
  const [group] = demoInputs.twoPortStation.groups;
  const device = {
    ...demoInputs.twoPortStation,
    ports: [{ ...low, maxV: null }, high],
    groups: [{ ...group, maxW: 500, nature: "neverExceed" as const }],
  } as DeviceSheet;
  const plan = portsPlan(device, { low: matrixStrings("b", 2, 1), high: matrixStrings("a", 3, 1) });
  const found = findingIn(plan, "shared");
  if (found.reason.type !== "shared") throw new Error("expected a shared limit");
  expect(found.level).toBe("stop");
  expect(found.reason.ports.map(({ aloneW }) => aloneW > 0)).toEqual([false, true]);
});

describe("labels in doubt", () => {
  // 185 W from 22.6 V × 8.63 A is 5 % off: odd, but a panel could have it
  const doubtful = planWith({ series: 4, strings: 1, panel: { pmaxW: 185 } });

  test("are told, and the doubt stands in every line that rests on them", () => {
    const { findings } = verdictOn(doubtful);
    const label = findings.find(({ rule }) => rule === "label");
    expect(label).toMatchObject({ level: "care", reason: { panels: [{ doubts: [{ type: "powerNotProduct" }] }] } });
    for (const { rule, assumptions } of findings)
      if (rule !== "label")
        expect(assumptions).toContainEqual({ type: "labelDoubt", panelName: demoPanels.rigid195.name });
  });

  test("little power for its size is worth knowing, no more", () => {
    const large = planWith({ series: 4, strings: 1, panel: { lengthMm: 2500, widthMm: 1500 } });
    expect(findingIn(large, "label").level).toBe("note");
  });
});

test("what rests on a measured curve says so, and the cold is judged by the more of curve and label", () => {
  const label = demoPanels.rigid195;
  const vocV = 0.9 * (label.vocV ?? 0);
  const points = Array.from({ length: 12 }, (_unused, k) => {
    const v = (vocV * k) / 11;
    return { v, i: Math.max(0, (label.iscA ?? 0) * (1 - Math.expm1((12 * v) / vocV) / Math.expm1(12))) };
  });
  const plain = planWith({ series: 4, strings: 1 });
  const measured = applyChange(plain, {
    type: "setMeasured",
    panelId: "p",
    measured: { irradianceWm2: 1000, cellTempC: 25, points },
  });
  const said = { type: "measured", panelName: demoPanels.rigid195.name };
  for (const rule of ["hotVmp", "wake", "current", "watts", "mismatch"] as const)
    expect([rule, findingIn(measured, rule).assumptions]).toEqual([rule, expect.arrayContaining([said])]);
  expect(findingIn(measured, "coldVoc").value?.value).toBeCloseTo(findingIn(plain, "coldVoc").value?.value ?? 0, 6);
});

test("a range without its amps is a question, unless what is known is passed already", () => {
  const port = (tiers: PortSheet["currentLimits"]) => ({ series: 4, strings: 1, port: { currentLimits: tiers } });
  const unknown = { amps: null, fromV: 60, toV: null, nature: "drawsUpTo" as const };
  expect(levelAndOutcome(finding("current", port([unknown])))).toEqual(["open", "noTierAmps"]);
  expect(finding("current", port([tier(11.3, "neverExceed"), unknown])).level).toBe("stop");
});

test("one more in series never lowers the coldest volts, and every rule that applies answers", () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 8 }), (series, strings) => {
      const [fewer, more] = [assessed({ series, strings }), assessed({ series: series + 1, strings })];
      expect(more.findings[0]?.value?.value).toBeGreaterThan(fewer.findings[0]?.value?.value ?? 0);
      const told = new Set(more.findings.map((found) => found.rule));
      const always = ["coldVoc", "hotVmp", "wake", "current", "watts", "mismatch", "systemVoltage"] as const;
      expect(always.filter((rule) => !told.has(rule))).toEqual([]);
      expect([told.has("fuses"), told.has("reverse"), told.has("pwmLoss")]).toEqual([strings > 1, false, false]);
    }),
    { numRuns: runs(20) },
  );
});

test("without a panel, a whole label or an input there is no verdict, but a list of what is missing", () => {
  expect(assess(emptyPlan("x"), "wiring-1")).toEqual({
    type: "incomplete",
    missing: [{ type: "noPanel" }, { type: "noInput" }],
  });
  const half = applyChange(planWith({ series: 1, strings: 1 }), {
    type: "setLabel",
    panelId: "p",
    patch: { vocV: null, iscA: null },
  });
  expect(assess(half, "wiring-1")).toMatchObject({ missing: [{ type: "labelIncomplete", fields: ["vocV", "iscA"] }] });
});

test("W, Voc and Isc are judged at once: the cold volts are those of the whole label, the rest is assumed, careful and told", () => {
  const three = { vmpV: null, impA: null };
  for (const [series, strings] of [
    [1, 2],
    [3, 1],
    [4, 2],
  ] as const) {
    const setting = { series, strings };
    const [whole, part] = [finding("coldVoc", setting), finding("coldVoc", { ...setting, panel: three })];
    expect(part.level).toBe(whole.level);
    expect(Math.abs((part.value?.value ?? 0) / (whole.value?.value ?? 1) - 1)).toBeLessThan(0.004);
    const [hot, assumedHot] = [finding("hotVmp", setting), finding("hotVmp", { ...setting, panel: three })];
    // what might be lower is taken as low as it may be
    if (hot.level !== "stop") expect(assumedHot.value?.value).toBeLessThan(hot.value?.value ?? 0);
    expect(assumedHot.assumptions).toContainEqual(expect.objectContaining({ type: "labelField", field: "vmpV" }));
    // a ceiling meant for operating volts is judged by open ones
    const running = finding("coldVoc", { ...setting, panel: three, port: { ceilingBasis: "vmp" } });
    expect(running.value?.value).toBeCloseTo(part.value?.value ?? NaN, 6);
  }
  expect(assess(planWith({ series: 1, strings: 1, panel: { ...three, pmaxW: 260 } }), "wiring-1")).toMatchObject({
    missing: [{ type: "labelImpossible" }],
  });
});

test("a limit of amps without an end holds over the ceiling too, and none is met by an array that never wakes", () => {
  const port = { maxV: 46, minV: null, batteryV: 51.2, wakeMarginV: 6, stayMarginV: 1 };
  const never = { currentLimits: [tier(11, "neverExceed")], ...port };
  // four wake at 57.2 V and stand at 99 V at noon: over the ceiling, and over the amps
  expect(finding("current", { series: 4, strings: 1, port: never }).level).toBe("stop");
  // two reach 54.8 V at most
  expect(finding("current", { series: 2, strings: 1, port: { ...never, batteryV: 60 } }).level).not.toBe("stop");
});
