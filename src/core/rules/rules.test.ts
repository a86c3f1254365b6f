import fc from "fast-check";
import { demoInputs, demoPanels } from "@/demo";
import { changed, effort, findingIn, mixedPlan, planWith, row, type Setting, verdictOn } from "@/testing";
import { applyChange, emptyPlan, type PanelSheet, type Plan, type PortSheet } from "../plan";
import { matrixRows, newTile, type Row, rowOf, type Tile } from "../wiring";
import { allMends } from "../finder";
import { assess, codeTableFactor, type Finding, lookInto, openById, passes, type RuleId } from ".";

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
  ["no floor stated", { series: 1, strings: 1, port: { minV: null } }, ["open", "noFloor"]],
])("hottest running volts: %s", (_, setting, expected) => {
  expect(levelAndOutcome(finding("hotVmp", setting))).toEqual(expected);
});

const tier = (
  amps: number,
  nature: "drawsUpTo" | "neverExceed",
  fromV: number | null = null,
  toV: number | null = null,
) => ({ amps, nature, fromV, toV });
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

describe("unequal rows and panels", () => {
  test("two 12 V-class panels in series beside one 24 V-class panel match: hardly anything is lost", () => {
    const { level, reason } = findingIn(mixedPlan([row(["b", 1], ["b", 2]), row(["c", 1])]), "mismatch");
    expect([level, reason.type === "mismatch" ? reason.outcome : ""]).toEqual(["good", "equal"]);
  });

  test("a lone 12 V-class panel beside a 24 V-class one drags it down, and is fed backwards while nothing is drawn", () => {
    const { level, reason } = findingIn(mixedPlan([row(["b", 1]), row(["c", 1])]), "mismatch");
    if (reason.type !== "mismatch") throw new Error("expected a mismatch");
    expect(level).toBe("care");
    // held near 19 V the large panel gives about its 6 A at half its volts: 115 W of 120 + 225
    expect(reason.joinedW).toBeLessThan(0.75 * reason.panelsW);
    expect(reason.parallelLossPct).toBeGreaterThan(reason.seriesLossPct);
    const back = findingIn(mixedPlan([row(["b", 1]), row(["c", 1])]), "reverse").reason;
    expect(back).toMatchObject({ type: "reverse", outcome: "borne", panelName: demoPanels.rigid120.name });
    expect(back.type === "reverse" ? back.amps : 0).toBeGreaterThan(4);
  });

  test("backwards amps over what the panel bears are a Stop; a blocking diode ends them", () => {
    const four = [row(["b", 1]), row(["c", 1]), row(["c", 2]), row(["c", 3])];
    const bare = findingIn(mixedPlan(four), "reverse");
    expect([bare.level, bare.tiles]).toEqual(["stop", ["b.1"]]);
    const guarded = verdictOn(mixedPlan(four.map((each) => ({ ...each, blockingDiode: true })))).findings;
    expect(guarded.some(({ rule }) => rule === "reverse")).toBe(false);
  });

  test("in series the weakest current rules: a small panel among large ones costs them", () => {
    const { reason } = findingIn(mixedPlan([row(["a", 1], ["a", 2], ["b", 1])]), "mismatch");
    expect(reason.type === "mismatch" && reason.seriesLossPct).toBeGreaterThan(5);
  });

  test("the coldest volts are summed along the longest row, kind by kind", () => {
    const { reason } = findingIn(mixedPlan([row(["b", 1], ["c", 1]), row(["a", 1])]), "coldVoc");
    if (reason.type !== "coldVoc") throw new Error("expected volts");
    expect(reason.lineV).toBeCloseTo(22.7 * (1 + 0.003 * 39) + 45.1 * (1 + 0.0029 * 39), 9);
    expect(Math.abs(reason.curveV / reason.lineV - 1)).toBeLessThan(0.02);
  });
});

