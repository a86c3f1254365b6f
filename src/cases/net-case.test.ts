import { readFileSync } from "node:fs";
import path from "node:path";
import fc from "fast-check";
import { answerCase } from "./net-answer";
import { type CaseReading, readCase } from "./net-case";

const reference = (name: string) =>
  JSON.parse(readFileSync(path.join(__dirname, "../core/fixtures/reference", `${name}.json`), "utf8")) as {
    case: Record<string, unknown>;
    answer: { vocV: number; mpp: { p: number } };
  };
const label = { pmaxW: 104.4, vocV: 22.6, iscA: 6.04, vmpV: 18.55, impA: 5.63, bypassDiodes: 2 };
const good = { panels: { a: label }, net: { panel: "a" } };

function caseOf(reading: CaseReading) {
  if (reading.type === "malformed") throw new Error(`${reading.path}: ${reading.problem}`);
  return reading.case;
}

test("a case is answered with everything it asks for", () => {
  const { case: given, answer } = reference("two-parallel-window-a");
  const found = answerCase(caseOf(readCase({ ...given, sampleV: [0, 10], repeat: 3 })), () => 0);
  expect(Math.abs(found.vocV / answer.vocV - 1)).toBeLessThan(0.002);
  expect(Math.abs(found.mpp.p / answer.mpp.p - 1)).toBeLessThan(0.002);
  expect(found.curve.map(({ v }) => v)).toEqual([0, 10]);
  expect(found.operating?.limitedBy).toBe("current");
  expect(found.medianMs).toBe(0);
});

test("what a case leaves out is filled in: 25 °C, full sun, diodes by the irradiances given", () => {
  const { net, panels } = caseOf(
    readCase({
      panels: { a: { ...label, bypassDiodes: undefined } },
      net: { series: [{ panel: "a", irradianceWm2: [1000, 500, 200] }, { panel: "a" }] },
    }),
  );
  expect(panels.get("a")?.bypassDiodes).toBe(3);
  expect(net).toMatchObject({ members: [{}, { cellTempC: 25, irradianceWm2: [1000] }] });
});

test.each<[string, unknown, string, RegExp]>([
  ["not an object", 7, "$", /./],
  ["a net of nothing", { ...good, net: {} }, "$.net", /exactly one of/],
  ["a net of two kinds", { ...good, net: { panel: "a", series: [] } }, "$.net", /panel and series/],
  ["an empty group", { ...good, net: { series: [{ parallel: [] }] } }, "$.net.series[0].parallel", /./],
  [
    "a panel nobody knows",
    { ...good, net: { parallel: [{ panel: "a" }, { panel: "b" }] } },
    "$.net.parallel[1].panel",
    /no panel "b".*"a"/,
  ],
  ["a label without its Voc", { ...good, panels: { a: { ...label, vocV: undefined } } }, "$.panels.a.vocV", /./],
  ["a negative current", { ...good, panels: { a: { ...label, iscA: -1 } } }, "$.panels.a.iscA", /./],
  [
    "three irradiances for two diodes",
    { ...good, net: { panel: "a", irradianceWm2: [1, 2, 3] } },
    "$.net.irradianceWm2",
    /3 values; allowed: 1, or 2/,
  ],
  [
    "a light that is not a number",
    { ...good, net: { panel: "a", irradianceWm2: ["bright"] } },
    "$.net.irradianceWm2[0]",
    /./,
  ],
  [
    "a port upside down",
    { ...good, port: { minV: 50, maxV: 20, maxW: 100, currentLimits: [] } },
    "$.port.minV",
    /above maxV/,
  ],
  [
    "a tier upside down",
    { ...good, port: { minV: 5, maxV: 20, maxW: 100, currentLimits: [{ fromV: 9, toV: 8, amps: 1 }] } },
    "$.port.currentLimits[0].fromV",
    /above toV/,
  ],
  ["a misspelt field", { ...good, net: { panel: "a", iradianceWm2: [500] } }, "$.net", /iradianceWm2/],
  ["half a repeat", { ...good, repeat: 0.5 }, "$.repeat", /./],
])("%s is told where it stands", (_, value, at, problem) => {
  const reading = readCase(value);
  expect(reading).toMatchObject({ type: "malformed", path: at });
  if (reading.type === "malformed") expect(reading.problem).toMatch(problem);
});

test.each<[string, object, string]>([
  ["Vmp not below Voc", { vmpV: 25 }, "$.panels.a.vmpV"],
  ["volts that rise with heat", { tempCoVocPctPerC: 0.1 }, "$.panels.a.tempCoVocPctPerC"],
  ["watts far from volts times amps", { pmaxW: 130 }, "$.panels.a.pmaxW"],
])("a label no panel can have, with %s, is refused where it stands", (_, patch, path) => {
  const label = { pmaxW: 104.4, vocV: 22.6, iscA: 6.04, vmpV: 18.55, impA: 5.63, ...patch };
  expect(readCase({ panels: { a: label }, net: { panel: "a" } })).toMatchObject({ type: "malformed", path });
});

test("a net nested without end is refused, and no JSON whatever throws", () => {
  let net: unknown = { panel: "a" };
  for (let k = 0; k < 5000; k++) net = { series: [net] };
  expect(readCase({ ...good, net })).toMatchObject({
    type: "malformed",
    problem: expect.stringMatching(/nested deeper/) as string,
  });
  fc.assert(fc.property(fc.jsonValue(), (value) => expect(readCase(value).type).toBe("malformed")));
});
