import fc from "fast-check";
import { type Plan, keysIn } from "@/core/plan";
import { lookInto, type TileStates } from "@/core/assessment";
import { solvableById } from "@/core/plan-model";
import { skyNames } from "@/core/engine/sky";
import { demoPlans } from "@/demo";

import { newTile, type Row, rowOf, lying } from "@/core/engine/array";
import { runs, stood } from "@/testing";
import { flowOfRows, runningFlow } from "./flow";
import { stateWords } from "./TileView";

const states: TileStates = Object.fromEntries(
  ["a.1", "a.2", "b.1", "b.2"].map((key, k) => [
    key,
    { v: 10 + k, i: key.startsWith("a") ? 8 : 3, p: 0, substrings: [] },
  ]),
);
const a = (piece: number) => newTile("a", piece);
const b = (piece: number) => newTile("b", piece);

test("volts add from plug to plug along a row, amps do not", () => {
  expect(runningFlow(rowOf([a(1), a(2)]), states)).toEqual([
    { v: 10, i: 8 },
    { v: 21, i: 8 },
  ]);
});

test("in a group of rows amps add and volts are shared; the row goes on from there", () => {
  const pair: Row = rowOf([{ type: "group", rows: [rowOf([a(1)]), rowOf([b(1)])] }, a(2)]);
  expect(flowOfRows([rowOf([a(1)]), rowOf([b(1)])], states)).toEqual({ v: 10, i: 11 });
  expect(runningFlow(pair, states)).toEqual([
    { v: 10, i: 11 },
    { v: 21, i: 11 },
  ]);
});

test("a panel taken out is a plain lead; one not judged yet leaves the sums unsaid", () => {
  expect(runningFlow(rowOf([{ ...a(1), joinedPast: true }, b(2)]), states)).toEqual([null, { v: 13, i: 3 }]);
  expect(runningFlow(rowOf([a(1), a(9)]), states)).toBeNull();
  expect(runningFlow(rowOf([a(1)]), null)).toBeNull();
});

test("the sums at the plugs end where the solver has the lane: its volts for every row, its amps for all rows together", () => {
  const [cabled] = demoPlans() as [Plan];
  // behind cables rows stand a little apart, and the sums end before them
  const lantern = { ...cabled, wirings: cabled.wirings.map((wiring) => ({ ...wiring, runs: [] })) };
  const shade = fc.array(fc.constantFrom(1, 1, 0.15, 0.6), { minLength: 2, maxLength: 2 });
  fc.assert(
    fc.property(
      fc.constantFrom("everyday", "pressday"),
      fc.array(shade, { minLength: 6, maxLength: 6 }),
      fc.constantFrom(...skyNames),
      (wiringId, shades, sky) => {
        const plan = stood(
          lantern,
          ...[...keysIn(lantern)].map((key, k): [string, { light: number[] }] => [
            key,
            { light: shades[k % shades.length] ?? [1] },
          ]),
        );
        const look = { sky, moment: { atMs: Date.UTC(2026, 5, 21, 11), longitudeDeg: -3 }, poseId: null };
        const open = solvableById(plan, wiringId);
        const found = lookInto(open, look);
        for (const { lane, actual } of open.lanes) {
          const total = flowOfRows(lane.rows, found);
          for (const row of lane.rows)
            expect(runningFlow(row, found)?.at(-1)?.v).toBeCloseTo(total?.v ?? Number.NaN, 1);
          if (sky !== "brightNoon") continue;
          const { operating } = actual.brightNoon;
          if (operating === null || operating.p === 0) continue;
          expect(total?.v).toBeCloseTo(operating.v, 1);
          expect(Math.abs((total?.i ?? 0) - operating.i)).toBeLessThan(0.05);
        }
      },
    ),
    { numRuns: runs(60) },
  );
});

test("a panel is told with what it is in and does, and with whether its substrings are bypassed", () => {
  const doing = {
    v: 20.26,
    i: 8.617,
    p: 174.6,
    substrings: [
      { v: 10, i: 8, p: 80, bypassed: false },
      { v: -0.4, i: 8, p: -3, bypassed: true },
    ],
  };
  const plainWords = (words: string) => words.replaceAll("\u00a0", " ");
  expect(plainWords(stateWords(a(1), { ...lying, light: [1, 0.15], tiltDeg: 30 }, doing))).toBe(
    "tilted 30°, 1 cell group shaded, 20.3 V, 8.62 A, 175 W, 1 of 2 cell groups bypassed by diodes",
  );
  expect(
    plainWords(stateWords(a(1), { ...lying, light: [0.15] }, { ...doing, substrings: doing.substrings.slice(0, 1) })),
  ).toBe("shaded, 20.3 V, 8.62 A, 175 W, none bypassed");
  expect(stateWords({ ...a(1), joinedPast: true }, lying, null)).toBe("bypassed");
});
