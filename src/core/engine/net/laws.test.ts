import fc from "fast-check";
import { anyLabel, anyNet, anyNetWithParts, runs, number, plausibleLabel, plausiblePanel } from "@/testing";
import { operatingPoint, type InputWindow } from "../pv-input";
import { atCurrent, atVoltage } from "../iv";
import { fitLabel } from "../panel";
import { type BranchState, equalNet, type Net, solveNet, createBulkSolver } from ".";

const near = (a: number, b: number, scale: number, share = 3e-4) =>
  expect(Math.abs(a - b)).toBeLessThanOrEqual(share * Math.abs(scale) + 1e-6);

test("a model never throws, and always meets Isc and Voc, whatever the label", () => {
  fc.assert(
    fc.property(anyLabel, (label) => {
      const { model, missPct } = fitLabel(label);
      for (const value of [...Object.values(model), ...Object.values(missPct)])
        expect(Number.isFinite(value)).toBe(true);
      const solution = solveNet({ type: "panel", model, cellTempC: 25, irradianceWm2: [1000] });
      near(solution.vocV, label.vocV, label.vocV);
      expect(Math.abs(solution.iscA / label.iscA - 1)).toBeLessThan(0.02);
    }),
    { numRuns: runs(200) },
  );
});

test("a plausible label is met within half a percent at its maximum", () => {
  fc.assert(
    fc.property(plausibleLabel, (label) => {
      const { missPct } = fitLabel(label);
      expect(Math.max(Math.abs(missPct.vmp), Math.abs(missPct.imp))).toBeLessThan(0.5);
    }),
    { numRuns: runs(60) },
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
    fc.property(
      plausibleLabel,
      number(5, 1100),
      number(1, 200),
      number(-30, 60),
      number(1, 40),
      number(0, 1),
      (label, suns, more, cellTempC, warmer, share) => {
        const { model } = fitLabel(label);
        const under = (irradianceWm2: number, temperature: number) =>
          solveNet({ type: "panel", model, cellTempC: temperature, irradianceWm2: [irradianceWm2] });
        const dim = under(suns, cellTempC);
        const v = share * dim.vocV;
        expect(atVoltage(under(suns + more, cellTempC).curve, v).i).toBeGreaterThanOrEqual(
          atVoltage(dim.curve, v).i - 1e-6,
        );
        expect(dim.vocV).toBeGreaterThanOrEqual(under(suns, cellTempC + warmer).vocV - 1e-6);
      },
    ),
  );
});

test("any net solves: finite, ordered peaks under the product of its ends, order of siblings irrelevant", () => {
  fc.assert(
    fc.property(anyNetWithParts, (net) => {
      const solution = solveNet(net);
      for (const value of [solution.vocV, solution.iscA, solution.mpp.p, ...solution.curve.v, ...solution.curve.i])
        expect(Number.isFinite(value)).toBe(true);
      expect(solution.mpp.p).toBeLessThanOrEqual(solution.vocV * solution.iscA + 1e-9);
      for (let k = 1; k < solution.curve.v.length; k++) {
        expect(solution.curve.v[k]).toBeGreaterThan(solution.curve.v[k - 1] as number);
        expect(solution.curve.i[k]).toBeLessThan(solution.curve.i[k - 1] as number);
      }
      if (net.type !== "series" && net.type !== "parallel") return;
      const turned = solveNet({ ...net, members: [...net.members].reverse() });
      expect(turned.mpp).toEqual(solution.mpp);
    }),
    { numRuns: runs(60) },
  );
});

test("series × strings multiplies volts and amps", () => {
  fc.assert(
    fc.property(
      plausibleLabel,
      fc.integer({ min: 1, max: 6 }),
      fc.integer({ min: 1, max: 6 }),
      (label, series, strings) => {
        const { model } = fitLabel(label);
        const sky = { irradianceWm2: 900, cellTempC: 40 };
        const one = solveNet(equalNet(model, 1, 1, sky));
        const array = solveNet(equalNet(model, series, strings, sky));
        near(array.vocV, series * one.vocV, array.vocV);
        near(array.iscA, strings * one.iscA, array.iscA);
        near(array.mpp.p, series * strings * one.mpp.p, array.mpp.p);
      },
    ),
    { numRuns: runs(60) },
  );
});

