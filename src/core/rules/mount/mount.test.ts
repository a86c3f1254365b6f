import { allMends } from "../../finder";
import {
  applyChanges,
  type Change,
  type Fixing,
  plainFixing,
  type Plan,
  type School,
  schools,
  skins,
} from "../../plan";
import { changed, demoPlan, dice, effort } from "@/testing";
import { assess, type Finding } from "..";

/** Four panels of 1480 × 670 mm and 10.3 kg on a roof; hottest air 31 °C; held as a roof with a gap: 38 K over the air. */
const bare: Plan = { ...demoPlan("The Lantern"), fixings: { list: [], passedOver: [] } };
const pieces = [1, 2, 3, 4].map((piece) => ({ panelId: "roof", piece }));

function fixed(school: School, more: Partial<Fixing> = {}, plan = bare): Plan {
  const fixing = { ...plainFixing("f", "Roof", school, pieces), skin: "paintedAluminium" as const, ...more };
  return changed(plan, { type: "setFixing", fixing });
}
function findings(plan: Plan): readonly Finding[] {
  const assessment = assess(plan, "everyday");
  if (assessment.type !== "assessed") throw new Error("it can be judged");
  return assessment.findings.filter(({ stop }) => stop === "mount");
}
const of = (plan: Plan, rule: Finding["rule"], about = "") => {
  const found = findings(plan).find((finding) => finding.rule === rule && finding.id.endsWith(about));
  return found === undefined ? null : { level: found.level, value: found.value?.value, limit: found.limit?.value };
};

test("nothing is said of panels of which nobody has said how they are held", () => {
  expect(findings(bare)).toEqual([]);
});

describe("held against the wind", () => {
  test("the foremost panel while driving, by its tape alone", () => {
    // 100 + 50 km/h = 41.667 m/s: 0.613 × 1736.1 × 1.2 × 0.9916 m²; four feet of 100 × 60 mm at 85 kPa
    const held = of(fixed("tapedFeet"), "hold", "wind");
    expect(held?.value).toBeCloseTo(1266.4, 0);
    expect(held?.limit).toBeCloseTo(2040, 6);
    expect(held?.level).toBe("care");
    expect(of(fixed("tapedFeet", { feet: 2 }), "hold", "wind")?.level).toBe("stop");
    expect(of(fixed("tapedFeet", { feet: 6 }), "hold", "wind")?.level).toBe("good");
  });
  test("parked for good, by a gust of 35 m/s on a panel over a gap", () => {
    // 0.613 × 1225 × 0.6 × 0.9916
    expect(of(fixed("tapedFeet", { speedKmh: 0 }), "hold", "wind")?.value).toBeCloseTo(446.8, 0);
  });
  test("what a screw bears is asked, and judged once it is known", () => {
    // four fastenings of a panel: up 1266.4 and along 126.6
    const asked = of(fixed("ribRails"), "hold", "wind");
    expect(asked?.level).toBe("open");
    expect(asked?.value).toBeCloseTo(348.3, 0);
    expect(of(fixed("ribRails", { pullOutN: 600 }), "hold", "wind")?.level).toBe("care");
    expect(of(fixed("ribRails", { pullOutN: 900 }), "hold", "wind")?.level).toBe("good");
  });
  test("a frame that stands free falls over, and anchors hold it", () => {
    const frame = { skin: null, tiltDeg: 45, heightMm: 700, baseLongMm: 900, baseKg: 60 } as const;
    // 0.613 × 1225 × 1.3 × 3.9664 m² = 3872 N, up and along 2738 N each: 1917 + 1232 Nm against 101.2 kg × 9.81 × 0.45
    const falls = of(fixed("groundFrame", frame), "hold", "falls");
    expect(falls?.level).toBe("stop");
    expect(falls?.value).toBeCloseTo((100 * (2738 * 0.7 + 2738 * 0.45)) / (101.2 * 9.81 * 0.45), -1);
    expect(of(fixed("groundFrame", { ...frame, anchorN: 3100 }), "hold", "falls")?.level).toBe("care");
    expect(of(fixed("groundFrame", { ...frame, anchorN: 6600 }), "hold", "falls")?.level).toBe("good");
  });
  test("at rest it is judged only where its weight hangs on the bond", () => {
    expect(of(fixed("tapedFeet"), "hold", "rest")).toBeNull();
    const steep = changed(bare, { type: "patchInSpace", list: "surfaces", id: "roof", patch: { slopeDeg: 20 } });
    // 10.3 × 9.81 N on 24 000 mm² × 1.7 kPa
    expect(of(fixed("tapedFeet", {}, steep), "hold", "rest")?.level).toBe("stop");
    expect(of(fixed("gluedBrackets", {}, steep), "hold", "rest")?.level).toBe("good");
  });
});

