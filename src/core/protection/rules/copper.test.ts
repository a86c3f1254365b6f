import { allFixes } from "../../wiring/best-wirings";
import {
  applyChanges,
  type Change,
  type ControllerFacts,
  controllerFactsOf,
  type End,
  type ProtectiveDevice,
  plainRun,
  type Plan,
  type Cable,
} from "../../plan";
import {
  changed,
  coldestVolts,
  demoPlan,
  createRandom,
  dueCopper,
  runs,
  mixedPlan,
  planWith,
  randomPlan,
  withCopper,
} from "@/testing";
import { newTile, stringOf } from "../../engine/array";
import { assess, type Finding } from "../../assessment";
import { type FuseReason } from "./fuses";
import { passes } from "../../checks";

/** Three strings of one panel each, 38 m from the shed: Isc 8.42 A, Imp 7.85 A, Vmp 30.6 V, fuse 15 A, hottest air 30 °C. */
const shed = changed(demoPlan("Bee-keeper"), { type: "setStandards", patch: { cable: "land" } });
const port = { inputId: "station", portId: "pv" };
const junction: End = { type: "junction", ...port };
const isolator: End = { type: "isolator", ...port };
const trunk: Cable = {
  ...plainRun("trunk", "to the shed", junction, isolator),
  lengthMm: 38_000,
  where: "ground",
  how: "buried",
  portable: false,
  size: "6 AWG",
};
const wiringId = "wiring-1";
const run = (more: Partial<Cable>): Change => ({ type: "setRun", wiringId, run: { ...trunk, ...more } });
const guard = (more: Partial<ProtectiveDevice> & Pick<ProtectiveDevice, "id" | "at">): Change => ({
  type: "setGuard",
  wiringId,
  guard: { kind: "fuse", ratedA: 15, ratedV: 1000, breaksA: null, ...more },
});
const runOf = (change: Change) => (change.type === "setRun" ? change.run : trunk);
const fuseIn = (string: number, more: Partial<ProtectiveDevice> = {}) =>
  guard({ id: `f${string}`, at: { type: "string", stringId: `r${string}` }, ...more });

function findings(plan: Plan): readonly Finding[] {
  const assessment = assess(plan, wiringId);
  if (assessment.type !== "assessed") throw new Error("it can be judged");
  return assessment.findings.map((finding) => ({ ...finding, fixes: [], needs: null }));
}
const of = (plan: Plan, rule: Finding["rule"], about = "") => {
  const found = findings(plan).find((finding) => finding.rule === rule && finding.id.includes(about));
  return found === undefined ? null : { level: found.level, value: found.value?.value, limit: found.limit?.value };
};

