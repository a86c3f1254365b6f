import { type InputWindow } from "@/core/engine/pv-input";
import { equalNet, solveNet } from "@/core/engine/net";
import { fitLabel, readLabel } from "@/core/engine/panel";
import { demoPanels } from "@/demo";
import { curvePoints, edgeLines, scalesFor, windowTop } from "./geometry";

const reading = readLabel(demoPanels.rigid195);
if (reading.type !== "label") throw new Error("the demo label is incomplete");
const array = solveNet(equalNet(fitLabel(reading.label).model, 4, 1, { irradianceWm2: 1000, cellTempC: 25 }));
const frame = { width: 800, height: 400, left: 40, right: 10, top: 20, bottom: 30 };
const window: InputWindow = {
  minV: 30,
  maxV: 150,
  ceilingOnVoc: true,
  maxW: 1000,
  currentLimits: [
    { fromV: 30, toV: 90, amps: 8 },
    { fromV: 90, toV: 150, amps: 12 },
  ],
};

test("the scales hold the ceiling and the whole curve inside the frame", () => {
  const { x, y, maxV, maxA } = scalesFor(frame, window, [array]);
  expect(maxV).toBeGreaterThan(150);
  expect(maxA).toBeGreaterThan(array.iscA);
  for (const { v, i } of curvePoints(array)) {
    expect(x(v)).toBeGreaterThanOrEqual(frame.left);
    expect(x(v)).toBeLessThanOrEqual(frame.width - frame.right);
    expect(y(i)).toBeGreaterThanOrEqual(frame.top);
    expect(y(i)).toBeLessThanOrEqual(frame.height - frame.bottom);
  }
});

test("the scales are usable with no window, no array, or a ceiling far above the array", () => {
  expect(scalesFor(frame, null, []).maxV).toBeGreaterThan(0);
  expect(scalesFor(frame, window, []).maxA).toBeGreaterThan(12);
  expect(scalesFor(frame, { ...window, maxV: 2000 }, [array]).maxV).toBeLessThan(400);
});

test("the window's edge steps with its tiers and bends with its watts", () => {
  const top = windowTop(window, 200, 50);
  const at = (v: number) =>
    top.reduce((near, point) => (Math.abs(point.v - v) < Math.abs(near.v - v) ? point : near)).i;
  expect(at(60)).toBe(8);
  expect(at(120)).toBeCloseTo(1000 / 120, 1);
  expect(at(149.9)).toBeCloseTo(1000 / 150, 1);
  expect(Math.max(...top.map(({ i }) => i))).toBeLessThanOrEqual(12);
  expect(top.every(({ v }) => v >= 30 && v <= 150)).toBe(true);
});

test("a drawn curve starts at short circuit, ends at open circuit, and never rises", () => {
  const points = curvePoints(array);
  expect(points[0]).toMatchObject({ v: 0 });
  expect(points[0]?.i).toBeCloseTo(array.iscA, 3);
  expect(points.at(-1)?.v).toBeCloseTo(array.vocV, 9);
  for (let k = 1; k < points.length; k++) expect(points[k]?.i).toBeLessThanOrEqual((points[k - 1]?.i ?? 0) + 1e-9);
});

test("the edge a rule speaks of is drawn where the window has it, and not where the drawing ends before", () => {
  const within = { maxV: 200, maxA: 50 };
  expect(edgeLines(window, "ceiling", within)).toEqual([
    [
      { v: 150, i: 0 },
      { v: 150, i: 50 },
    ],
  ]);
  expect(edgeLines(window, "floor", within)[0]?.[0]).toEqual({ v: 30, i: 0 });
  expect(edgeLines(window, "amps", within)).toEqual([
    [
      { v: 30, i: 8 },
      { v: 90, i: 8 },
    ],
    [
      { v: 90, i: 12 },
      { v: 150, i: 12 },
    ],
  ]);
  const [watts] = edgeLines(window, "watts", within);
  // 1000 W bind where 12 A would give more: right of 83.3 V in a tier that begins at 90 V
  expect(watts?.[0]?.v).toBeCloseTo(90, 0);
  expect(watts?.at(-1)?.v).toBeCloseTo(150, 6);
  expect(watts?.every(({ v, i }) => Math.abs(v * i - 1000) < 0.1)).toBe(true);
  expect(edgeLines({ ...window, maxW: null }, "watts", within)).toEqual([]);
  expect(edgeLines(window, "ceiling", { maxV: 120, maxA: 50 })).toEqual([]);
  expect(edgeLines({ ...window, minV: 0 }, "floor", within)).toEqual([]);
});
