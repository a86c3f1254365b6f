import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { answerCase, type CaseAnswer } from "./net-answer";
import { readCase } from "./net-case";

/**
 * Cases solved by a general circuit simulator from the true parameters of made-up panels; only the
 * rounded label is known here. Bars: 0.2 % for Voc, Isc and powers, 0.5 % of Isc along the curve.
 */
const folder = path.join(__dirname, "../core/fixtures/reference");
const files = readdirSync(folder).filter((file) => file.endsWith(".json"));

test("the fixtures are there", () => expect(files.length).toBe(21));

function withinPct(actual: number, expected: number, pct: number): void {
  expect(Math.abs(actual - expected)).toBeLessThanOrEqual((pct / 100) * Math.abs(expected) + 1e-9);
}

describe.each(files)("%s", (file) => {
  const { case: given, answer: expected } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as {
    case: object;
    answer: CaseAnswer;
  };
  const reading = readCase({ ...given, sampleV: expected.curve.map(({ v }) => v) });
  if (reading.type === "malformed") throw new Error(`${file}: ${reading.path}: ${reading.problem}`);
  const answer = answerCase(reading.case, () => 0);

  test("open circuit, short circuit and maximum power are within 0.2 %", () => {
    withinPct(answer.vocV, expected.vocV, 0.2);
    withinPct(answer.iscA, expected.iscA, 0.2);
    withinPct(answer.mpp.p, expected.mpp.p, 0.2);
  });

  test("the curve is within 0.5 % of short-circuit current everywhere", () => {
    const worstA = Math.max(...expected.curve.map(({ i }, k) => Math.abs((answer.curve[k]?.i ?? Number.NaN) - i)));
    expect(worstA).toBeLessThanOrEqual(0.005 * expected.iscA);
  });

  test("every real peak is found, and no other", () => {
    const high = (peaks: CaseAnswer["localPeaks"]) => peaks.filter(({ p }) => p > 0.05 * expected.mpp.p);
    const found = high(answer.localPeaks);
    expect(found.length).toBe(high(expected.localPeaks).length);
    high(expected.localPeaks).forEach((peak, k) => withinPct(found[k]?.p ?? 0, peak.p, 0.5));
  });

  if (expected.operating === undefined) return;
  const { limitedBy, p } = expected.operating;
  test("it runs where the simulator's port runs", () => {
    expect(answer.operating?.limitedBy).toBe(limitedBy);
    withinPct(answer.operating?.p ?? Number.NaN, p, 0.2);
  });
});