describe("cables", () => {
  test("nothing is said of a wiring of which nobody has said anything", () => {
    const rules = findings(shed).map(({ rule }) => rule);
    for (const rule of ["cableAmps", "cableDrop", "guards", "plugs", "shock"]) expect(rules).not.toContain(rule);
  });

  test("must carry 1.56 times the short circuit of all strings, where it lies", () => {
    // 1.56 × 25.26 A; 6 AWG can carry 75 A at 30 °C, at terminals for 60 °C 55, for 75 °C 65
    expect(of(changed(shed, run({})), "cableAmps")).toMatchObject({ level: "good", limit: 55 });
    expect(of(changed(shed, run({ terminalC: 75 })), "cableAmps")).toMatchObject({ level: "good", limit: 65 });
    expect(of(changed(shed, run({})), "cableAmps")?.value).toBeCloseTo(39.41, 2);
    // four circuits in one duct, eight loaded conductors: 75 × 0.7
    expect(of(changed(shed, run({ circuits: 4 })), "cableAmps")?.limit).toBeCloseTo(52.5, 6);
    // 10 AWG may be protected by 30 A at most
    expect(of(changed(shed, run({ size: "10 AWG" })), "cableAmps")).toMatchObject({ level: "stop", limit: 30 });
    // on the hot roof, 63 °C: 75 × 0.65, in a conduit too
    for (const how of ["touching", "conduit"] as const)
      expect(of(changed(shed, run({ where: "roof", how })), "cableAmps")?.limit).toBeCloseTo(48.75, 6);
    // afloat no cap and no terminals' column: 40 A
    const afloat = changed(shed, run({ size: "10 AWG" }), { type: "setStandards", patch: { cable: "marine" } });
    expect(of(afloat, "cableAmps")).toMatchObject({ level: "good", limit: 40 });
    // 16 mm² by the way it is laid, at 40 °C inside: two touching 107 A to 60 °C, in a conduit 100 × 0.91; in the ground 91 × 0.93
    const metric = (more: Partial<Cable>) =>
      of(
        changed(shed, { type: "setStandards", patch: { cable: "metric" } }, run({ size: "16 mm2", ...more })),
        "cableAmps",
      );
    expect(metric({ where: "inside", how: "touching" })?.limit).toBeCloseTo(107, 6);
    expect(metric({ where: "inside", how: "conduit" })?.limit).toBeCloseTo(91, 6);
    expect(metric({})?.limit).toBeCloseTo(84.63, 6);
    // hotter than any table: a question, never a pass
    expect(metric({ where: "engine", how: "conduit", circuits: 7 })?.level).toBe("open");
  });

  test("a string's must also carry its fuse, or what the others push into it", () => {
    const ofString = run({
      id: "r",
      from: { type: "string", stringId: "r1" },
      to: junction,
      where: "inside",
      how: null,
    });
    const thin = (plan: Plan, ...more: Change[]) =>
      of(
        changed(plan, ofString, ...more, {
          type: "setRun",
          wiringId,
          run: { ...trunk, ...runOf(ofString), size: "12 AWG" },
        }),
        "cableAmps",
      );
    // the usual rule wants 15 A there; a 30 A fuse that is fitted counts as it is, over the 20 A of 12 AWG
    expect(thin(shed)).toMatchObject({ level: "good", value: 15, limit: 20 });
    expect(thin(shed, fuseIn(1, { ratedA: 30 }))).toMatchObject({ level: "stop", value: 30, limit: 20 });
    // two strings need no fuse: 1.25 × 8.42 A, less than 1.56 × 8.42 A
    const [wiring] = shed.wirings;
    const portArrays = (wiring?.portArrays ?? []).map((portArray) => ({
      ...portArray,
      strings: portArray.strings.slice(0, 2),
    }));
    const two = changed(shed, { type: "rewire", wiringId, portArrays, counts: {} });
    expect(thin(two)?.value).toBeCloseTo(1.56 * 8.42, 6);
  });

  test("loses 2·L·R·I of the lowest string's volts, with the copper as warm as what it lies in", () => {
    // 2 × 38 m × 1.30 Ω/km × (1 + 0.00393 × 10) × 23.55 A = 2.4182 V of 30.6 V
    expect(of(changed(shed, run({})), "cableDrop")).toMatchObject({ level: "care", limit: 3 });
    expect(of(changed(shed, run({})), "cableDrop")?.value).toBeCloseTo(7.903, 2);
    expect(of(changed(shed, run({ lengthMm: 10_000 })), "cableDrop")?.level).toBe("good");
    // one nobody measured is not judged for what it loses
    expect(of(changed(shed, run({ lengthMm: null })), "cableDrop")).toBeNull();
    const both = changed(
      shed,
      run({ lengthMm: 12_000 }),
      run({ id: "tail", from: isolator, to: { type: "port", ...port }, lengthMm: 6_000 }),
    );
    expect(of(both, "cableDrop", "together")?.level).toBe("note");
  });
});

/** A label of so many amps short-circuited, with all else that goes with it. */
const amps = (iscA: number, vmpV: number | null) => ({ iscA, impA: 0.94 * iscA, pmaxW: 0.94 * iscA * (vmpV ?? 0) });

test("a group inside a string is a parallel set of its own, as deep as it lies", () => {
  // one string of two groups of four, 5.9 A each, 10 A on the label: three others push 17.7 A into each; as four strings alike
  const four = (first: number) => ({
    type: "group" as const,
    strings: [0, 1, 2, 3].map((k) => stringOf([newTile("a", first + k)])),
  });
  const grouped = mixedPlan([stringOf([four(1), four(5)])]);
  const rated = {
    ...grouped,
    panels: grouped.panels.map((panel) => ({
      ...panel,
      label: { ...panel.label, ...amps(5.9, panel.label.vmpV), maxSeriesFuseA: 10 },
    })),
  };
  const found = findings(rated).find(({ rule }) => rule === "fuses");
  expect(found?.level).toBe("care");
  expect(found?.value?.value).toBeCloseTo(1.25 * 17.7, 6);
  const reason = found?.reason as FuseReason;
  expect([reason.needed, reason.missing.map(({ sizeA }) => sizeA)]).toEqual([8, Array(8).fill(10)]);
  // at 10.4 A and 15 A no fuse fits: 16.2 A at least
  const large = {
    ...rated,
    panels: rated.panels.map((panel) => ({
      ...panel,
      label: { ...panel.label, ...amps(10.4, panel.label.vmpV), maxSeriesFuseA: 15 },
    })),
  };
  expect(findings(large).find(({ rule }) => rule === "fuses")?.level).toBe("stop");
  // its branch connectors carry 4 × 1.25 × 5.9 A = 29.5 A of 30; those of 10.4 A panels 52 A
  expect(of(rated, "plugs", "branches")).toBeNull();
  expect(of(large, "plugs", "branches")).toMatchObject({ level: "care", limit: 30 });
});