test("hot glue is judged by its sheet, and asked where nobody has read one", () => {
  // 31 + 56 °C; five less on a white roof
  expect(of(fixed("film"), "glueHeat")).toEqual({ level: "open", value: 87, limit: 80 });
  expect(of(fixed("film", { ratedC: 85 }), "glueHeat")?.level).toBe("stop");
  expect(of(fixed("film", { ratedC: 85, isWhite: true }), "glueHeat")).toEqual({ level: "care", value: 82, limit: 85 });
  expect(of(fixed("film", { ratedC: 120 }), "glueHeat")?.level).toBe("good");
  expect(of(fixed("ribRails"), "glueHeat")).toBeNull();
});

test("no tape is passed on what it does not hold on, nor on what nobody has named", () => {
  for (const skin of ["rubber", "wood", "canvas", "bars"] as const)
    expect(of(fixed("tapedFeet", { skin }), "skin")?.level).toBe("stop");
  expect(of(fixed("gluedBrackets", { skin: "wood" }), "skin")?.level).toBe("good");
  expect(of(fixed("tapedFeet", { skin: null }), "skin")?.level).toBe("open");
});

describe("a gate", () => {
  const at = { fixingId: "f", gate: "corner" } as const;
  const measure = (fromLeftMm: number, which: "first" | "second"): Change => ({
    type: "measureGate",
    ...at,
    which,
    measure: { fromLeftMm, fromBackMm: 90, by: "", atUtc: "2026-05-01T08:00:00Z" },
  });
  const pass: Change = { type: "passGate", ...at, atUtc: "2026-05-01T09:00:00Z", why: "it will do" };
  const taped = fixed("tapedFeet");
  test("is open, differs, is off the plan, or agrees", () => {
    // the plan has the corner 165 mm from the left, 90 from the back
    expect(of(taped, "gates", "corner")?.level).toBe("note");
    const twice = (a: number, b: number) =>
      of(changed(taped, measure(a, "first"), measure(b, "second")), "gates", "corner");
    expect(twice(164, 167)).toEqual({ level: "good", value: 3, limit: 5 });
    expect(twice(160, 170)).toEqual({ level: "care", value: 10, limit: 5 });
    expect(twice(190, 192)).toEqual({ level: "care", value: 26, limit: 10 });
  });
  test("what it guards done all the same is told", () => {
    const done = changed(taped, { type: "tickStep", fixingId: "f", step: "setOnTape", atUtc: "2026-05-01T09:00:00Z" });
    expect(of(done, "gates", "corner")?.level).toBe("care");
  });
  test("passed over is seen for good: measured later, or taken out with its fixing", () => {
    const passed = changed(taped, pass);
    expect(of(passed, "gates", "corner")?.level).toBe("care");
    expect(of(changed(passed, measure(164, "first"), measure(165, "second")), "gates", "corner")?.level).toBe("care");
    const gone = changed(passed, { type: "removeFixing", fixingId: "f" });
    expect(gone.fixings.list).toEqual([]);
    expect(findings(gone).map(({ rule, level }) => [rule, level])).toEqual([["gates", "care"]]);
  });
});

test("what is glued flat is reckoned with as that: the mend makes it so", () => {
  const film = fixed("film");
  const found = findings(film).find(({ rule }) => rule === "heatKind");
  expect(found?.level).toBe("care");
  const [mend] = allMends(film, "everyday").get(found?.id ?? "")?.mends ?? [];
  expect(mend).toBeDefined();
  const after = applyChanges(film, mend?.changes ?? []);
  expect(after.mounts.flatMap(({ kind, pieces: held }) => held.map(() => kind))).toEqual(pieces.map(() => "glued"));
  expect(findings(after).some(({ rule }) => rule === "heatKind")).toBe(false);
});

test("every mend of a base works, and nothing holds less by more of it", () => {
  const draw = dice(18);
  for (let k = 0; k < effort(12); k++) {
    const plan = fixed(draw.pick(schools), {
      skin: draw.pick([...skins]),
      speedKmh: draw.pick([0, 60, 110]),
      gustMs: draw.number(15, 40),
      pullOutN: draw.pick([null, 150, 400]),
      feet: draw.pick([null, 2, 4]),
      tiltDeg: draw.pick([null, 20, 50]),
      baseKg: draw.pick([null, 40]),
    });
    for (const [id, { mends }] of allMends(plan, "everyday")) {
      const before = findings(plan).find((finding) => finding.id === id);
      if (before === undefined) continue;
      for (const mend of mends) {
        const after = findings(applyChanges(plan, mend.changes)).find((finding) => finding.id === id);
        expect([id, mend.kind, after?.level ?? "good"]).toEqual([id, mend.kind, expect.stringMatching(/good|note/)]);
      }
    }
  }
});
