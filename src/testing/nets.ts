import fc from "fast-check";
import { type Net } from "@/core/engine/net";
import { fitLabel, type PanelLabel } from "@/core/engine/panel";

/** Generators for property tests: labels and nets, plausible and absurd. */

export const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Any label a shop page might print: sensible, optimistic, swapped or absurd. */
export const anyLabel: fc.Arbitrary<PanelLabel> = fc.record({
  pmaxW: number(0.5, 1000),
  vocV: number(0.5, 400),
  iscA: number(0.01, 40),
  vmpV: number(0.5, 400),
  impA: number(0.01, 40),
  tempCoVocPctPerC: fc.option(number(-1.5, 0.5)),
  tempCoIscPctPerC: fc.option(number(-0.5, 0.5)),
  tempCoPmaxPctPerC: fc.constant(null),
  cellsInSeries: fc.option(fc.integer({ min: 1, max: 400 })),
  bypassDiodes: fc.option(fc.integer({ min: 0, max: 24 })),
  maxSeriesFuseA: fc.constant(null),
  maxSystemV: fc.constant(null),
  cellType: fc.constantFrom("mono", "poly", "cigs"),
});

/** Labels of panels that could exist. */
export const plausibleLabel: fc.Arbitrary<PanelLabel> = fc
  .record({
    cells: fc.integer({ min: 30, max: 120 }),
    cellV: number(0.58, 0.7),
    iscA: number(1, 14),
    ratioV: number(0.79, 0.84),
    ratioI: number(0.92, 0.95),
    beta: number(-0.36, -0.27),
    bypass: fc.integer({ min: 1, max: 3 }),
  })
  .map(({ cells, cellV, iscA, ratioV, ratioI, beta, bypass }) => {
    const vocV = cells * cellV;
    return {
      pmaxW: vocV * ratioV * iscA * ratioI,
      vocV,
      iscA,
      vmpV: vocV * ratioV,
      impA: iscA * ratioI,
      tempCoVocPctPerC: beta,
      tempCoIscPctPerC: 0.05,
      tempCoPmaxPctPerC: null,
      cellsInSeries: cells,
      bypassDiodes: bypass,
      maxSeriesFuseA: null,
      maxSystemV: null,
      cellType: "mono" as const,
    };
  });

/** A panel under some sky, some of its substrings perhaps darker. */
export const plausiblePanel: fc.Arbitrary<Net> = fc
  .record({
    label: plausibleLabel,
    cellTempC: number(-25, 75),
    suns: fc.array(number(0, 1200), { minLength: 1, maxLength: 3 }),
  })
  .map(({ label, cellTempC, suns }): Net => {
    const { model } = fitLabel(label);
    return {
      type: "panel",
      model,
      cellTempC,
      irradianceWm2: suns.length === model.bypassDiodes ? suns : [suns[0] as number],
    };
  });

/** Cables, fuses and blocking diodes beside panels. */
const anyPart: fc.Arbitrary<Net> = fc.oneof(
  { weight: 6, arbitrary: plausiblePanel },
  { weight: 1, arbitrary: number(0, 0.5).map((ohm): Net => ({ type: "cable", ohm })) },
  { weight: 1, arbitrary: fc.constant<Net>({ type: "blockingDiode" }) },
  { weight: 1, arbitrary: fc.boolean().map((open): Net => ({ type: "fuse", open })) },
);

function netsOf(leaf: fc.Arbitrary<Net>): fc.Arbitrary<Net> {
  return fc.letrec<{ net: Net }>((tie) => ({
    net: fc.oneof(
      { depthSize: "small", maxDepth: 3 },
      leaf,
      fc.record({
        type: fc.constantFrom("series" as const, "parallel" as const),
        members: fc.array(tie("net"), { minLength: 1, maxLength: 4 }),
      }),
    ),
  })).net;
}

/** Nets of panels only, to any depth. */
export const anyNet = netsOf(plausiblePanel);
/** Nets with cables, fuses and blocking diodes in odd places too. */
export const anyNetWithParts = netsOf(anyPart);
