import { allMends } from "../../finder";
import { applyChanges, type Change, type End, type Guard, type Plan, type Run } from "../../plan";
import { changed, demoPlan, dice, effort, mixedPlan, planWith, randomPlan, verdictOn, withCopper } from "@/testing";
import { newTile, rowOf } from "../../wiring";
import { assess, type Finding, type FuseReason, passes } from "..";

/** Three rows of one panel each, 38 m from the shed: Isc 8.42 A, Imp 7.85 A, Vmp 30.6 V, fuse 15 A, hottest air 30 °C. */
const shed = demoPlan("Bee-keeper");
const port = { inputId: "station", portId: "pv" };
const junction: End = { type: "junction", ...port };
const isolator: End = { type: "isolator", ...port };
const trunk: Run = {
  id: "trunk",
  name: "to the shed",
  from: junction,
  to: isolator,
  lengthMm: 38_000,
  wayId: null,
  lies: "buried",
  portable: false,
  size: "6 AWG",
};
const wiringId = "wiring-1";
const run = (more: Partial<Run>): Change => ({ type: "setRun", wiringId, run: { ...trunk, ...more } });
const guard = (more: Partial<Guard> & Pick<Guard, "id" | "at">): Change => ({
  type: "setGuard",
  wiringId,
  guard: { kind: "fuse", ratedA: 15, ratedV: 1000, ...more },
});
const fuseIn = (row: number, more: Partial<Guard> = {}) =>
  guard({ id: `f${row}`, at: { type: "row", rowId: `r${row}` }, ...more });

