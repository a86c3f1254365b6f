import { fitLabel } from "../panel";
import { equalNet, type Net, solveNet } from "../net";
import { atVoltage } from "../iv";
import { currentLimitA, operatingPoint, type Port, portWindow, stayV, wakeV, type InputWindow, windowEdgesV } from ".";

/** A 100 W panel of 36 cells: Voc 22.6 V, Vmp 18.55 V, Imp 5.63 A, Isc 6.04 A. */
const { model } = fitLabel({
  pmaxW: 104.4,
  vocV: 22.6,
  iscA: 6.04,
  vmpV: 18.55,
  impA: 5.63,
  tempCoVocPctPerC: -0.406,
  tempCoIscPctPerC: 0.05,
  tempCoPmaxPctPerC: null,
  cellsInSeries: 36,
  bypassDiodes: 2,
  maxSeriesFuseA: null,
  maxSystemV: null,
  cellType: "mono",
});
const stc = { irradianceWm2: 1000, cellTempC: 25 };
const array = (series: number, strings: number) => solveNet(equalNet(model, series, strings, stc));
const window = (change: Partial<InputWindow> = {}): InputWindow => ({
  minV: 12,
  maxV: 60,
  ceilingOnVoc: true,
  maxW: null,
  currentLimits: [],
  ...change,
});

describe("where an array runs", () => {
  test("at its own maximum when nothing binds", () => {
    const point = operatingPoint(array(2, 1), window());
    expect(point.limitedBy).toBe("none");
    expect(point.v).toBeCloseTo(2 * 18.55, 1);
    expect(point.i).toBeCloseTo(5.63, 1);
  });

  test("nowhere when its open volts pass the ceiling, by whatever little", () => {
    expect(operatingPoint(array(2, 1), window({ maxV: 45.1 }))).toEqual({ v: 0, i: 0, p: 0, limitedBy: "overVoltage" });
    expect(operatingPoint(array(2, 1), window({ maxV: 45.3 })).limitedBy).toBe("none");
  });

  test("below the ceiling while running, where the sheet means running volts", () => {
    const point = operatingPoint(array(2, 1), window({ maxV: 40, ceilingOnVoc: false }));
    expect(point).toMatchObject({ limitedBy: "none" });
    const held = operatingPoint(array(2, 1), window({ maxV: 30, ceilingOnVoc: false }));
    expect(held).toMatchObject({ v: 30, limitedBy: "window" });
  });

  test("nowhere when it cannot reach the lowest volts", () => {
    expect(operatingPoint(array(1, 1), window({ minV: 23 })).limitedBy).toBe("asleep");
  });

  test("at the edge when its maximum lies below the lowest volts", () => {
    const one = array(1, 1);
    const point = operatingPoint(one, window({ minV: 20 }));
    expect(point).toMatchObject({ v: 20, limitedBy: "window" });
    expect(point.i).toBeCloseTo(atVoltage(one.curve, 20).i, 9);
  });

  test("at the current limit, on the side of more volts", () => {
    const point = operatingPoint(array(1, 2), window({ currentLimits: [{ fromV: 12, toV: 60, amps: 8 }] }));
    expect(point.limitedBy).toBe("current");
    expect(point.i).toBeCloseTo(8, 6);
    expect(point.v).toBeGreaterThan(18.55);
  });

  test("at the watt limit, on the side from which trackers come", () => {
    const point = operatingPoint(array(2, 1), window({ maxW: 150 }));
    expect(point.limitedBy).toBe("watts");
    expect(point.p).toBeCloseTo(150, 4);
    expect(point.v).toBeGreaterThan(37.1);
  });

  test("in the kinder of two tiers when that gives more", () => {
    const tiers = [
      { fromV: 12, toV: 20, amps: 3 },
      { fromV: 20, toV: 60, amps: 12 },
    ];
    const point = operatingPoint(array(1, 2), window({ currentLimits: tiers }));
    expect(point.v).toBeGreaterThanOrEqual(20);
    expect(point.p).toBeGreaterThan(20 * 3);
  });

  test("nowhere in volts that no tier covers", () => {
    expect(operatingPoint(array(1, 1), window({ currentLimits: [{ fromV: 30, toV: 60, amps: 10 }] })).limitedBy).toBe(
      "asleep",
    );
  });

  test("at the higher of two peaks of a shaded string, unless the window shuts it out", () => {
    const panel = (irradianceWm2: number[]): Net => ({ type: "panel", model, cellTempC: 25, irradianceWm2 });
    const shaded = solveNet({ type: "series", members: [panel([1000]), panel([1000]), panel([1000, 300])] });
    const [low, high] = shaded.peaks;
    if (low === undefined || high === undefined) throw new Error("expected two peaks");
    expect(low.p).toBeGreaterThan(high.p);
    expect(operatingPoint(shaded, window({ maxV: 100 })).v).toBeCloseTo(low.v, 3);
    const shut = operatingPoint(shaded, window({ minV: high.v - 1, maxV: 100 }));
    expect(shut.v).toBeCloseTo(high.v, 0);
    expect(shut.p).toBeLessThan(low.p);
  });
});

const port: Port = {
  minV: null,
  maxV: 100,
  ceilingBasis: "voc",
  overVoltage: "unknown",
  wakeV: null,
  batteryV: 25.6,
  wakeMarginV: 5,
  stayMarginV: 1,
  currentLimits: [],
  maxW: null,
  maxWNature: "drawsUpTo",
  conversion: "mppt",
  tracker: "unknown",
  batteryMaxA: null,
  pwmDropV: null,
};

describe("a port's volts", () => {
  test("stay and wake follow the battery, the sheet's own numbers, or the higher of both", () => {
    expect(stayV(port)).toBeCloseTo(26.6, 10);
    expect(wakeV(port)).toBeCloseTo(30.6, 10);
    expect(stayV({ ...port, minV: 28 })).toBe(28);
    expect(wakeV({ ...port, wakeV: 40 })).toBe(40);
    expect(stayV({ ...port, batteryV: null })).toBeNull();
    expect(wakeV({ ...port, batteryV: null, minV: 12 })).toBe(12);
  });

  test("make a window whose open ends are the port's own, and none without a ceiling", () => {
    const made = portWindow({
      ...port,
      currentLimits: [
        { fromV: null, toV: 50, amps: 10, nature: "drawsUpTo" },
        { fromV: 50, toV: null, amps: 15, nature: "drawsUpTo" },
      ],
    });
    if (made === null) throw new Error("expected a window");
    expect(made.currentLimits.map(({ fromV, toV }) => [fromV, toV])).toEqual([
      [26.6, 50],
      [50, 100],
    ]);
    expect(windowEdgesV(made)).toEqual([26.6, 50, 100]);
    expect([
      currentLimitA(made, 30),
      currentLimitA(made, 50),
      currentLimitA(made, 80),
      currentLimitA(made, 101),
    ]).toEqual([10, 15, 15, 0]);
    expect(portWindow({ ...port, maxV: null })).toBeNull();
  });
});
