import fc from "fast-check";
import { runs, plausibleLabel } from "@/testing";
import { atVoltage } from "../iv";
import { solveNet } from "../net";
import { fitLabel, fitPoints, type PanelLabel, type PanelModel } from ".";

const under = (model: PanelModel, irradianceWm2: number, cellTempC: number) =>
  solveNet({ type: "panel", model: { ...model, bypassDiodes: 0 }, cellTempC, irradianceWm2: [irradianceWm2] });

/** A curve measured at some volts, with a meter that misplugs by a share of its reading. */
function measured(model: PanelModel, irradianceWm2: number, cellTempC: number, misplug = 0) {
  const { curve, vocV } = under(model, irradianceWm2, cellTempC);
  const points = Array.from({ length: 24 }, (_, k) => {
    const v = (vocV * k) / 23;
    return { v, i: Math.max(0, atVoltage(curve, v).i) * (1 + misplug * Math.sin(7 * k)) };
  });
  return { irradianceWm2, cellTempC, points };
}

const label: PanelLabel = {
  pmaxW: 195,
  vocV: 27.2,
  iscA: 9.05,
  vmpV: 22.8,
  impA: 8.56,
  tempCoVocPctPerC: -0.27,
  tempCoIscPctPerC: 0.05,
  tempCoPmaxPctPerC: null,
  cellsInSeries: 40,
  bypassDiodes: 2,
  maxSeriesFuseA: null,
  maxSystemV: null,
  cellType: "mono",
};

test("points of a panel that is not its label give back that panel, at any sky", () => {
  fc.assert(
    fc.property(
      plausibleLabel,
      fc.integer({ min: 400, max: 1050 }),
      fc.integer({ min: 5, max: 65 }),
      (real, irradianceWm2, cellTempC) => {
        const { model } = fitLabel(real);
        // what is typed off the sticker is 8 % too good; what is measured is the panel
        const sticker = { ...real, pmaxW: real.pmaxW * 1.08, iscA: real.iscA * 1.04, impA: real.impA * 1.08 };
        const fit = fitPoints(
          { ...sticker, impA: Math.min(sticker.impA, 0.98 * sticker.iscA) },
          measured(model, irradianceWm2, cellTempC),
        );
        if (fit.type !== "model") throw new Error(fit.type);
        expect(fit.rmsPct).toBeLessThan(0.3);
        for (const [suns, warm] of [
          [irradianceWm2, cellTempC],
          [1000, 25],
        ] as const) {
          const [is, was] = [under(fit.model, suns, warm), under(model, suns, warm)];
          expect(Math.abs(is.mpp.p / was.mpp.p - 1)).toBeLessThan(0.02);
          expect(Math.abs(is.vocV / was.vocV - 1)).toBeLessThan(0.01);
        }
      },
    ),
    { numRuns: runs(60) },
  );
});

test("a meter's misplugs of half a percent are averaged out, and the farthest point is named", () => {
  const { model } = fitLabel(label);
  const rough = measured(model, 800, 40, 0.005);
  const fit = fitPoints(label, {
    ...rough,
    points: rough.points.map((point, k) => (k === 5 ? { ...point, i: point.i * 0.9 } : point)),
  });
  if (fit.type !== "model") throw new Error(fit.type);
  expect(fit.worst.point).toBe(6);
  expect(fit.worst.pct).toBeGreaterThan(5);
  expect(Math.abs(under(fit.model, 800, 40).mpp.p / under(model, 800, 40).mpp.p - 1)).toBeLessThan(0.02);
});

test("too few points, or points of one side only, are not made into a panel", () => {
  const { points, ...sky } = measured(fitLabel(label).model, 900, 30);
  expect(fitPoints(label, { ...sky, points: points.slice(0, 4) })).toEqual({ type: "tooFew", usable: 4, needed: 5 });
  expect(fitPoints(label, { ...sky, points: Array.from({ length: 9 }, () => ({ v: 3, i: 8 })) })).toMatchObject({
    type: "tooFew",
    usable: 1,
  });
  expect(fitPoints(label, { ...sky, points: points.slice(0, 14) })).toEqual({ type: "oneSided", lacks: "nearOpen" });
  expect(fitPoints(label, { ...sky, points: points.slice(21).concat({ v: 25, i: 3 }, { v: 24.5, i: 3.5 }) })).toEqual({
    type: "oneSided",
    lacks: "nearShort",
  });
});

test("no finite points make it throw or give a number that is not one", () => {
  const number = fc.double({ min: 0, max: 500, noNaN: true });
  fc.assert(
    fc.property(
      fc.array(fc.record({ v: number, i: number }), { maxLength: 30 }),
      fc.double({ min: 20, max: 1500, noNaN: true }),
      fc.double({ min: -60, max: 120, noNaN: true }),
      (points, irradianceWm2, cellTempC) => {
        const fit = fitPoints(label, { points, irradianceWm2, cellTempC });
        if (fit.type === "model")
          for (const value of Object.values(fit.model)) expect(Number.isFinite(value)).toBe(true);
      },
    ),
    { numRuns: runs(200) },
  );
});