describe("what can stand alone", () => {
  const pair = { type: "group" as const, rows: [row(["b", 1]), row(["c", 1])] };
  const inRow = { items: [{ ...newTile("a", 1) }, pair], blockingDiode: false };

  test("of a group inside a row the larger panel counts, in case the smaller is unplugged", () => {
    const { value } = findingIn(mixedPlan([inRow]), "coldVoc");
    // 27.2 V and 45.1 V with their coefficients at −14 °C; joined the small panel holds the large one down
    const byHandV = 27.2 * (1 + 0.0027 * 39) + 45.1 * (1 + 0.0029 * 39);
    expect(Math.abs((value?.value ?? 0) / byHandV - 1)).toBeLessThan(0.006);
    expect(findingIn(mixedPlan([inRow]), "systemVoltage").reason).toMatchObject({ judgedV: value?.value });
  });

  test("with running volts as the ceiling too", () => {
    const [, high] = demoInputs.twoPortStation.ports;
    const onRunning = (maxV: number) => ({
      ...demoInputs.twoPortStation,
      ports: [{ ...high, maxV, ceilingBasis: "vmp" as const }],
      groups: [],
    });
    const { value } = findingIn(mixedPlan([inRow], onRunning(200)), "coldVoc");
    expect(value?.value).toBeGreaterThan(22.8 + 37);
    expect(findingIn(mixedPlan([inRow], onRunning(60)), "coldVoc").level).toBe("stop");
  });
});

describe("backwards amps and fuses", () => {
  const three = (last: Partial<Tile>) => [
    row(["a", 1], ["a", 2], ["a", 3]),
    row(["a", 4], ["a", 5], ["a", 6]),
    row(["a", 7], ["a", 8, last], ["a", 9, last]),
  ];

  test("panels taken out of a row do not hide what is pushed through the rest of it", () => {
    const { level, reason } = findingIn(mixedPlan(three({ stance: "off" })), "reverse");
    const without = findingIn(mixedPlan([...three({}).slice(0, 2), row(["a", 7])]), "reverse");
    // the two whole rows have 18.1 A to give
    expect(reason.type === "reverse" ? reason.amps : 0).toBeGreaterThan(16);
    expect(level).toBe(without.level);
    expect(
      reason.type === "reverse" && without.reason.type === "reverse" ? reason.amps - without.reason.amps : 1,
    ).toBeCloseTo(0, 3);
  });

  test.each<[string, number, Partial<PanelSheet>, unknown]>([
    ["two rows: the other gives 11.3 A, the panel bears 20", 2, {}, ["good", "notNeeded"]],
    [
      "two rows at 15 A: 18.1 A together, which the strict school fuses",
      2,
      { maxSeriesFuseA: 15 },
      ["note", "strictOnly"],
    ],
    ["three rows at 20 A: 22.6 A, and a 15 A fuse carries 14.1 A", 3, {}, ["care", "fuseEach"]],
    [
      "three rows at 10 A: no fuse both carries 14.1 A and is 10 A at most",
      3,
      { maxSeriesFuseA: 10 },
      ["stop", "noneFits"],
    ],
    ["a silent label of 195 W bears 15 A", 3, { maxSeriesFuseA: null }, ["care", "fuseEach"]],
  ])("%s", (_, strings, panel, expected) => {
    expect(levelAndOutcome(finding("fuses", { series: 1, strings, panel }))).toEqual(expected);
  });
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
  expect(findingIn(mixedPlan([row(["b", 1])], device, "pv"), "pwmLoss").level).toBe("open");
});

describe("light hangs on the panel and the sky alone", () => {
  const noonW = (plan: Plan) => verdictOn(plan).takenW.brightNoon;
  const tilted = (tiltDeg: number) =>
    mixedPlan([row(["a", 1, { tiltDeg }], ["a", 2, { tiltDeg }], ["a", 3, { tiltDeg }])], demoInputs.twoPortStation);

  test("a lane tilted as a whole gives more towards the sun and less away from it", () => {
    expect(noonW(tilted(30))).toBeGreaterThan(1.05 * noonW(tilted(0)));
    expect(noonW(tilted(-30))).toBeLessThan(0.8 * noonW(tilted(0)));
  });

  test("to split panels over two ports makes no watts from nothing", () => {
    const one = row(["a", 1, { tiltDeg: -40 }], ["a", 2, { tiltDeg: -40 }]);
    const other = row(["b", 1], ["b", 2]);
    const alone = (rows: readonly Row[], portId: string) => noonW(mixedPlan(rows, demoInputs.twoPortStation, portId));
    const split = changed(mixedPlan([one], demoInputs.twoPortStation, "high"), {
      type: "rewire",
      wiringId: "wiring-1",
      counts: {},
      lanes: [
        { inputId: "i", portId: "high", rows: [one] },
        { inputId: "i", portId: "low", rows: [other] },
      ],
    });
    expect(noonW(split) / (alone([one], "high") + alone([other], "low"))).toBeCloseTo(1, 3);
  });
});