test("unlike strings are fused each by its own numbers", () => {
  // 5.9 A / 10 A in series twice, beside two strings of 13.95 A / 25 A: the first takes a 10 A fuse, the others need none
  const mixed = mixedPlan([
    stringOf([newTile("a", 1), newTile("a", 2)]),
    stringOf([newTile("c", 1)]),
    stringOf([newTile("c", 2)]),
  ]);
  const rated = { a: [5.9, 10], c: [13.95, 25] } as const;
  const label = (id: string, vmpV: number | null) => {
    const [iscA, maxSeriesFuseA] = rated[id === "a" ? "a" : "c"];
    return { ...amps(iscA, vmpV), maxSeriesFuseA };
  };
  const plan = {
    ...mixed,
    panels: mixed.panels.map((panel) => ({
      ...panel,
      label: { ...panel.label, ...label(panel.id, panel.label.vmpV) },
    })),
  };
  const reason = findings(plan).find(({ rule }) => rule === "fuses")?.reason as FuseReason;
  expect([reason.outcome, reason.needed, reason.missing.map(({ sizeA }) => sizeA), reason.place.string]).toEqual([
    "fuseEach",
    1,
    [10],
    1,
  ]);
  // a label that states none, and by the usual 15 A would contradict its own Isc, is a question
  const silent = {
    ...plan,
    panels: plan.panels.map((panel) => ({
      ...panel,
      label: { ...panel.label, maxSeriesFuseA: panel.id === "c" ? null : 10 },
    })),
  };
  expect(findings(silent).find(({ rule }) => rule === "fuses")?.level).toBe("open");
});

test("one isolator has to do for every wiring of the same panels", () => {
  const known = demoPlan("The Lantern");
  // two in series at the press stand at 60 V in the cold, the same panels four in series on the station at 120 V
  const at = { type: "isolator", inputId: "press", portId: "pv" } as const;
  const told = (ratedV: number) => {
    const plan = changed(known, {
      type: "setGuard",
      wiringId: "pressday",
      guard: { id: "press-switch", kind: "isolator", at, ratedA: 32, ratedV, breaksA: null },
    });
    const assessment = assess(plan, "pressday");
    if (assessment.type !== "assessed") throw new Error("it can be judged");
    const found = assessment.findings.find(({ id }) => id.endsWith("/switch"));
    return [found?.level, found?.reason.type === "guards" ? found.reason.inWiring : ""];
  };
  expect(told(150)).toEqual(["good", "Every day"]);
  expect(told(100)).toEqual(["stop", "Every day"]);
});

