import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { apart } from "@/testing";
import { answerProtectCase } from "./protection";

/** Cases worked out independently. Bars: sizes exact, numbers within 1 %. */
const folder = path.join(__dirname, "../core/fixtures/protect");
const files = readdirSync(folder);
test("the fixtures are there", () => expect(files.length).toBe(8));

test.each(files)("%s is met", (file) => {
  const { case: given, answer } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as {
    case: object;
    answer: unknown;
  };
  const found = answerProtectCase(given);
  expect(found.type).toBe("answer");
  if (found.type === "answer") expect(apart(answer, found.answer, "answer")).toEqual([]);
});

const label = { pmaxW: 100, vocV: 22, iscA: 6, vmpV: 18, impA: 5.56 };
const run = {
  id: "a",
  metresOneWay: 5,
  carries: "array",
  use: "fixed",
  school: "land",
  ambientC: 30,
  maxDropPct: 3,
};
const asked = (more: object) => ({
  type: "protect",
  panels: { p: label },
  net: { panel: "p" },
  recordLowC: 0,
  runs: [run],
  ...more,
});

test("what no cable there is can do is answered with none", () => {
  const far = answerProtectCase(asked({ runs: [{ ...run, metresOneWay: 2000 }] }));
  const hot = answerProtectCase(asked({ runs: [{ ...run, ambientC: 86 }] }));
  for (const [found, reason] of [
    [far, "noSize"],
    [hot, "noTable"],
  ] as const)
    expect(found).toMatchObject({
      answer: { runs: [{ designA: 9.36, size: null, reason, ampacityA: null, dropV: null }] },
    });
});

test.each<[string, object, string]>([
  ["a school nobody keeps", { runs: [{ ...run, school: "sea" }] }, "$.runs[0].school"],
  ["a panel nobody described", { net: { series: [{ panel: "q" }] } }, "$.net.series[0].panel"],
  ["a place in the ground that is no burying", { runs: [{ ...run, where: "ground" }] }, "$.runs[0].how"],
  ["a branch that is none", { runs: [{ ...run, carries: "0.1" }] }, "$.runs[0].carries"],
  ["no length", { runs: [{ ...run, metresOneWay: -1 }] }, "$.runs[0].metresOneWay"],
])("%s is refused where it stands", (_, more, at) => {
  expect(answerProtectCase(asked(more))).toMatchObject({ type: "malformed", path: at });
});