const anyWindow: fc.Arbitrary<InputWindow> = fc
  .record({
    minV: number(5, 40),
    spanV: number(5, 150),
    splitShare: number(0.1, 0.9),
    lowA: number(1, 20),
    highA: number(1, 20),
    maxW: fc.option(number(20, 2000)),
  })
  .map(({ minV, spanV, splitShare, lowA, highA, maxW }) => {
    const splitV = minV + splitShare * spanV;
    return {
      minV,
      maxV: minV + spanV,
      ceilingOnVoc: true,
      maxW,
      currentLimits: [
        { fromV: minV, toV: splitV, amps: lowA },
        { fromV: splitV, toV: minV + spanV, amps: highA },
      ],
    };
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
      const limitA = (v: number) =>
        Math.max(
          0,
          ...window.currentLimits.filter((tier) => v >= tier.fromV && v <= tier.toV).map((tier) => tier.amps),
        );
      const fits = (v: number, i: number) =>
        v >= window.minV &&
        v <= window.maxV &&
        i <= limitA(v) * (1 + 1e-5) &&
        (window.maxW === null || v * i <= window.maxW * (1 + 1e-5));
      if (operating.p > 0) expect(fits(operating.v, operating.i)).toBe(true);
      for (let k = 0; k <= 200; k++) {
        const v = window.minV + ((Math.min(array.vocV, window.maxV) - window.minV) * k) / 200;
        const { i } = atVoltage(array.curve, v);
        if (v > 0 && fits(v, i)) expect(v * i).toBeLessThanOrEqual(operating.p * (1 + 2e-5) + 1e-6);
      }
    }),
    { numRuns: runs(60) },
  );
});

const panelOf = (vocCells: number, irradianceWm2: number[], bypassDiodes = 2): Net => {
  const vocV = vocCells * 0.63;
  const { model } = fitLabel({
    pmaxW: vocV * 0.82 * 5.6,
    vocV,
    iscA: 6,
    vmpV: vocV * 0.82,
    impA: 5.6,
    tempCoVocPctPerC: -0.3,
    tempCoIscPctPerC: 0.05,
    tempCoPmaxPctPerC: null,
    cellsInSeries: vocCells,
    bypassDiodes,
    maxSeriesFuseA: null,
    maxSystemV: null,
    cellType: "mono",
  });
  return { type: "panel", model, cellTempC: 25, irradianceWm2 };
};

