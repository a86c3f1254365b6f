import fc from "fast-check";
import { operatingPoint, type Window } from "../input";
import { atCurrent, atVoltage } from "../iv";
import { fitLabel, type PanelLabel } from "../panel";
import { equalNet, type Net, solveNet } from ".";

const number = (min: number, max: number) => fc.double({ min, max, noNaN: true });

/** Any label a shop page might print: sensible, optimistic, swapped or absurd. */
const anyLabel: fc.Arbitrary<PanelLabel> = fc.record({
  pmaxW: number(0.5, 1000), vocV: number(0.5, 400), iscA: number(0.01, 40), vmpV: number(0.5, 400), impA: number(0.01, 40),
  tempCoVocPctPerC: fc.option(number(-1.5, 0.5)), tempCoIscPctPerC: fc.option(number(-0.5, 0.5)), tempCoPmaxPctPerC: fc.constant(null),
  cellsInSeries: fc.option(fc.integer({ min: 1, max: 400 })), bypassDiodes: fc.option(fc.integer({ min: 0, max: 24 })),
  maxSeriesFuseA: fc.constant(null), maxSystemV: fc.constant(null), cellType: fc.constantFrom("mono", "poly", "cigs"),
});

/** Labels of panels that could exist. */
const plausibleLabel: fc.Arbitrary<PanelLabel> = fc
  .record({ cells: fc.integer({ min: 30, max: 120 }), cellV: number(0.58, 0.7), iscA: number(1, 14), ratioV: number(0.79, 0.84), ratioI: number(0.92, 0.95), beta: number(-0.36, -0.27), bypass: fc.integer({ min: 1, max: 3 }) })
  .map(({ cells, cellV, iscA, ratioV, ratioI, beta, bypass }) => {
    const vocV = cells * cellV;
    return {
      pmaxW: vocV * ratioV * iscA * ratioI, vocV, iscA, vmpV: vocV * ratioV, impA: iscA * ratioI, tempCoVocPctPerC: beta, tempCoIscPctPerC: 0.05, tempCoPmaxPctPerC: null,
      cellsInSeries: cells, bypassDiodes: bypass, maxSeriesFuseA: null, maxSystemV: null, cellType: "mono" as const,
    };
  });

const plausiblePanel = fc
  .record({ label: plausibleLabel, cellTempC: number(-25, 75), suns: fc.array(number(0, 1200), { minLength: 1, maxLength: 3 }) })
  .map(({ label, cellTempC, suns }): Net => {
    const model = fitLabel(label).model;
    const irradianceWm2 = suns.length === model.bypassDiodes ? suns : [suns[0] as number];
    return { type: "panel", model, cellTempC, irradianceWm2 };
  });

const anyNet = fc.letrec<{ net: Net }>((tie) => ({
  net: fc.oneof(
    { depthSize: "small", maxDepth: 3 },
    plausiblePanel,
    fc.record({ type: fc.constantFrom("series" as const, "parallel" as const), members: fc.array(tie("net"), { minLength: 1, maxLength: 4 }) }),
  ),
})).net;

const near = (a: number, b: number, scale: number) => expect(Math.abs(a - b)).toBeLessThanOrEqual(3e-4 * Math.abs(scale) + 1e-6);

test("a model never throws, and always meets Isc and Voc, whatever the label", () => {
  fc.assert(
    fc.property(anyLabel, (label) => {
      const { model, missPct } = fitLabel(label);
      for (const value of [...Object.values(model), ...Object.values(missPct)]) expect(Number.isFinite(value)).toBe(true);
      const solution = solveNet({ type: "panel", model, cellTempC: 25, irradianceWm2: [1000] });
      near(solution.vocV, label.vocV, label.vocV);
      expect(Math.abs(solution.iscA / label.iscA - 1)).toBeLessThan(0.02);
    }),
    { numRuns: 400 },
  );
});

test("a plausible label is met within half a percent at its maximum", () => {
  fc.assert(
    fc.property(plausibleLabel, (label) => {
      const { missPct } = fitLabel(label);
      expect(Math.max(Math.abs(missPct.vmp), Math.abs(missPct.imp))).toBeLessThan(0.5);
    }),
    { numRuns: 300 },
  );
});

test("series adds volts at equal current", () => {
  fc.assert(
    fc.property(plausiblePanel, plausiblePanel, number(0, 1), (a, b, share) => {
      const [one, two, both] = [solveNet(a), solveNet(b), solveNet({ type: "series", members: [a, b] })];
      const i = share * Math.min(one.iscA, two.iscA);
      near(atCurrent(both.curve, i).v, atCurrent(one.curve, i).v + atCurrent(two.curve, i).v, both.vocV + 1);
    }),
  );
});

