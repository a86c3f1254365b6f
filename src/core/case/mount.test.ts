import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { answerMountCase, type MountAnswer } from ".";

/** Cases worked out independently; the bar is 1 %. */
const folder = path.join(__dirname, "../fixtures/mount");
const files = readdirSync(folder);
test("the fixtures are there", () => expect(files.length).toBe(4));

test.each(files)("%s is met", (file) => {
  const { case: given, answer } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as {
    case: object;
    answer: MountAnswer;
  };
  const found = answerMountCase(given);
  if (found.type !== "answer") throw new Error(`${found.path}: ${found.problem}`);
  const near = (actual: number | undefined, expected: number | undefined) =>
    expect(Math.abs((actual ?? Number.NaN) - (expected ?? Number.NaN))).toBeLessThanOrEqual(
      0.01 * Math.abs(expected ?? 0) + 1e-9,
    );
  near(found.answer.upliftN, answer.upliftN);
  near(found.answer.dragN, answer.dragN);
  expect([found.answer.bond === null, found.answer.overturn === null]).toEqual([
    answer.bond === null,
    answer.overturn === null,
  ]);
  if (answer.bond !== null)
    for (const key of ["windUse", "restUse"] as const) near(found.answer.bond?.[key], answer.bond[key]);
  if (answer.overturn !== null)
    for (const key of ["useShare", "anchorN"] as const) near(found.answer.overturn?.[key], answer.overturn[key]);
});

const standing = {
  type: "mount",
  school: "tilted",
  panel: { alongMm: 1000, acrossMm: 1000, weightKg: 10 },
  count: 1,
  windMs: 10,
  tiltDeg: 30,
  heightMm: 500,
  base: { alongMm: 1000, acrossMm: 1000, weightKg: 100 },
};
test("a heavy frame in a breeze needs no anchor, and twice the wind is four times the force", () => {
  const of = (windMs: number) => {
    const found = answerMountCase({ ...standing, windMs });
    if (found.type !== "answer") throw new Error(found.problem);
    return found.answer;
  };
  expect(of(10).overturn?.anchorN).toBe(0);
  expect(of(20).upliftN / of(10).upliftN).toBeCloseTo(4, 9);
});

test.each<[string, object, string]>([
  ["a school nobody keeps", { school: "kite" }, "$.school"],
  ["a tilt that is not said", { tiltDeg: undefined }, "$.tiltDeg"],
  ["a frame without a height", { heightMm: undefined }, "$.heightMm"],
  ["wind that blows backwards", { windMs: -3 }, "$.windMs"],
])("%s is refused where it stands", (_, more, at) => {
  expect(answerMountCase(JSON.parse(JSON.stringify({ ...standing, ...more })))).toMatchObject({
    type: "malformed",
    path: at,
  });
});
