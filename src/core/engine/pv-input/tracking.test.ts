import fc from "fast-check";
import { anyNet, runs, number } from "@/testing";
import { solveNet } from "../net";
import { operate, operatingPoint, type Port, portWindow, sharedOut, trackingOf, type InputWindow, wattLimit } from ".";

const window = (change: Partial<InputWindow> = {}): InputWindow => ({
  minV: 12,
  maxV: 150,
  ceilingOnVoc: true,
  maxW: null,
  currentLimits: [],
  ...change,
});
const anyWindow = fc
  .record({
    minV: number(5, 40),
    spanV: number(20, 200),
    amps: fc.option(number(1, 20)),
    maxW: fc.option(number(20, 2000)),
  })
  .map(({ minV, spanV, amps, maxW }) =>
    window({
      minV,
      maxV: minV + spanV,
      maxW,
      currentLimits: amps === null ? [] : [{ fromV: minV, toV: minV + spanV, amps }],
    }),
  );

const fits = ({ minV, maxV, maxW, currentLimits }: InputWindow, { v, i, p }: { v: number; i: number; p: number }) =>
  v >= minV - 1e-9 &&
  v <= maxV + 1e-9 &&
  (maxW === null || p <= maxW * 1.00001) &&
  currentLimits.every(({ amps }) => i <= amps * 1.00001);

test("a climber never beats a scan, keeps every limit, and on a curve of one peak does as well", () => {
  fc.assert(
    fc.property(anyNet, anyWindow, (net, within) => {
      const array = solveNet(net);
      const [climbed, scanned] = [operate(array, within, { type: "climb" }), operatingPoint(array, within)];
      expect(climbed.p).toBeLessThanOrEqual(scanned.p * 1.00001 + 1e-9);
      if (climbed.p > 0) expect(fits(within, climbed)).toBe(true);
      if (array.peaks.length === 1 && array.vocV <= within.maxV)
        expect(climbed.p).toBeGreaterThanOrEqual(scanned.p * 0.9999 - 1e-9);
      if (climbed.limitedBy === "lowPeak") expect(array.peaks.length).toBeGreaterThan(1);
    }),
    { numRuns: runs(150) },
  );
});

test("a climber does not leap over volts at which nothing is taken: it never gets away from open circuit", () => {
  fc.assert(
    fc.property(anyNet, (net) => {
      const array = solveNet(net);
      // the one range of amps ends between the highest peak and open circuit
      const toV = ((array.peaks.at(-1)?.v ?? 0) + array.vocV) / 2;
      const within = window({ minV: 1, maxV: 999, currentLimits: [{ fromV: 1, toV, amps: 999 }] });
      if (array.mpp.v < 1) return;
      expect(operate(array, within, { type: "climb" })).toMatchObject({ p: 0, limitedBy: "asleep" });
      expect(operatingPoint(array, within).p).toBeCloseTo(array.mpp.p, 6);
    }),
    { numRuns: runs(150) },
  );
});

test("PWM stands at the volts it is held at, never gives more than a scan of the same volts, and keeps the limits", () => {
  fc.assert(
    fc.property(anyNet, anyWindow, number(8, 60), (net, within, heldV) => {
      const array = solveNet(net);
      const held = operate(array, within, { type: "pwm", heldV });
      if (held.p === 0) return;
      expect(held.v).toBe(heldV);
      expect(held.p).toBeLessThanOrEqual(array.mpp.p * 1.00001);
      expect(fits(within, held)).toBe(true);
    }),
    { numRuns: runs(200) },
  );
});

test("ports that share a limit keep it together, none takes more than alone, and none goes without where another does not", () => {
  fc.assert(
    fc.property(
      fc.array(fc.tuple(anyNet, anyWindow), { minLength: 1, maxLength: 3 }),
      fc.option(number(20, 800)),
      fc.option(number(1, 20)),
      (some, maxW, maxA) => {
        const ports = some.map(([net, within]) => {
          const array = solveNet(net);
          return { array, window: within, tracking: { type: "scan" } as const, alone: operatingPoint(array, within) };
        });
        const taken = sharedOut(ports, { maxW, maxA });
        const sum = (key: "p" | "i") => taken.reduce((total, point) => total + point[key], 0);
        if (maxW !== null) expect(sum("p")).toBeLessThanOrEqual(maxW * 1.0001);
        if (maxA !== null) expect(sum("i")).toBeLessThanOrEqual(maxA * 1.0001);
        taken.forEach((point, k) => expect(point.p).toBeLessThanOrEqual((ports[k]?.alone.p ?? 0) * 1.0001 + 1e-9));
        if (maxW === null && maxA === null) expect(taken).toEqual(ports.map(({ alone }) => alone));
      },
    ),
    { numRuns: runs(80) },
  );
});

const port: Port = {
  minV: null,
  maxV: 100,
  ceilingBasis: "voc",
  overVoltage: "unknown",
  wakeV: null,
  batteryV: 12.8,
  wakeMarginV: 5,
  stayMarginV: 1,
  currentLimits: [],
  maxW: 400,
  maxWNature: "drawsUpTo",
  conversion: "mppt",
  tracker: "unknown",
  batteryMaxA: null,
  pwmDropV: null,
};

test("a port's watt limit is the lower of its own and its battery side's", () => {
  expect(wattLimit(port)).toBe(400);
  expect(wattLimit({ ...port, batteryMaxA: 20 })).toBeCloseTo(256, 10);
  expect(portWindow({ ...port, batteryMaxA: 20, maxW: null })?.maxW).toBeCloseTo(256, 10);
  expect(wattLimit({ ...port, batteryMaxA: 20, batteryV: null })).toBe(400);
});

test("how a port tracks: scan unless its sheet says it climbs; PWM at battery plus drop", () => {
  expect([port, { ...port, tracker: "hillClimb" as const }].map(trackingOf)).toEqual([
    { type: "scan" },
    { type: "climb" },
  ]);
  expect(trackingOf({ ...port, conversion: "pwm" })).toEqual({ type: "pwm", heldV: 13.3 });
  expect(trackingOf({ ...port, conversion: "pwm", pwmDropV: 0.2 })).toEqual({ type: "pwm", heldV: 13 });
});