describe("fuses and switches", () => {
  const fitted = (...strings: number[]) => changed(shed, ...strings.map((string) => fuseIn(string)));
  const care = (plan: Plan) => {
    const found = findings(plan).find(({ rule }) => rule === "fuses");
    return [found?.level, (found?.reason as FuseReason).outcome];
  };
  test("the Care for fuses ends when each string has one", () => {
    expect([care(shed), care(fitted(1)), care(fitted(1, 2, 3))]).toEqual([
      ["care", "fuseEach"],
      ["care", "fuseRest"],
      ["good", "fitted"],
    ]);
  });
  const oneFuse = (more: Partial<ProtectiveDevice>) => of(changed(shed, fuseIn(1, more)), "guards", "r1");
  test.each<[string, Partial<ProtectiveDevice>, object]>([
    ["over what the panel bears", { ratedA: 20 }, { level: "stop", value: 20, limit: 15 }],
    ["made for too few volts", { ratedV: 36 }, { level: "stop", limit: 36 }],
    ["made for volts nobody knows", { ratedV: null }, { level: "open" }],
    ["that blows in bright sun", { ratedA: 12 }, { level: "care", limit: 12 }],
    ["of the right size", {}, { level: "good", limit: 15 }],
  ])("a fuse %s", (_, more, told) => expect(oneFuse(more)).toMatchObject(told));

  test("a switch carries 1.25 times the short circuit and parts the coldest volts", () => {
    const withSwitch = (more: Partial<ProtectiveDevice>) =>
      of(
        changed(shed, guard({ id: "s", kind: "isolator", at: isolator, ratedA: 32, ratedV: 150, ...more })),
        "guards",
        "switch",
      );
    expect(withSwitch({})).toMatchObject({ level: "good" });
    expect(withSwitch({ ratedA: 25 })).toMatchObject({ level: "stop", limit: 25 });
    expect(withSwitch({ ratedA: 25 })?.value).toBeCloseTo(1.25 * 25.26, 6);
    expect(withSwitch({ ratedV: 40 })).toMatchObject({ level: "stop", limit: 40 });
    expect(of(changed(shed, run({})), "guards", "switch")?.level).toBe("note");
  });

  test("the battery's fuse is more than the controller gives and no more than its cable bears", () => {
    // 910 W at 25.6 V: 35.5 A, so 44.4 A; 6 AWG can carry 75 A × 0.87 at 41 °C, at its terminals 55 A; charged to 29.2 V
    const known = changed(demoPlan("The Lantern"), { type: "setStandards", patch: { cable: "land" } });
    const lantern = { ...known, wirings: known.wirings.map((wiring) => ({ ...wiring, runs: [], guards: [] })) };
    const press: Change = {
      type: "setRun",
      wiringId: "pressday",
      run: {
        ...plainRun("b", "battery", { type: "output", inputId: "press" }, { type: "bank", inputId: "press" }),
        lengthMm: 1000,
        where: "inside",
        size: "6 AWG",
      },
    };
    const told = (ratedA: number | null, more: Partial<ProtectiveDevice> = {}) => {
      const fuse: Change[] =
        ratedA === null
          ? []
          : [
              {
                type: "setGuard",
                wiringId: "pressday",
                guard: {
                  ...{ id: "f", kind: "fuse", at: { type: "bank", inputId: "press" }, ratedA },
                  ...{ ratedV: 32, breaksA: 10_000, ...more },
                },
              },
            ];
      const assessment = assess(changed(lantern, press, ...fuse), "pressday");
      if (assessment.type !== "assessed") throw new Error("it can be judged");
      return assessment.findings.find(({ id }) => id.endsWith("/battery"))?.level;
    };
    expect([told(null), told(40), told(50), told(60)]).toEqual(["care", "care", "good", "stop"]);
    // made for fewer volts than it is charged with; nobody knows; interrupts less than the battery can push, or nobody knows
    expect([told(50, { ratedV: 24 }), told(50, { ratedV: null })]).toEqual(["stop", "open"]);
    expect([told(50, { breaksA: 2000 }), told(50, { breaksA: null })]).toEqual(["care", "open"]);
  });
});

describe("plugs", () => {
  const tent = demoPlan("Rooftop");
  const end = (more: object): Change => ({
    type: "setPortEnd",
    end: { inputId: "box", portId: "dc", kindId: "barrel8", reversed: false, chain: null, ...more },
  });
  test.each<[string, Change, string]>([
    ["a chain that is found and needs no look", end({}), "good"],
    ["a chain that was turned round", end({ chain: [{ adapterId: "latch-barrel8", turned: true }] }), "stop"],
    ["a modular plug nobody has looked at", end({ kindId: "modular" }), "open"],
    [
      "a socket that is the other way round",
      end({ reversed: true, chain: [{ adapterId: "latch-barrel8", turned: null }] }),
      "stop",
    ],
    ["a chain that does not fit", end({ chain: [{ adapterId: "latch-flat", turned: null }] }), "care"],
    ["a plug nobody sells a lead for", end({ kindId: "own" }), "note"],
  ])("%s", (_, change, level) => expect(of(changed(tent, change), "plugs", "chain")?.level).toBe(level));

  test("panels of a string that end in unlike plugs are told with what joins them, or that nothing known does", () => {
    const mixed = mixedPlan([stringOf([newTile("a", 1), newTile("c", 1)])]);
    const withEnd = (kindId: string) => {
      const plan = changed(mixed, { type: "setPanelEnd", end: { panelId: "c", kindId, turned: null } });
      return of(plan, "plugs", "unlike")?.level;
    };
    expect([withEnd("latch"), withEnd("modular"), withEnd("own")]).toEqual([undefined, "note", "care"]);
  });

  test("branch plugs that bear less than the strings give are a Stop, a box is none", () => {
    const joined = (joining: "plugs" | "box") => changed(shed, { type: "setProtect", patch: { joining } });
    expect(of(joined("plugs"), "plugs", "branches")).toMatchObject({ level: "stop", limit: 30 });
    expect(of(joined("box"), "plugs", "branches")).toBeNull();
  });
});