describe("panels in different states", () => {
  test("one stowed row beside a lit one is named; one shaded substring costs the others less than a panel", () => {
    expect(
      findingIn(
        mixedPlan([row(["a", 1], ["a", 2]), row(["a", 3, { stance: "stowed" }], ["a", 4, { stance: "stowed" }])]),
        "mixedStates",
      ).reason,
    ).toMatchObject({ stowed: 2, shaded: 0 });
    const { reason } = findingIn(mixedPlan([row(["a", 1], ["a", 2], ["a", 3, { light: [0.1, 1] }])]), "mixedStates");
    if (reason.type !== "mixedStates") throw new Error("expected mixed states");
    expect(reason.shaded).toBe(1);
    expect(reason.joinedW).toBeGreaterThan(0.75 * reason.panelsW);
  });

  test("a tracker that only climbs is trapped on the low peak that the shade makes, and the plan says at how many watts", () => {
    const low = {
      ...demoInputs.twoPortStation,
      ports: [{ ...demoInputs.twoPortStation.ports[1], tracker: "hillClimb" as const }],
      groups: [],
    };
    const plan = mixedPlan([row(["a", 1], ["a", 2], ["a", 3, { light: [0.3, 0.3] }])], low);
    const { level, reason } = findingIn(plan, "mixedStates");
    if (reason.type !== "mixedStates" || reason.trappedW === null) throw new Error("expected a trap");
    expect(level).toBe("care");
    expect(reason.trappedW).toBeLessThan(0.7 * reason.joinedW);
    const [lane] = verdictOn(plan).lanes;
    expect(lane?.skies.brightNoon.operating).toMatchObject({ limitedBy: "lowPeak" });
  });

  test("every panel alike and out has nothing to say", () => {
    expect(verdictOn(mixedPlan(matrixRows("a", 2, 2))).findings.some(({ rule }) => rule === "mixedStates")).toBe(false);
  });

  test("a panel taken out stays out of every limit, tilted or not", () => {
    const with3 = (tiltDeg: number) =>
      findingIn(mixedPlan([row(["a", 1], ["a", 2], ["a", 3, { stance: "off", tiltDeg }])]), "coldVoc").value;
    expect(with3(30)).toEqual(with3(0));
  });

  test("looking in: a shaded substring is bypassed, volts add up to the lane's, a panel taken out is not there", () => {
    const plan = mixedPlan([row(["a", 1], ["a", 2, { light: [0.1, 1] }], ["a", 3, { stance: "off" }])]);
    const open = openById(plan, "wiring-1");
    const states = lookInto(open);
    expect(Object.keys(states).sort()).toEqual(["a.1", "a.2"]);
    expect(states["a.2"]?.substrings.map(({ bypassed }) => bypassed)).toEqual([true, false]);
    const operating = open.lanes[0]?.actual.brightNoon.operating;
    expect((states["a.1"]?.v ?? 0) + (states["a.2"]?.v ?? 0)).toBeCloseTo(operating?.v ?? 0, 2);
  });
});

