import { demoInputs, demoPanels } from "@/demo";
import { changed, findingIn, mixedPlan, planWith, portsPlan, string, type Setting, verdictOn, stood } from "@/testing";
import { type PanelSheet, type Plan } from "../plan";
import { matrixStrings, newTile, type PvString, stringOf, type PanelRef } from "../engine/array";
import { assess } from "./assess";
import { lookInto } from "./views";
import { solvableById } from "../plan-model";
import { type Finding } from "./finding";
import { type RuleId } from "./rules";

/** Rules over panels that are not alike, or do not stand alike. */
function finding(rule: RuleId, setting: Setting): Finding {
  return findingIn(planWith(setting), rule);
}

const levelAndOutcome = ({ level, reason }: Finding) => [level, "outcome" in reason ? reason.outcome : reason.type];

describe("unequal strings and panels", () => {
  test("two 12 V-class panels in series beside one 24 V-class panel match: hardly anything is lost", () => {
    const { level, reason } = findingIn(mixedPlan([string(["b", 1], ["b", 2]), string(["c", 1])]), "mismatch");
    expect([level, reason.type === "mismatch" ? reason.outcome : ""]).toEqual(["good", "equal"]);
  });

  test("a lone 12 V-class panel beside a 24 V-class one drags it down, and is fed backwards while nothing is drawn", () => {
    const { level, reason } = findingIn(mixedPlan([string(["b", 1]), string(["c", 1])]), "mismatch");
    if (reason.type !== "mismatch") throw new Error("expected a mismatch");
    expect(level).toBe("care");
    // held near 19 V the large panel gives about its 6 A at half its volts: 115 W of 120 + 225
    expect(reason.joinedW).toBeLessThan(0.75 * reason.panelsW);
    expect(reason.parallelLossPct).toBeGreaterThan(reason.seriesLossPct);
    const back = findingIn(mixedPlan([string(["b", 1]), string(["c", 1])]), "reverse").reason;
    expect(back).toMatchObject({ type: "reverse", outcome: "borne", panelName: demoPanels.rigid120.name });
    expect(back.type === "reverse" ? back.amps : 0).toBeGreaterThan(4);
  });

  test("backwards amps over what the panel bears are a Stop; a blocking diode ends them", () => {
    const four = [string(["b", 1]), string(["c", 1]), string(["c", 2]), string(["c", 3])];
    const bare = findingIn(mixedPlan(four), "reverse");
    expect([bare.level, bare.tiles]).toEqual(["stop", ["b.1"]]);
    const guarded = verdictOn(mixedPlan(four.map((each) => ({ ...each, blockingDiode: true })))).findings;
    expect(guarded.some(({ rule }) => rule === "reverse")).toBe(false);
  });

  test("in series the weakest current rules: a small panel among large ones costs them", () => {
    const { reason } = findingIn(mixedPlan([string(["a", 1], ["a", 2], ["b", 1])]), "mismatch");
    expect(reason.type === "mismatch" && reason.seriesLossPct).toBeGreaterThan(5);
  });

  test("the coldest volts are summed along the longest string, kind by kind", () => {
    const { reason } = findingIn(mixedPlan([string(["b", 1], ["c", 1]), string(["a", 1])]), "coldVoc");
    if (reason.type !== "coldVoc") throw new Error("expected volts");
    expect(reason.lineV).toBeCloseTo(22.7 * (1 + 0.003 * 39) + 45.1 * (1 + 0.0029 * 39), 9);
    expect(Math.abs(reason.curveV / reason.lineV - 1)).toBeLessThan(0.02);
  });
});

describe("what can stand alone", () => {
  const pair = { type: "group" as const, strings: [string(["b", 1]), string(["c", 1])] };
  const inString = stringOf([newTile("a", 1), pair]);

  test("of a group inside a string the larger panel counts, in case the smaller is unplugged", () => {
    const { value } = findingIn(mixedPlan([inString]), "coldVoc");
    // 27.2 V and 45.1 V with their coefficients at −14 °C; joined the small panel holds the large one down
    const byHandV = 27.2 * (1 + 0.0027 * 39) + 45.1 * (1 + 0.0029 * 39);
    expect(Math.abs((value?.value ?? 0) / byHandV - 1)).toBeLessThan(0.006);
    expect(findingIn(mixedPlan([inString]), "systemVoltage").reason).toMatchObject({ judgedV: value?.value });
  });

  test("with running volts as the ceiling too", () => {
    const [, high] = demoInputs.twoPortStation.ports;
    const onRunning = (maxV: number) => ({
      ...demoInputs.twoPortStation,
      ports: [{ ...high, maxV, ceilingBasis: "vmp" as const }],
      groups: [],
    });
    const { value } = findingIn(mixedPlan([inString], onRunning(200)), "coldVoc");
    expect(value?.value).toBeGreaterThan(22.8 + 37);
    expect(findingIn(mixedPlan([inString], onRunning(60)), "coldVoc").level).toBe("stop");
  });
});