test("what terminals take, let back or join is asked once cables are chosen, and held against them", () => {
  const lantern = demoPlan("The Lantern");
  const told = (facts: Partial<ControllerFacts>, ...more: readonly Change[]) => {
    const set: Change = { type: "setController", facts: { ...controllerFactsOf(lantern, "press"), ...facts } };
    const assessment = assess(changed(lantern, set, ...more), "pressday");
    if (assessment.type !== "assessed") throw new Error("it can be judged");
    const about = (end: string) => assessment.findings.find(({ id }) => id.endsWith(`/${end}`))?.level;
    return ["terminal tail", "terminal battery", "backfeed", "positive"].map(about);
  };
  const nobody = { pvMm2: null, batteryMm2: null, backfeed: null, joins: null };
  // the 10 mm² that are advised can carry 66 A in the sun at 66 °C, and the battery's fuse is of 50 A; thin is asked below
  expect(told(nobody)).toEqual(["open", "open", "good", undefined]);
  const from = { type: "string", stringId: "r1" } as const;
  const to = { type: "junction", inputId: "press", portId: "pv" } as const;
  const thin: Change = {
    type: "setRun",
    wiringId: "pressday",
    run: { ...plainRun("r", "c", from, to), size: "1.5 mm2" },
  };
  const ends = [
    { type: "frames", inputId: "press", portId: "pv" },
    { type: "earth", inputId: "press" },
  ] as const;
  const bond: Change = {
    type: "setRun",
    wiringId: "pressday",
    run: { ...plainRun("b", "b", ...ends), lengthMm: 5000 },
  };
  expect(told(nobody, thin, bond).slice(2)).toEqual(["open", "open"]);
  expect(told({ pvMm2: 1, batteryMm2: 10, backfeed: "fromBattery", joins: "positive" }, thin, bond)).toEqual([
    "care",
    "good",
    "stop",
    "care",
  ]);
  expect(told({ pvMm2: 35, batteryMm2: 35, backfeed: "none", joins: "negative" }, thin, bond)).toEqual([
    "good",
    "good",
    undefined,
    undefined,
  ]);
});

test("wet, 30 V are a shock hazard", () => {
  expect(of(changed(shed, { type: "setProtect", patch: { isWet: true } }), "shock")).toMatchObject({
    level: "note",
    limit: 30,
  });
  expect(of(changed(shed, run({})), "shock")).toBeNull();
});

describe("fixes of the copper", () => {
  test("each that is offered makes its finding pass, or ends its Stop, and makes no other", () => {
    const tried = { fixes: 0, failing: 0 };
    for (let seed = 1; seed <= runs(4); seed++) {
      const plan = withCopper(randomPlan(seed), createRandom(seed + 7000));
      const before = findings(plan);
      for (const [id, { fixes }] of allFixes(plan, wiringId)) {
        const finding = before.find((each) => each.id === id);
        if (finding === undefined || !copperRules.includes(finding.rule) || finding.rule === "fuses") continue;
        tried.failing += 1;
        for (const { changes, kind } of fixes) {
          tried.fixes += 1;
          const after = findings(applyChanges(plan, changes));
          const then = after.find((each) => each.id === id);
          const fixed = then === undefined || passes(then.level) || (finding.level === "stop" && then.level === "open");
          expect([seed, id, kind, fixed]).toEqual([seed, id, kind, true]);
          const stops = after.filter(({ level }) => level === "stop").map((each) => each.id);
          const known = before.filter(({ level }) => level === "stop").map((each) => each.id);
          expect(stops.filter((each) => !known.includes(each))).toEqual([]);
        }
      }
    }
    expect(tried.fixes).toBeGreaterThan(3);
  });
  test("a cable that no size of its standard fixes is fixed by more in series, where the input bears it", () => {
    const far = planWith({ series: 1, strings: 4, port: { maxV: 400, minV: 10, maxW: 4000, currentLimits: [] } });
    const [portArray] = far.wirings[0]?.portArrays ?? [];
    const at = { inputId: portArray?.inputId ?? "", portId: portArray?.portId ?? "" };
    const plan = changed(
      far,
      run({ from: { type: "junction", ...at }, to: { type: "isolator", ...at }, lengthMm: 190_000, size: "2 AWG" }),
    );
    const [drop] = findings(plan).filter(({ rule }) => rule === "cableDrop");
    expect(drop?.level).toBe("care");
    const fixes = allFixes(plan, wiringId).get(drop?.id ?? "")?.fixes ?? [];
    expect(fixes[0]?.kind).toMatchObject({ type: "matrix", series: 4, strings: 1 });
    const after = findings(applyChanges(plan, fixes[0]?.changes ?? []));
    expect(after.find(({ id }) => id === drop?.id)?.level).toBe("good");
  });
  const copperRules: readonly string[] = ["cableAmps", "cableDrop", "guards", "plugs"];
});

