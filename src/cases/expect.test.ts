import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { answerExpectCase } from "./commissioning";
import { type ExpectedAll } from "../core/commissioning";

/** Cases solved independently. Bars: Voc, Isc, Pmp 0.3 %, Vmp and Imp 1 %. */
const folder = path.join(__dirname, "../core/fixtures/expect");
const files = readdirSync(folder);
test("the fixtures are there", () => expect(files.length).toBe(2));

test.each(files)("%s is met", (file) => {
  const { case: given, answer } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as {
    case: object;
    answer: ExpectedAll;
  };
  const found = answerExpectCase(given);
  if (found.type !== "answer") throw new Error(`${found.path}: ${found.problem}`);
  const within = (actual: number | undefined, due: number, pct: number) =>
    expect(Math.abs((actual ?? Number.NaN) - due)).toBeLessThanOrEqual((pct / 100) * Math.abs(due));
  within(found.answer.array.vocV, answer.array.vocV, 0.3);
  within(found.answer.array.iscA, answer.array.iscA, 0.3);
  within(found.answer.array.mpp.p, answer.array.mpp.p, 0.3);
  for (const list of ["panels", "strings"] as const) {
    expect(found.answer[list].length).toBe(answer[list].length);
    for (const [k, due] of answer[list].entries()) {
      const each = found.answer[list][k];
      within(each?.vocV, due.vocV, 0.3);
      within(each?.iscA, due.iscA, 0.3);
      within(each?.vmpV, due.vmpV, 1);
      within(each?.impA, due.impA, 1);
    }
  }
});

test.each<[string, object, string]>([
  [
    "a panel numbered twice",
    {
      net: {
        series: [
          { panel: "p", id: 1 },
          { panel: "p", id: 1 },
        ],
      },
    },
    "$.net.series[1].id",
  ],
  ["a leaf without a number", { net: { panel: "p" } }, "$.net.id"],
  ["a dark sky", { sky: { irradianceWm2: 0, airTempC: 10, rossK: 0.03 } }, "$.sky.irradianceWm2"],
])("%s is refused where it stands", (_, more, at) => {
  const label = { pmaxW: 100, vocV: 22, iscA: 6, vmpV: 18, impA: 5.56 };
  const asked = {
    type: "expect",
    panels: { p: label },
    net: { panel: "p", id: 1 },
    sky: { irradianceWm2: 800, airTempC: 20, rossK: 0.03 },
    ...more,
  };
  expect(answerExpectCase(asked)).toMatchObject({ type: "malformed", path: at });
});