describe("looking into a net", () => {
  const leaves = (state: BranchState): BranchState[] =>
    state.type === "group" ? state.members.flatMap(leaves) : [state];

  test("volts add along every string, amps add over every junction, and watts add over the whole", () => {
    fc.assert(
      fc.property(anyNet, number(0.05, 0.95), (net, share) => {
        const solution = solveNet(net);
        const state = solution.stateAt(share * solution.vocV);
        const check = (branch: BranchState, of: Net) => {
          if (branch.type !== "group" || (of.type !== "series" && of.type !== "parallel")) return;
          const sum = (key: "v" | "i") => branch.members.reduce((total, member) => total + member[key], 0);
          if (of.type === "series") near(sum("v"), branch.v, solution.vocV + 1, 1e-3);
          else near(sum("i"), branch.i, solution.iscA + 1, 1e-3);
          branch.members.forEach((member, k) => check(member, of.members[k] as Net));
        };
        check(state, net);
        near(
          leaves(state).reduce((total, leaf) => total + leaf.p, 0),
          state.p,
          solution.vocV * solution.iscA + 1,
          1e-3,
        );
      }),
      { numRuns: runs(80) },
    );
  });

  test("a shaded substring is bypassed at the main peak, and costs about half a volt instead of its share", () => {
    const solution = solveNet({ type: "series", members: [panelOf(36, [1000, 100]), panelOf(36, [1000])] });
    const [shaded] = leaves(solution.stateAt(solution.mpp.v));
    if (shaded?.type !== "panel") throw new Error("expected a panel");
    expect(shaded.substrings.map((part) => part.bypassed)).toEqual([false, true]);
    expect(shaded.substrings[1]?.v).toBeLessThan(-0.3);
    expect(shaded.substrings[1]?.v).toBeGreaterThan(-0.6);
  });

  test("a dark string beside lit ones is fed backwards, unless a blocking diode or an open fuse stands in its lead", () => {
    const lit = { type: "series", members: [panelOf(36, [1000]), panelOf(36, [1000])] } as const;
    const dark = { type: "series", members: [panelOf(36, [0]), panelOf(36, [0])] } as const;
    const backA = (guard: Net[]) => {
      const solution = solveNet({
        type: "parallel",
        members: [lit, lit, { type: "series", members: [...guard, dark] }],
      });
      const state = solution.stateAt(solution.vocV);
      return state.type === "group" ? -(state.members[2]?.i ?? 0) : Number.NaN;
    };
    expect(backA([])).toBeGreaterThan(0.5);
    expect(Math.abs(backA([{ type: "blockingDiode" }]))).toBeLessThan(1e-4);
    expect(backA([{ type: "fuse", open: true }])).toBeCloseTo(0, 12);
    expect(backA([{ type: "fuse", open: false }])).toBeCloseTo(backA([]), 1);
  });

  test("a cable loses R·I volts, and nothing with nothing flowing", () => {
    const bare = solveNet(panelOf(36, [1000]));
    const wired = solveNet({ type: "series", members: [panelOf(36, [1000]), { type: "cable", ohm: 0.2 }] });
    near(wired.vocV, bare.vocV, bare.vocV);
    near(atCurrent(wired.curve, 5).v, atCurrent(bare.curve, 5).v - 0.2 * 5, bare.vocV);
  });
});

test("a substring put in the dark never raises the maximum", () => {
  fc.assert(
    fc.property(plausibleLabel, number(100, 1100), number(0, 70), (label, suns, cellTempC) => {
      const { model } = fitLabel({ ...label, bypassDiodes: 3 });
      const under = (irradianceWm2: number[]) =>
        solveNet({
          type: "series",
          members: [
            { type: "panel", model, cellTempC, irradianceWm2 },
            { type: "panel", model, cellTempC, irradianceWm2: [suns] },
          ],
        }).mpp.p;
      expect(under([suns, suns, 0])).toBeLessThanOrEqual(under([suns, suns, suns]) * (1 + 1e-6));
    }),
    { numRuns: runs(60) },
  );
});

test("a net split over two inputs never yields less than the better half alone, nor less than joined", () => {
  fc.assert(
    fc.property(anyNet, anyNet, (a, b) => {
      const [one, two, joined] = [solveNet(a), solveNet(b), solveNet({ type: "parallel", members: [a, b] })];
      const split = one.mpp.p + two.mpp.p;
      expect(split).toBeGreaterThanOrEqual(Math.max(one.mpp.p, two.mpp.p));
      expect(split * (1 + 3e-4) + 1e-6).toBeGreaterThanOrEqual(joined.mpp.p);
    }),
    { numRuns: runs(100) },
  );
});

test("the solver for many hours agrees with the whole one, in groups, behind diodes, fuses and cables too", () => {
  const solve = createBulkSolver();
  /** At least the light of dawn, 20 W/m²: below it volts at open circuit are a matter of milliamps, and 1 % off. */
  const atLeastDawn = (net: Net): Net => {
    if (net.type === "panel") return { ...net, irradianceWm2: net.irradianceWm2.map((wm2) => Math.max(20, wm2)) };
    return net.type === "series" || net.type === "parallel" ? { ...net, members: net.members.map(atLeastDawn) } : net;
  };
  fc.assert(
    fc.property(anyNet.map(atLeastDawn), (net) => {
      const [whole, bulk] = [solveNet(net), solve(net)];
      expect(Math.abs(bulk.mpp.p - whole.mpp.p)).toBeLessThanOrEqual(0.006 * whole.mpp.p + 0.02);
      expect(Math.abs(bulk.vocV - whole.vocV)).toBeLessThanOrEqual(0.003 * whole.vocV + 0.01);
    }),
    { numRuns: runs(60) },
  );
});
