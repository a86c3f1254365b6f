import { changed, findingIn, mixedPlan, planWith, string, stood, verdictOn } from "@/testing";
import { type Change, type Plan } from "../plan";
import { allOut, lying } from "../engine/array";
import { facingOf, lightOnPlane } from "../engine/light";
import { equinoxNoon, namedSky } from "../engine/sky";
import { assess, judgeAll } from "./assess";
import { shadeCost } from "./shade-cost";
import { solvableById } from "../plan-model";

/** Three strings side by side of the 195 W panel; the third is of one panel only. */
const three = mixedPlan([string(["a", 1], ["a", 2]), string(["a", 3], ["a", 4]), string(["a", 5], ["a", 6])]);
const withPosition = (plan: Plan, ...stands: readonly Extract<Change, { type: "setStands" }>[]): Plan =>
  changed(plan, { type: "addPosition", id: "other", name: "Other", like: "pose-1", wiringId: "wiring-1" }, ...stands);
const stow = (positionId: string, ...keys: string[]): Extract<Change, { type: "setStands" }> => ({
  type: "setStands",
  positionId,
  keys,
  patch: { stance: "stowed" },
});
const reverseOf = (plan: Plan) => verdictOn(plan).findings.find(({ rule }) => rule === "reverse");

describe("a wiring in several positions", () => {
  test("is judged by the worst of them, and the finding names that position", () => {
    const plan = withPosition(three, stow("other", "a.5", "a.6"));
    const found = findingIn(plan, "mixedStates");
    expect(found.position).toEqual({ type: "in", name: "Other" });
    expect(found.reason).toMatchObject({ stowed: 2 });
    // looked at in the other position, nothing else is said
    const look = { sky: "brightNoon" as const, moment: { atMs: 0, longitudeDeg: 0 }, positionId: "other" };
    const there = assess(plan, "wiring-1", look);
    expect(there.type === "assessed" ? there.findings : []).toEqual(verdictOn(plan).findings);
    // but it gives less
    expect(there.type === "assessed" ? there.takenW.brightNoon : 0).toBeLessThan(verdictOn(plan).takenW.brightNoon);
  });

  test("what no position has, but the way from one to the other, is found and told as that", () => {
    // in either position one string is lit and two are dark; on the way two are, and push into the third
    const bothLit = reverseOf(stood(three, ...dark(5, 6)))?.value?.value ?? 0;
    const rated = changed(three, { type: "setLabel", panelId: "a", patch: { maxSeriesFuseA: 0.9 * bothLit } });
    const first = stood(rated, ...dark(3, 4, 5, 6));
    const second = stood(rated, ...dark(1, 2, 5, 6));
    const swapped = withPosition(
      first,
      { type: "setStands", positionId: "other", keys: ["a.3", "a.4"], patch: { stance: "out" } },
      stow("other", "a.1", "a.2"),
    );
    expect([reverseOf(first)?.level, reverseOf(second)?.level]).toEqual(["good", "good"]);
    expect(reverseOf(swapped)).toMatchObject({
      level: "stop",
      position: { type: "between", names: ["Default position", "Other"] },
    });
  });

  test("positions in which panels stand alike change nothing", () => {
    const plan = withPosition(three);
    expect(verdictOn(plan).findings).toEqual(verdictOn(three).findings);
    expect(judgeAll(solvableById(plan, "wiring-1", "other"))).toEqual(judgeAll(solvableById(three, "wiring-1")));
  });
});

function dark(...pieces: number[]): [string, { stance: "stowed" }][] {
  return pieces.map((piece) => [`a.${piece}`, { stance: "stowed" }]);
}

