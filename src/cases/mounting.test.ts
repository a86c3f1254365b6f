import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { apart } from "@/testing";
import { answerMountCase } from "./mounting";

/** Cases worked out independently; the bar is 1 %. */
const folder = path.join(__dirname, "../core/fixtures/mount");
const files = readdirSync(folder);
test("the fixtures are there", () => expect(files.length).toBe(8));

test.each(files)("%s is met", (file) => {
  const { case: given, answer } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as {
    case: object;
    answer: unknown;
  };
  const found = answerMountCase(given);
  if (found.type !== "answer") throw new Error(`${found.path}: ${found.problem}`);
  expect(apart(answer, found.answer, "answer")).toEqual([]);
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
  ["a zone of what is tilted", { zone: "edge" }, "$.zone"],
  [
    "areas in some rows of feet only",
    { feet: { footHeightMm: 50, rows: [{ count: 2, areaMm2: 9000 }, { count: 2 }] } },
    "$.feet.rows",
  ],
  [
    "glue in the heat of which nobody says what it is",
    { bond: { areaMm2: 9000, shortTermKpa: 85, longTermKpa: 2 }, backTempC: 60 },
    "$.bond.kind",
  ],
])("%s is refused where it stands", (_, more, at) => {
  expect(answerMountCase(JSON.parse(JSON.stringify({ ...standing, ...more })))).toMatchObject({
    type: "malformed",
    path: at,
  });
});