test("parallel adds amps at equal voltage", () => {
  fc.assert(
    fc.property(plausiblePanel, plausiblePanel, number(0, 1), (a, b, share) => {
      const [one, two, both] = [solveNet(a), solveNet(b), solveNet({ type: "parallel", members: [a, b] })];
      const v = share * Math.min(one.vocV, two.vocV);
      near(atVoltage(both.curve, v).i, atVoltage(one.curve, v).i + atVoltage(two.curve, v).i, both.iscA);
    }),
  );
});

test("more light never gives less current at a voltage, colder never gives less Voc", () => {
  fc.assert(
    fc.property(plausibleLabel, number(5, 1100), number(1, 200), number(-30, 60), number(1, 40), number(0, 1), (label, suns, more, cellTempC, warmer, share) => {
      const { model } = fitLabel(label);
      const under = (irradianceWm2: number, temperature: number) => solveNet({ type: "panel", model, cellTempC: temperature, irradianceWm2: [irradianceWm2] });
      const dim = under(suns, cellTempC);
      const v = share * dim.vocV;
      expect(atVoltage(under(suns + more, cellTempC).curve, v).i).toBeGreaterThanOrEqual(atVoltage(dim.curve, v).i - 1e-6);
      expect(dim.vocV).toBeGreaterThanOrEqual(under(suns, cellTempC + warmer).vocV - 1e-6);
    }),
  );
});

test("any net solves: finite, ordered peaks under the product of its ends, order of siblings irrelevant", () => {
  fc.assert(
    fc.property(anyNet, (net) => {
      const solution = solveNet(net);
      for (const value of [solution.vocV, solution.iscA, solution.mpp.p, ...solution.curve.v, ...solution.curve.i]) expect(Number.isFinite(value)).toBe(true);
      expect(solution.mpp.p).toBeLessThanOrEqual(solution.vocV * solution.iscA + 1e-9);
      for (let k = 1; k < solution.curve.v.length; k++) {
        expect(solution.curve.v[k]).toBeGreaterThan(solution.curve.v[k - 1] as number);
        expect(solution.curve.i[k]).toBeLessThan(solution.curve.i[k - 1] as number);
      }
      if (net.type === "panel") return;
      const turned = solveNet({ ...net, members: [...net.members].reverse() });
      expect(turned.mpp).toEqual(solution.mpp);
    }),
    { numRuns: 300 },
  );
});

test("series × strings multiplies volts and amps", () => {
  fc.assert(
    fc.property(plausibleLabel, fc.integer({ min: 1, max: 6 }), fc.integer({ min: 1, max: 6 }), (label, series, strings) => {
      const { model } = fitLabel(label);
      const sky = { irradianceWm2: 900, cellTempC: 40 };
      const one = solveNet(equalNet(model, 1, 1, sky));
      const array = solveNet(equalNet(model, series, strings, sky));
      near(array.vocV, series * one.vocV, array.vocV);
      near(array.iscA, strings * one.iscA, array.iscA);
      near(array.mpp.p, series * strings * one.mpp.p, array.mpp.p);
    }),
    { numRuns: 60 },
  );
});

const anyWindow: fc.Arbitrary<Window> = fc
  .record({ minV: number(5, 40), spanV: number(5, 150), splitShare: number(0.1, 0.9), lowA: number(1, 20), highA: number(1, 20), maxW: fc.option(number(20, 2000)) })
  .map(({ minV, spanV, splitShare, lowA, highA, maxW }) => {
    const splitV = minV + splitShare * spanV;
    return { minV, maxV: minV + spanV, ceilingOnVoc: true, maxW, currentLimits: [{ fromV: minV, toV: splitV, amps: lowA }, { fromV: splitV, toV: minV + spanV, amps: highA }] };
  });

test("the operating point lies on the curve, inside the window, and no sampled allowed point beats it", () => {
  fc.assert(
    fc.property(anyNet, anyWindow, (net, window) => {
      const array = solveNet(net);
      const operating = operatingPoint(array, window);
      if (array.vocV > window.maxV) {
        expect(operating).toEqual({ v: 0, i: 0, p: 0, limitedBy: "overVoltage" });
        return;
      }
      const limitA = (v: number) => Math.max(0, ...window.currentLimits.filter((tier) => v >= tier.fromV && v <= tier.toV).map((tier) => tier.amps));
      const fits = (v: number, i: number) => v >= window.minV && v <= window.maxV && i <= limitA(v) * (1 + 1e-5) && (window.maxW === null || v * i <= window.maxW * (1 + 1e-5));
      if (operating.p > 0) expect(fits(operating.v, operating.i)).toBe(true);
      for (let k = 0; k <= 200; k++) {
        const v = window.minV + ((Math.min(array.vocV, window.maxV) - window.minV) * k) / 200;
        const { i } = atVoltage(array.curve, v);
        if (v > 0 && fits(v, i)) expect(v * i).toBeLessThanOrEqual(operating.p * (1 + 2e-5) + 1e-6);
      }
    }),
    { numRuns: 300 },
  );
});