describe("a piece with a label of its own", () => {
  const own = (plan: Plan, number: number, field: "maxSeriesFuseA" | "vocV", value: number) =>
    changed(plan, { type: "setPieces", panelId: "a", numbers: [number], patch: { own: [{ field, value }] } });

  test("is judged by it: the least fuse rating counts, and is told by its number", () => {
    const { value, limit, reason } = findingIn(own(three, 5, "maxSeriesFuseA", 10), "fuses");
    expect(limit?.value).toBe(10);
    expect(value?.value).toBeCloseTo(findingIn(three, "fuses").value?.value ?? 0, 6);
    expect(reason.type === "fuses" ? reason.panelName : "").toMatch(/number 5$/);
  });

  test("strings of it are not alike any more", () => {
    const odd = own(three, 5, "vocV", 26);
    expect(verdictOn(odd).takenW.brightNoon).toBeLessThan(verdictOn(three).takenW.brightNoon);
  });
});

describe("how panels are fixed", () => {
  const mounted = (kind: "glued" | "freeStanding", tiltDeg = 0) =>
    changed(mixedPlan([string(["a", 1], ["a", 2])]), {
      type: "setMount",
      mount: {
        id: "m",
        name: "Mount",
        kind,
        tiltDeg,
        azimuthDeg: null,
        azimuthFrom: "north",
        turning: { type: "fixed" },
        pieces: [1, 2].map((piece) => ({ panelId: "a", piece })),
      },
    });

  test("one that lets no air to the back runs hotter, at fewer volts", () => {
    const hotV = (kind: "glued" | "freeStanding") => findingIn(mounted(kind), "hotVmp").value?.value ?? 0;
    expect(hotV("glued")).toBeLessThan(0.97 * hotV("freeStanding"));
  });

  test("a tilted mount tilts what nobody turns otherwise", () => {
    const noonW = (plan: Plan) => verdictOn(plan).takenW.brightNoon;
    expect(noonW(mounted("glued", 30))).toBeGreaterThan(1.05 * noonW(mounted("glued")));
  });

  test("a plane turned right round from the noon sun gets what one tilted away from it gets", () => {
    const site = { recordLowC: -10, recordHighC: 35, latitudeDeg: 50, longitudeDeg: null, mount: "roofGap" as const };
    const sky = namedSky("brightNoon", site);
    const light = (tiltDeg: number, azimuthDeg: number | null) =>
      lightOnPlane(facingOf({ ...lying, tiltDeg, azimuthDeg }, site), sky);
    expect(light(40, 0)).toBeCloseTo(light(-40, null), 6);
    expect(light(40, 180)).toBeCloseTo(light(40, null), 6);
    expect(light(40, 90)).toBeCloseTo(light(40, 270), 6);
    expect(allOut.size).toBe(0);
  });
});

test("a standard makes a verdict more careful, never less: the strict one fuses what ours would not", () => {
  const rated = changed(three, { type: "setLabel", panelId: "a", patch: { maxSeriesFuseA: 25 } });
  const strict = changed(rated, { type: "setStandards", patch: { fuse: "strict", coldVolts: "coefficient" } });
  expect([findingIn(rated, "fuses").level, findingIn(strict, "fuses").level]).toEqual(["note", "care"]);
  expect(findingIn(strict, "coldVoc").value).toEqual(findingIn(rated, "coldVoc").value);
});

test("what shade costs is the difference to the same plan in full light, and nothing is said where no panel is shaded", () => {
  const plan = planWith({ series: 4, strings: 1 });
  const look = { sky: "brightNoon", moment: equinoxNoon, positionId: null } as const;
  const costOf = (of: Plan) => shadeCost(solvableById(of, "wiring-1"), look);
  expect(costOf(plan)).toBeNull();
  const shaded = stood(plan, ["p.2", { light: [0.15] }]);
  const cost = costOf(shaded);
  const wattsOf = (of: Plan) => verdictOn(of).takenW.brightNoon;
  expect(cost?.withW).toBeCloseTo(wattsOf(shaded), 6);
  expect(cost?.withoutW).toBeCloseTo(wattsOf(plan), 6);
  expect((cost?.withoutW ?? 0) - (cost?.withW ?? 0)).toBeGreaterThan(100);
});
