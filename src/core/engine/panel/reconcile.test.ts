import fc from "fast-check";
import { runs, plausibleLabel } from "@/testing";
import { type LabelDraft, readingsThatFit } from ".";

const good: LabelDraft = {
  pmaxW: 195,
  vocV: 27.2,
  iscA: 9.05,
  vmpV: 22.8,
  impA: 8.56,
  tempCoVocPctPerC: -0.27,
  tempCoIscPctPerC: 0.05,
  tempCoPmaxPctPerC: -0.34,
  cellsInSeries: 40,
  bypassDiodes: 2,
  maxSeriesFuseA: 20,
  maxSystemV: 1000,
  cellType: "mono",
  lengthMm: 1480,
  widthMm: 670,
};

test.each<[string, Partial<LabelDraft>, object]>([
  ["volts in each other's rows", { vmpV: 27.2, vocV: 22.8 }, { patch: { vmpV: 22.8, vocV: 27.2 }, how: "swapped" }],
  [
    "both pairs in each other's rows",
    { vmpV: 27.2, vocV: 22.8, impA: 9.05, iscA: 8.56 },
    { patch: { vmpV: 22.8, vocV: 27.2, impA: 8.56, iscA: 9.05 }, how: "swapped" },
  ],
  ["a slipped decimal point", { iscA: 90.5 }, { patch: { iscA: 9.05 }, how: "decimal" }],
  ["watts of the next model up", { pmaxW: 220 }, { patch: { pmaxW: 195.2 }, how: "product" }],
  ["all half-cut cells counted", { cellsInSeries: 80 }, { patch: { cellsInSeries: 40 }, how: "halfCells" }],
  [
    "a coefficient without its minus",
    { tempCoVocPctPerC: 0.27 },
    { patch: { tempCoVocPctPerC: -0.27 }, how: "coefficientSign" },
  ],
])("%s: the reading that reconciles the label is found", (_, wrong, reading) => {
  expect(readingsThatFit({ ...good, ...wrong })).toContainEqual(expect.objectContaining(reading));
});

test("a label that agrees with itself, one with gaps, and one that no misplug explains have none", () => {
  expect(readingsThatFit(good)).toEqual([]);
  expect(readingsThatFit({ ...good, vocV: null })).toEqual([]);
  expect(readingsThatFit({ ...good, pmaxW: 700, vmpV: 5, iscA: 30 })).toEqual([]);
});

test("every reading offered leaves a label that agrees, and whatever is read, nothing throws", () => {
  const field = fc.double({ min: 0.5, max: 300, noNaN: true });
  fc.assert(
    fc.property(
      plausibleLabel,
      fc.record({
        vmpV: fc.option(field, { nil: undefined }),
        iscA: fc.option(field, { nil: undefined }),
        pmaxW: fc.option(field, { nil: undefined }),
      }),
      (label, change) => {
        const known = Object.fromEntries(Object.entries(change).filter(([, value]) => value !== undefined));
        const draft: LabelDraft = { ...label, ...known, lengthMm: null, widthMm: null };
        for (const { patch } of readingsThatFit(draft)) expect(readingsThatFit({ ...draft, ...patch })).toEqual([]);
      },
    ),
    { numRuns: runs(60) },
  );
});