describe("backwards amps and fuses", () => {
  const three = (last: Partial<PanelRef>) => [
    string(["a", 1], ["a", 2], ["a", 3]),
    string(["a", 4], ["a", 5], ["a", 6]),
    string(["a", 7], ["a", 8, last], ["a", 9, last]),
  ];

  test("panels taken out of a string do not hide what is pushed through the rest of it", () => {
    const { level, reason } = findingIn(mixedPlan(three({ bypassed: true })), "reverse");
    const without = findingIn(mixedPlan([...three({}).slice(0, 2), string(["a", 7])]), "reverse");
    // the two whole strings have 18.1 A to give
    expect(reason.type === "reverse" ? reason.amps : 0).toBeGreaterThan(16);
    expect(level).toBe(without.level);
    expect(
      reason.type === "reverse" && without.reason.type === "reverse" ? reason.amps - without.reason.amps : 1,
    ).toBeCloseTo(0, 2);
  });

  test.each<[string, number, Partial<PanelSheet>, unknown]>([
    ["two rows: the other gives 11.3 A, the panel bears 20", 2, {}, ["good", "notNeeded"]],
    [
      "two rows at 15 A: 18.1 A together, which the strict standard fuses",
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

const threeInSeries = mixedPlan([string(["a", 1], ["a", 2], ["a", 3])]);
/** Every panel of kind "a" tilted so. */
const tiltedTo = (tiltDeg: number, plan: Plan) =>
  stood(plan, ...[1, 2, 3].map((piece): [string, { tiltDeg: number }] => [`a.${piece}`, { tiltDeg }]));

describe("light hangs on the panel and the sky alone", () => {
  const noonW = (plan: Plan) => verdictOn(plan).takenW.brightNoon;
  const tilted = (tiltDeg: number) =>
    tiltedTo(tiltDeg, mixedPlan([string(["a", 1], ["a", 2], ["a", 3])], demoInputs.twoPortStation));

  test("a port array tilted as a whole gives more towards the sun and less away from it", () => {
    expect(noonW(tilted(30))).toBeGreaterThan(1.05 * noonW(tilted(0)));
    expect(noonW(tilted(-30))).toBeLessThan(0.8 * noonW(tilted(0)));
  });

  test("a month's clipping counts the light of the plane they are tilted to", () => {
    const clipped = (tiltDeg: number) => {
      const [low, high] = demoInputs.twoPortStation.ports;
      const device = {
        ...demoInputs.twoPortStation,
        ports: [low, { ...high, maxW: 400 }],
      };
      const { reason } = findingIn(
        tiltedTo(tiltDeg, mixedPlan([string(["a", 1], ["a", 2], ["a", 3])], device)),
        "watts",
      );
      return reason.type === "watts" ? reason : null;
    };
    const [flat, tilted, away] = [clipped(0), clipped(30), clipped(-30)];
    expect([flat?.flat, tilted?.flat]).toEqual([true, false]);
    expect(tilted?.clippedKwhPerMonth).toBeGreaterThan(1.1 * (flat?.clippedKwhPerMonth ?? 0));
    expect(away?.clippedKwhPerMonth).toBeLessThan(0.5 * (flat?.clippedKwhPerMonth ?? 0));
  });

  test("to split panels over two ports makes no watts from nothing", () => {
    const one = string(["a", 1], ["a", 2]);
    const other = string(["b", 1], ["b", 2]);
    const alone = (strings: readonly PvString[], portId: string) =>
      noonW(tiltedTo(-40, mixedPlan(strings, demoInputs.twoPortStation, portId)));
    const split = tiltedTo(-40, portsPlan(demoInputs.twoPortStation, { high: [one], low: [other] }));
    expect(noonW(split) / (alone([one], "high") + alone([other], "low"))).toBeCloseTo(1, 3);
  });
});

describe("panels in different states", () => {
  test("one stowed string beside a lit one is named; one shaded substring costs the others less than a panel", () => {
    expect(
      findingIn(
        stood(
          mixedPlan([string(["a", 1], ["a", 2]), string(["a", 3], ["a", 4])]),
          ["a.3", { stance: "stowed" }],
          ["a.4", { stance: "stowed" }],
        ),
        "mixedStates",
      ).reason,
    ).toMatchObject({ stowed: 2, shaded: 0 });
    const { reason } = findingIn(stood(threeInSeries, ["a.3", { light: [0.1, 1] }]), "mixedStates");
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
    const plan = stood(mixedPlan([string(["a", 1], ["a", 2], ["a", 3])], low), ["a.3", { light: [0.3, 0.3] }]);
    const { level, reason } = findingIn(plan, "mixedStates");
    if (reason.type !== "mixedStates" || reason.trappedW === null) throw new Error("expected a trap");
    expect(level).toBe("care");
    expect(reason.trappedW).toBeLessThan(0.7 * reason.joinedW);
    const [portArray] = verdictOn(plan).portArrays;
    expect(portArray?.skies.brightNoon.operating).toMatchObject({ limitedBy: "lowPeak" });
  });

  test("every panel alike and out has nothing to say", () => {
    expect(verdictOn(mixedPlan(matrixStrings("a", 2, 2))).findings.some(({ rule }) => rule === "mixedStates")).toBe(
      false,
    );
  });

  test("a panel taken out stays out of every limit, tilted or not", () => {
    const with3 = (tiltDeg: number) =>
      findingIn(
        stood(mixedPlan([string(["a", 1], ["a", 2], ["a", 3, { bypassed: true }])]), ["a.3", { tiltDeg }]),
        "coldVoc",
      ).value;
    expect(with3(30)).toEqual(with3(0));
  });

  test("looking in: a shaded substring is bypassed, volts add up to the port array's, a panel taken out is not there", () => {
    const plan = stood(mixedPlan([string(["a", 1], ["a", 2], ["a", 3, { bypassed: true }])]), [
      "a.2",
      { light: [0.1, 1] },
    ]);
    const ready = solvableById(plan, "wiring-1");
    const states = lookInto(ready);
    expect(Object.keys(states).sort()).toEqual(["a.1", "a.2"]);
    expect(states["a.2"]?.substrings.map(({ bypassed }) => bypassed)).toEqual([true, false]);
    const operating = ready.portArrays[0]?.actual.brightNoon.operating;
    expect((states["a.1"]?.v ?? 0) + (states["a.2"]?.v ?? 0)).toBeCloseTo(operating?.v ?? 0, 2);
  });
});

describe("skies one only looks at", () => {
  const plan = stood(mixedPlan([string(["a", 1], ["a", 2])]), ["a.2", { tiltDeg: 45 }]);
  const at = (iso: string) =>
    assess({ ...plan, site: { ...plan.site, latitudeDeg: 57 } }, "wiring-1", {
      sky: "now",
      moment: { atMs: Date.parse(iso), longitudeDeg: -3 },
      positionId: null,
    });
  const portArrayUnder = (iso: string, name: "haze" | "now") => {
    const assessment = at(iso);
    if (assessment.type !== "assessed") throw new Error("expected a verdict");
    return { ...assessment, view: assessment.portArrays[0]?.skies[name] };
  };

  test("by night nothing flows, and nothing is judged by it", () => {
    const night = portArrayUnder("2026-11-25T02:00:00Z", "now");
    expect(night.view).toMatchObject({
      sky: { irradianceWm2: 0 },
      array: { vocV: 0, iscA: 0 },
      operating: { v: 0, i: 0, p: 0, limitedBy: "asleep" },
    });
    expect(night.takenW.now).toBe(0);
    const noon = portArrayUnder("2026-06-21T12:00:00Z", "now");
    expect(noon.findings).toEqual(night.findings);
    expect(noon.takenW.now).toBeGreaterThan(100);
  });

  test("haze gives about a quarter of noon whatever the hour", () => {
    const [night, noon] = [
      portArrayUnder("2026-11-25T02:00:00Z", "haze"),
      portArrayUnder("2026-06-21T12:00:00Z", "haze"),
    ];
    expect(night.takenW.haze).toBeCloseTo(noon.takenW.haze, 6);
    expect(noon.takenW.haze / noon.takenW.brightNoon).toBeGreaterThan(0.2);
    expect(noon.takenW.haze / noon.takenW.brightNoon).toBeLessThan(0.32);
  });
});

test("a port of two groups gives way once, to the tighter of their limits", () => {
  const groups = (maxW: readonly number[]) =>
    maxW.map((limit, k) => ({
      id: `g${k}`,
      name: `Group ${k}`,
      portIds: ["low", "high"],
      maxW: limit,
      maxA: null,
      nature: "drawsUpTo" as const,
    }));
  const takenW = (maxW: readonly number[]) => {
    const device = { ...demoInputs.twoPortStation, groups: groups(maxW) };
    const plan = portsPlan(device, { high: matrixStrings("a", 4, 1), low: matrixStrings("b", 2, 1) });
    return verdictOn(plan).takenW.brightNoon;
  };
  expect(takenW([500])).toBeCloseTo(500, 0);
  expect(takenW([500, 600])).toBeCloseTo(500, 0);
  expect(takenW([600, 500])).toBeCloseTo(500, 0);
});

test("panels on the shelf are told while a port stands empty, and not when every port is fed", () => {
  const plan = changed(mixedPlan([string(["a", 1])]), { type: "setCount", panelId: "a", count: 3 });
  const told = verdictOn(plan).findings.find(({ rule }) => rule === "shelf");
  expect(told?.level).toBe("note");
  expect(told?.reason).toMatchObject({
    panels: expect.arrayContaining([{ panelName: demoPanels.rigid195.name, count: 2 }]) as unknown,
  });
  const fed = changed(plan, {
    type: "rewire",
    wiringId: "wiring-1",
    counts: {},
    portArrays: [
      { inputId: "i", portId: "high", strings: [string(["a", 1])] },
      { inputId: "i", portId: "low", strings: [string(["a", 2])] },
    ],
  });
  expect(verdictOn(fed).findings.some(({ rule }) => rule === "shelf")).toBe(false);
});