describe("skies one only looks at", () => {
  const plan = mixedPlan([row(["a", 1], ["a", 2, { tiltDeg: 45 }])]);
  const at = (iso: string) =>
    assess({ ...plan, site: { ...plan.site, latitudeDeg: 57 } }, "wiring-1", {
      sky: "now",
      moment: { atMs: Date.parse(iso), longitudeDeg: -3 },
    });
  const laneUnder = (iso: string, name: "haze" | "now") => {
    const assessment = at(iso);
    if (assessment.type !== "assessed") throw new Error("expected a verdict");
    return { ...assessment, view: assessment.lanes[0]?.skies[name] };
  };

  test("by night nothing flows, and nothing is judged by it", () => {
    const night = laneUnder("2026-11-25T02:00:00Z", "now");
    expect(night.view).toMatchObject({
      sky: { irradianceWm2: 0 },
      array: { vocV: 0, iscA: 0 },
      operating: { v: 0, i: 0, p: 0, limitedBy: "asleep" },
    });
    expect(night.takenW.now).toBe(0);
    const noon = laneUnder("2026-06-21T12:00:00Z", "now");
    expect(noon.findings).toEqual(night.findings);
    expect(noon.takenW.now).toBeGreaterThan(100);
  });

  test("haze gives about a quarter of noon whatever the hour", () => {
    const [night, noon] = [laneUnder("2026-11-25T02:00:00Z", "haze"), laneUnder("2026-06-21T12:00:00Z", "haze")];
    expect(night.takenW.haze).toBeCloseTo(noon.takenW.haze, 6);
    expect(noon.takenW.haze / noon.takenW.brightNoon).toBeGreaterThan(0.2);
    expect(noon.takenW.haze / noon.takenW.brightNoon).toBeLessThan(0.32);
  });
});

test("PWM loses what lies above battery volts: little from a 12 V-class panel, half from a 24 V-class one", () => {
  const onPwm = (rows: readonly Row[]) => findingIn(mixedPlan(rows, demoInputs.pwmController, "pv"), "pwmLoss");
  const [twelve, twentyFour] = [onPwm([row(["b", 1])]), onPwm([row(["c", 1])])];
  expect(twelve.level).not.toBe("care");
  expect(twentyFour.level).toBe("care");
  // 6.2 A at 13.3 V instead of 5.9 A at 33 V
  expect(twentyFour.value?.value).toBeGreaterThan(55);
  expect(twentyFour.value?.value).toBeLessThan(65);
});

test("battery amps × battery volts are a watt limit, and said to be one", () => {
  const { reason } = findingIn(
    mixedPlan([row(["c", 1], ["c", 2])], demoInputs.batteryLimitedController, "pv"),
    "watts",
  );
  expect(reason).toMatchObject({ type: "watts", limitW: 16 * 12.8, fromBattery: true });
});

