import { demoPanels } from "@/demo";
import { createRandom } from "../random";
import { runs } from "@/testing";
import { labelOf } from "@/testing/sellers-texts";
import { assumedVmpPct, doubtsAbout, fitLabel, impossibleIn, type LabelDraft, readLabel } from ".";

const good: LabelDraft = demoPanels.rigid195;
const doubts = (change: Partial<LabelDraft>) =>
  doubtsAbout({ ...good, ...change }).map(({ type, suggestion }) => [type, suggestion]);

test("every demo label agrees with itself and is met by a curve within 1 %", () => {
  for (const label of Object.values(demoPanels)) {
    expect(doubtsAbout(label)).toEqual([]);
    const reading = readLabel(label);
    if (reading.type !== "label") throw new Error(`${label.name} is incomplete`);
    const { missPct } = fitLabel(reading.label);
    expect(Math.abs(missPct.vmp)).toBeLessThan(1);
    expect(Math.abs(missPct.imp)).toBeLessThan(1);
    expect(Math.abs(missPct.tempCoVoc)).toBeLessThan(1);
  }
});

/** The columns of one made-up sheet: 800 W/m² and air at 20 °C beside STC. */
const nmot = { pmaxW: 146.3, vocV: good.vocV === null ? null : good.vocV * 0.943, iscA: 7.24, vmpV: 21.9, impA: 6.68 };

test("the NMOT column is asked about only where the name says other watts than Pmax", () => {
  const asked = (name: string, pmaxW: number) =>
    doubtsAbout({ ...good, name, pmaxW }).some(({ type }) => type === "nmotColumn");
  const typed: [string, number][] = [
    ["MG-195", 146],
    ["Roof 405 M", 303],
    ["410W half-cut, 108 cells", 305],
  ];
  expect(typed.map(([name, watts]) => asked(name, watts))).toEqual([true, true, true]);
  const right: [string, number][] = [
    ["MG-195", 195],
    ["Blanket", 146],
    ["AB-146-195", 146],
    ["Kit of 2 × 100", 200],
    ["A 1.95", 146],
  ];
  expect(right.map(([name, watts]) => asked(name, watts))).toEqual(right.map(() => false));
});

test.each<[string, Partial<LabelDraft>, unknown[]]>([
  ["watts that are not volts times amps", { pmaxW: 210 }, ["powerNotProduct", 195.2]],
  ["running volts over open volts", { vmpV: 27.9 }, ["vmpNotBelowVoc", null]],
  ["running amps over shorted amps", { impA: 9.2 }, ["impNotBelowIsc", null]],
  ["all cells of a half-cut panel counted", { cellsInSeries: 80 }, ["voltsPerCell", 40]],
  ["a positive Voc coefficient", { tempCoVocPctPerC: 0.27 }, ["vocCoefficientSign", -0.27]],
  ["a coefficient that must be mV, not %", { tempCoVocPctPerC: -1.2 }, ["vocCoefficientSize", null]],
  ["a negative Isc coefficient", { tempCoIscPctPerC: -0.05 }, ["iscCoefficientSign", 0.05]],
  ["more watts than fit on the glass", { lengthMm: 800, widthMm: 600 }, ["wattsPerArea", null]],
  ["a fill factor no panel has", { vmpV: 18, impA: 7.4, pmaxW: 133 }, ["fillFactor", null]],
  ["the NMOT column: the name says more watts", { ...nmot }, ["nmotColumn", null]],
])("%s is doubted", (_, change, expected) => {
  expect(doubts(change)).toContainEqual(expected);
});

test("nothing is doubted before it is typed", () => {
  expect(
    doubtsAbout({ ...good, pmaxW: null, vmpV: null, impA: null, vocV: null, iscA: null, tempCoVocPctPerC: null }),
  ).toEqual([]);
});

test("of W, Voc and Isc a Vmp is assumed that real panels have to within what is told, and a curve that gives these watts", () => {
  const made = Array.from({ length: runs(300) }, (_, seed) => labelOf(createRandom(seed)));
  for (const stated of [...made, ...Object.values(demoPanels).filter(({ cellType }) => cellType !== "cigs")]) {
    const reading = readLabel({ ...good, ...stated, vmpV: null, impA: null });
    if (reading.type !== "label") throw new Error("three numbers are enough");
    expect(reading.assumed).toEqual(["vmpV", "impA"]);
    expect(Math.abs(reading.label.vmpV / (stated.vmpV ?? NaN) - 1)).toBeLessThan(assumedVmpPct / 100);
    expect(reading.label.vmpV * reading.label.impA).toBeCloseTo(stated.pmaxW ?? NaN, 6);
    expect(Math.abs(fitLabel(reading.label).missPct.pmax)).toBeLessThan(1);
  }
});

test("what follows from stated numbers is worked out, not assumed, and three numbers of no panel are refused", () => {
  const part = (left: Partial<LabelDraft>) => readLabel({ ...good, ...left });
  expect(part({ impA: null })).toMatchObject({ assumed: [], label: { impA: (good.pmaxW ?? 0) / (good.vmpV ?? 1) } });
  expect(part({ pmaxW: null })).toMatchObject({ assumed: [], label: { pmaxW: (good.vmpV ?? 0) * (good.impA ?? 0) } });
  expect(part({ pmaxW: null, impA: null })).toEqual({ type: "incomplete", missing: ["pmaxW"] });
  const three = { ...good, vmpV: null, impA: null };
  expect(impossibleIn(three)).toEqual([]);
  for (const pmaxW of [9999, 240, 60])
    expect(impossibleIn({ ...three, pmaxW }).map(({ type }) => type)).toEqual(["fillFactor"]);
});