function findings(plan: Plan): readonly Finding[] {
  const assessment = assess(plan, wiringId);
  if (assessment.type !== "assessed") throw new Error("it can be judged");
  return assessment.findings.map((finding) => ({ ...finding, mends: [], needs: null }));
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

  test("must carry 1.56 times the short circuit of all rows, where it lies", () => {
    // 1.56 × 25.26 A; 6 AWG carries 75 A at 30 °C, the ground stays below
    expect(of(changed(shed, run({})), "cableAmps")).toMatchObject({ level: "good", limit: 75 });
    expect(of(changed(shed, run({})), "cableAmps")?.value).toBeCloseTo(39.41, 2);
    // 10 AWG carries 40 A but may be protected by 30 A at most
    expect(of(changed(shed, run({ size: "10 AWG" })), "cableAmps")).toMatchObject({ level: "stop", limit: 30 });
    // on the hot roof, 63 °C: 75 × 0.65
    expect(of(changed(shed, run({ lies: "roof" })), "cableAmps")?.limit).toBeCloseTo(48.75, 6);
    // afloat no cap: 40 A
    const afloat = changed(shed, run({ size: "10 AWG" }), { type: "setSchool", patch: { cable: "marine" } });
    expect(of(afloat, "cableAmps")).toMatchObject({ level: "good", limit: 40 });
  });

  test("a row's must also bear what the others push into it, or the fuse that stops them", () => {
    const ofRow = run({ id: "r", from: { type: "row", rowId: "r1" }, to: junction, lies: "inside", size: "12 AWG" });
    // 1.25 × 16.84 A against 20 A of a 12 AWG on land
    expect(of(changed(shed, ofRow), "cableAmps")).toMatchObject({ level: "stop", limit: 20 });
    expect(of(changed(shed, ofRow), "cableAmps")?.value).toBeCloseTo(21.05, 2);
    expect(of(changed(shed, ofRow, fuseIn(1)), "cableAmps")).toMatchObject({ level: "good", value: 15 });
  });

  test("loses 2·L·R·I of the lowest row's volts, with the copper as warm as what it lies in", () => {
    // 2 × 38 m × 1.30 Ω/km × (1 + 0.00393 × 5) × 23.55 A = 2.3725 V of 30.6 V
    expect(of(changed(shed, run({})), "cableDrop")).toMatchObject({ level: "care", limit: 3 });
    expect(of(changed(shed, run({})), "cableDrop")?.value).toBeCloseTo(7.753, 2);
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

describe("fuses and switches", () => {
  const fitted = (...rows: number[]) => changed(shed, ...rows.map((row) => fuseIn(row)));
  const care = (plan: Plan) => {
    const found = findings(plan).find(({ rule }) => rule === "fuses");
    return [found?.level, (found?.reason as FuseReason).outcome];
  };
  test("the Care for fuses ends when each row has one", () => {
    expect([care(shed), care(fitted(1)), care(fitted(1, 2, 3))]).toEqual([
      ["care", "fuseEach"],
      ["care", "fuseRest"],
      ["good", "fitted"],
    ]);
  });
  const oneFuse = (more: Partial<Guard>) => of(changed(shed, fuseIn(1, more)), "guards", "r1");
  test.each<[string, Partial<Guard>, object]>([
    ["over what the panel bears", { ratedA: 20 }, { level: "stop", value: 20, limit: 15 }],
    ["made for too few volts", { ratedV: 36 }, { level: "stop", limit: 36 }],
    ["made for volts nobody knows", { ratedV: null }, { level: "open" }],
    ["that blows in bright sun", { ratedA: 12 }, { level: "care", limit: 12 }],
    ["of the right size", {}, { level: "good", limit: 15 }],
  ])("a fuse %s", (_, more, told) => expect(oneFuse(more)).toMatchObject(told));

  test("a switch carries 1.25 times the short circuit and parts the coldest volts", () => {
    const withSwitch = (more: Partial<Guard>) =>
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
    // 910 W at 25.6 V: 35.5 A, so 44.4 A; 8 AWG carries 55 A × 0.96 at 31 °C
    const known = demoPlan("The Lantern");
    const lantern = { ...known, wirings: known.wirings.map((wiring) => ({ ...wiring, runs: [], guards: [] })) };
    const press: Change = {
      type: "setRun",
      wiringId: "pressday",
      run: {
        ...trunk,
        id: "b",
        from: { type: "output", inputId: "press" },
        to: { type: "bank", inputId: "press" },
        lengthMm: 1000,
        lies: "inside",
        size: "8 AWG",
      },
    };
    const told = (ratedA: number | null) => {
      const fuse: Change[] =
        ratedA === null
          ? []
          : [
              {
                type: "setGuard",
                wiringId: "pressday",
                guard: { id: "f", kind: "fuse", at: { type: "bank", inputId: "press" }, ratedA, ratedV: null },
              },
            ];
      const assessment = assess(changed(lantern, press, ...fuse), "pressday");
      if (assessment.type !== "assessed") throw new Error("it can be judged");
      return assessment.findings.find(({ id }) => id.endsWith("/battery"))?.level;
    };
    expect([told(null), told(40), told(50), told(60)]).toEqual(["care", "care", "good", "stop"]);
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

  test("panels of a row that end in unlike plugs are told with what joins them, or that nothing known does", () => {
    const mixed = mixedPlan([rowOf([newTile("a", 1), newTile("c", 1)])]);
    const withEnd = (kindId: string) => {
      const plan = changed(mixed, { type: "setPanelEnd", end: { panelId: "c", kindId, turned: null } });
      return of(plan, "plugs", "unlike")?.level;
    };
    expect([withEnd("latch"), withEnd("modular"), withEnd("own")]).toEqual([undefined, "note", "care"]);
  });

  test("branch plugs that bear less than the rows give are a Stop, a box is none", () => {
    const joined = (joining: "plugs" | "box") => changed(shed, { type: "setProtect", patch: { joining } });
    expect(of(joined("plugs"), "plugs", "branches")).toMatchObject({ level: "stop", limit: 30 });
    expect(of(joined("box"), "plugs", "branches")).toBeNull();
  });
});

test("wet, 30 V are a shock hazard", () => {
  expect(of(changed(shed, { type: "setProtect", patch: { isWet: true } }), "shock")).toMatchObject({
    level: "note",
    limit: 30,
  });
  expect(of(changed(shed, run({})), "shock")).toBeNull();
});

describe("mends of the copper", () => {
  test("each that is offered makes its finding pass, or ends its Stop, and makes no other", () => {
    const tried = { mends: 0, failing: 0 };
    for (let seed = 1; seed <= effort(4); seed++) {
      const plan = withCopper(randomPlan(seed), dice(seed + 7000));
      const before = findings(plan);
      for (const [id, { mends }] of allMends(plan, wiringId)) {
        const finding = before.find((each) => each.id === id);
        if (finding === undefined || !copperRules.includes(finding.rule) || finding.rule === "fuses") continue;
        tried.failing += 1;
        for (const { changes, kind } of mends) {
          tried.mends += 1;
          const after = findings(applyChanges(plan, changes));
          const then = after.find((each) => each.id === id);
          const mended =
            then === undefined || passes(then.level) || (finding.level === "stop" && then.level === "open");
          expect([seed, id, kind, mended]).toEqual([seed, id, kind, true]);
          const stops = after.filter(({ level }) => level === "stop").map((each) => each.id);
          const known = before.filter(({ level }) => level === "stop").map((each) => each.id);
          expect(stops.filter((each) => !known.includes(each))).toEqual([]);
        }
      }
    }
    expect(tried.mends).toBeGreaterThan(3);
  });
  test("a cable that no size of its school mends is mended by more in series, where the input bears it", () => {
    const far = planWith({ series: 1, strings: 4, port: { maxV: 400, minV: 10, maxW: 4000, currentLimits: [] } });
    const [lane] = far.wirings[0]?.lanes ?? [];
    const at = { inputId: lane?.inputId ?? "", portId: lane?.portId ?? "" };
    const plan = changed(
      far,
      run({ from: { type: "junction", ...at }, to: { type: "isolator", ...at }, lengthMm: 190_000, size: "2 AWG" }),
    );
    const [drop] = findings(plan).filter(({ rule }) => rule === "cableDrop");
    expect(drop?.level).toBe("care");
    const mends = allMends(plan, wiringId).get(drop?.id ?? "")?.mends ?? [];
    expect(mends[0]?.kind).toMatchObject({ type: "matrix", series: 4, strings: 1 });
    const after = findings(applyChanges(plan, mends[0]?.changes ?? []));
    expect(after.find(({ id }) => id === drop?.id)?.level).toBe("good");
  });
  const copperRules: readonly string[] = ["cableAmps", "cableDrop", "guards", "plugs"];
});

test("cables and fuses that cannot be are never passed, in random plans worked out by other sums", () => {
  const due = { fuses: 0, cables: 0 };
  for (let seed = 1; seed <= effort(20); seed++) {
    const plan = withCopper(randomPlan(seed), dice(seed + 3000));
    const assessment = assess(plan, wiringId);
    if (assessment.type !== "assessed") continue;
    const stops = assessment.findings.filter(({ level }) => level === "stop");
    for (const [runId, why] of cablesThatCannotBe(plan)) {
      due.cables += 1;
      const told = stops.some(
        ({ rule, subject }) => rule === "cableAmps" && subject.type === "run" && subject.runId === runId,
      );
      const asked = assessment.findings.some(
        ({ rule, level, subject }) =>
          rule === "cableAmps" && level === "open" && subject.type === "run" && subject.runId === runId,
      );
      expect([seed, runId, why, told || asked]).toEqual([seed, runId, why, true]);
    }
    for (const [rowId, why] of fusesThatCannotBe(plan)) {
      due.fuses += 1;
      const told = stops.some(
        ({ rule, subject }) => rule === "guards" && subject.type === "row" && subject.rowId === rowId,
      );
      expect([seed, rowId, why, told]).toEqual([seed, rowId, why, true]);
    }
  }
  expect(due.fuses).toBeGreaterThan(5);
  expect(due.cables).toBeGreaterThan(2);
});

/** Fuses larger than the least rating in their row, counted anew: of rows that can be judged. */
function fusesThatCannotBe(plan: Plan): [string, string][] {
  const judged = verdictOn(plan).lanes;
  return (plan.wirings[0]?.lanes ?? []).flatMap(({ inputId, portId, rows }) =>
    rows.flatMap((row): [string, string][] => {
      const found = plan.wirings[0]?.guards.find(
        ({ at, kind }) => kind !== "isolator" && at.type === "row" && at.rowId === row.id,
      );
      if (found === undefined || !judged.some((lane) => lane.inputId === inputId && lane.portId === portId)) return [];
      const ratings = panelsIn(row).map((panelId) => {
        const label = plan.panels.find(({ id }) => id === panelId)?.label;
        return label?.maxSeriesFuseA ?? ((label?.pmaxW ?? 0) >= 50 ? 15 : 10);
      });
      return ratings.length > 0 && found.ratedA > Math.min(...ratings)
        ? [[row.id ?? "", `${found.ratedA} A over ${Math.min(...ratings)} A`]]
        : [];
    }),
  );
}
/** What each size carries at best, in no heat and under no cap: less than 1.25 × Isc is never enough, whatever the school. */
const atBestA: Readonly<Record<string, number>> = {
  "14 AWG": 25,
  "12 AWG": 30,
  "10 AWG": 40,
  "8 AWG": 55,
  "6 AWG": 75,
  "4 mm2": 55,
  "6 mm2": 70,
  "10 mm2": 98,
  "16 mm2": 132,
  "25 mm2": 176,
};
function cablesThatCannotBe(plan: Plan): [string, string][] {
  const judged = verdictOn(plan).lanes;
  const [wiring] = plan.wirings;
  return (wiring?.runs ?? []).flatMap(({ id, from, to, size }): [string, string][] => {
    if (size === null || (to.type !== "isolator" && to.type !== "port")) return [];
    const lane = wiring?.lanes.find(({ inputId, portId }) => inputId === to.inputId && portId === to.portId);
    if (lane === undefined || !judged.some(({ inputId, portId }) => inputId === to.inputId && portId === to.portId))
      return [];
    const amps = 1.25 * lane.rows.reduce((sum, row) => sum + strongestA(plan, row), 0);
    const mostA = atBestA[size] ?? 0;
    return amps > mostA * 1.0001 ? [[id, `${from.type} to ${to.type}: ${amps} A over ${mostA} A of ${size}`]] : [];
  });
}
/** The most amps of its parts: of a panel its own, of rows side by side all of them. */
function strongestA(plan: Plan, { items }: AnyRow): number {
  return items.reduce((most, item) => {
    if (item.type === "group")
      return Math.max(
        most,
        item.rows.reduce((sum, row) => sum + strongestA(plan, row), 0),
      );
    if (item.joinedPast) return most;
    return Math.max(most, plan.panels.find(({ id }) => id === item.panelId)?.label.iscA ?? 0);
  }, 0);
}
type AnyRow = Plan["wirings"][number]["lanes"][number]["rows"][number];
function panelsIn({ items }: AnyRow): string[] {
  return items.flatMap((item) =>
    item.type === "group" ? item.rows.flatMap(panelsIn) : item.joinedPast ? [] : [item.panelId],
  );
}