describe("waking on a dull morning", () => {
  test("volts near the battery sleep under cloud; twice the panels wake at first light", () => {
    const waking = (rows: readonly Row[]) => findingIn(mixedPlan(rows, demoInputs.pressController, "pv"), "wake");
    expect(waking([row(["c", 1])]).level).toBe("good");
    expect(waking([row(["b", 1], ["a", 1])]).reason).toMatchObject({ outcome: "early" });
    const dim = waking([row(["a", 1])]);
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
  const plan = applyChange(mixedPlan(matrixRows("a", 4, 1), station), {
    type: "rewire",
    wiringId: "wiring-1",
    counts: {},
    lanes: [
      { inputId: "i", portId: "high", rows: matrixRows("a", 4, 1) },
      { inputId: "i", portId: "low", rows: matrixRows("b", 2, 1) },
    ],
  });
  const verdict = verdictOn(plan);
  const shared = verdict.findings.find(({ rule }) => rule === "shared");
  if (shared?.reason.type !== "shared") throw new Error("expected a shared limit");
  expect(shared.reason.ports.reduce((sum, port) => sum + port.takenW, 0)).toBeCloseTo(700, 0);
  expect(verdict.takenW.brightNoon).toBeCloseTo(700, 0);
  expect(["note", "care"]).toContain(shared.level);
});

describe("mends", () => {
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
    .chain((rows) =>
      fc.record({
        rows: fc.constant(rows),
        device: fc.constantFrom(
          "twoPortStation" as const,
          "pwmController" as const,
          "climbingController" as const,
          "pressController" as const,
        ),
      }),
    )
    .map(({ rows, device }) => {
      const next = { a: 0, b: 0, c: 0 };
      const made = rows.map((tiles) =>
        rowOf(
          tiles.map(({ kind, stowed }) => ({
            ...newTile(kind, (next[kind] += 1)),
            stance: stowed === 0 ? ("stowed" as const) : ("out" as const),
          })),
        ),
      );
      return mixedPlan(
        made,
        demoInputs[device],
        demoInputs[device].ports[device === "twoPortStation" ? 1 : 0]?.id ?? "",
      );
    });
  const seen = new Set<string>();

  /** Applies every mend of a plan, and sees its rule mended and no new Stop. */
  function applyAll(plan: Plan): void {
    const before = verdictOn(plan);
    const mends = allMends(plan, "wiring-1");
    for (const { id, rule, level } of before.findings)
      for (const mend of mends.get(id) ?? []) {
        seen.add(rule);
        const after = verdictOn(
          applyChange(plan, { type: "rewire", wiringId: "wiring-1", lanes: mend.lanes, counts: mend.counts }),
        );
        const mended = after.findings.find((found) => found.id === id);
        // a loss is mended by what gives more, a Stop by what is none any more, anything else by what passes
        const gives = after.takenW.brightNoon > before.takenW.brightNoon;
        expect(
          mended === undefined || passes(mended.level) || gives || (level === "stop" && mended.level === "care"),
        ).toBe(true);
        const stops = (of: typeof after) => of.findings.filter((found) => found.level === "stop");
        expect(stops(before).map((found) => found.id)).toEqual(
          expect.arrayContaining(stops(after).map((found) => found.id)),
        );
        // a Stop that stays is named
        expect(mend.leaves.map((left) => left.rule)).toEqual(stops(after).map((found) => found.rule));
      }
  }

  test("every mend of equal rows, applied, mends its rule and adds no Stop", () => {
    fc.assert(
      fc.property(setting, (asked) => applyAll(planWith(asked))),
      { numRuns: effort(20) },
    );
  });

  test("so does every mend of unequal ones", () => {
    fc.assert(fc.property(mixed, applyAll), { numRuns: effort(20) });
    expect([...seen]).toEqual(
      expect.arrayContaining(["coldVoc", "current", "hotVmp", "mismatch", "mixedStates", "wake"]),
    );
  });

  test("insulation too weak for a long row, a shared limit passed, volts a PWM controller wastes: each is mended too", () => {
    applyAll(planWith({ series: 6, strings: 1, panel: { maxSystemV: 120 }, port: { maxV: 400 } }));
    const station = {
      ...demoInputs.twoPortStation,
      groups: [{ ...demoInputs.twoPortStation.groups[0], maxW: 700, nature: "neverExceed" as const }],
    };
    applyAll(mixedPlan(matrixRows("a", 4, 1), station));
    const [port] = demoInputs.pwmController.ports;
    applyAll(
      mixedPlan(
        [row(["b", 1], ["b", 2])],
        { ...demoInputs.pwmController, ports: [{ ...port, currentLimits: [tier(30, "neverExceed")] }] },
        "pv",
      ),
    );
    expect([...seen]).toEqual(expect.arrayContaining(["systemVoltage", "shared", "pwmLoss"]));
  });
});

test("one more in series never lowers the coldest volts, and every rule that applies answers", () => {
  fc.assert(
    fc.property(fc.integer({ min: 1, max: 20 }), fc.integer({ min: 1, max: 8 }), (series, strings) => {
      const [fewer, more] = [assessed({ series, strings }), assessed({ series: series + 1, strings })];
      expect(more.findings[0]?.value?.value).toBeGreaterThan(fewer.findings[0]?.value?.value ?? 0);
      expect(more.findings.map((found) => found.rule)).toEqual([
        "coldVoc",
        "hotVmp",
        "wake",
        "current",
        "watts",
        "mismatch",
        ...(strings > 1 ? ["fuses"] : []),
        "systemVoltage",
      ]);
    }),
    { numRuns: effort(20) },
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
    patch: { vocV: null, impA: null },
  });
  expect(assess(half, "wiring-1")).toMatchObject({ missing: [{ type: "labelIncomplete", fields: ["vocV", "impA"] }] });
});