test("cables, fuses, isolators and battery fuses of random plans are judged as other sums and tables have them", () => {
  const counts = new Map<string, number>();
  const wrong: string[] = [];
  const first = Number(process.env["GOLDEN_ARRAY_SEED"] ?? 1);
  const plans = runs(60);
  for (let seed = first; seed < first + plans; seed++) {
    const drawn = withCopper(withBatteries(randomPlan(seed), createRandom(seed + 11)), createRandom(seed + 3000));
    const recordHighC = drawn.site.recordHighC ?? 33;
    const plan = { ...drawn, site: { ...drawn.site, recordHighC } };
    const assessment = assess(plan, wiringId);
    if (assessment.type !== "assessed") continue;
    const { findings: told, portArrays: judged } = assessment;
    const portArrays = (plan.wirings[0]?.portArrays ?? []).filter((portArray) =>
      judged.some(({ inputId, portId }) => portArray.inputId === inputId && portArray.portId === portId),
    );
    const known = { ...plan, wirings: plan.wirings.map((wiring) => ({ ...wiring, portArrays })) };
    for (const { rule, what, about, level, why } of dueCopper(known, recordHighC, (strings) =>
      coldestVolts(plan, strings),
    )) {
      if (level === "doubt") continue;
      const found = told.find(
        (finding) => finding.rule === rule && what === whatOf(finding) && finding.id.endsWith(about),
      );
      counts.set(`${rule} ${about} ${level}`, (counts.get(`${rule} ${about} ${level}`) ?? 0) + 1);
      if (found?.level !== level)
        wrong.push(`plan ${seed}: ${rule} ${what} ${about} is ${level}, told ${found?.level ?? "nothing"}: ${why}`);
    }
  }
  expect(wrong.slice(0, 12)).toEqual([]);
  // each was due often enough to prove something
  for (const due of [
    "cableAmps  stop",
    "cableAmps  good",
    "guards  stop",
    "guards  good",
    "guards  note",
    "guards  care",
    "guards switch stop",
    "guards switch good",
    "guards battery stop",
    "guards battery open",
    "terminals backfeed stop",
    "terminals backfeed open",
    "terminals backfeed good",
  ])
    expect([due, (counts.get(due) ?? 0) >= plans / 60]).toEqual([due, true]);
});

/** Some inputs as charge controllers with a battery, of which the most amps are known. */
function withBatteries(plan: Plan, draw: ReturnType<typeof createRandom>): Plan {
  return {
    ...plan,
    inputs: plan.inputs.map((input) =>
      draw.chance(0.4)
        ? input
        : {
            ...input,
            device: {
              ...input.device,
              kind: "chargeController" as const,
              ports: input.device.ports.map((each) => ({
                ...each,
                batteryV: draw.pick([12.8, 25.6, 51.2]),
                batteryMaxA: draw.whole(5, 60),
              })),
            },
          },
    ),
  };
}

function whatOf({ subject }: Finding): string {
  switch (subject.type) {
    case "run":
      return subject.runId;
    case "string":
      return subject.stringId;
    case "portArray":
      return `${subject.inputId}/${subject.portId}`;
    case "input":
      return subject.inputId;
    default:
      return "";
  }
}
