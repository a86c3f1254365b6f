import fc from "fast-check";
import { type Plan, keysIn } from "@/core/plan";
import { lookInto, type TileStates } from "@/core/assessment";
import { solvableById } from "@/core/plan-model";
import { skyNames } from "@/core/engine/sky";
import { demoPlans } from "@/demo";

import { newTile, type PvString, stringOf, lying } from "@/core/engine/array";
import { runs, stood } from "@/testing";
import { flowOfStrings, runningFlow } from "./flow";
import { stateWords } from "./TileView";

const states: TileStates = Object.fromEntries(
  ["a.1", "a.2", "b.1", "b.2"].map((key, k) => [
    key,
    { v: 10 + k, i: key.startsWith("a") ? 8 : 3, p: 0, substrings: [] },
  ]),
);
const a = (piece: number) => newTile("a", piece);
const b = (piece: number) => newTile("b", piece);

test("volts add from plug to plug along a string, amps do not", () => {
  expect(runningFlow(stringOf([a(1), a(2)]), states)).toEqual([
    { v: 10, i: 8 },
    { v: 21, i: 8 },
  ]);
});

test("in a group of strings amps add and volts are shared; the string goes on from there", () => {
  const pair: PvString = stringOf([{ type: "group", strings: [stringOf([a(1)]), stringOf([b(1)])] }, a(2)]);
  expect(flowOfStrings([stringOf([a(1)]), stringOf([b(1)])], states)).toEqual({ v: 10, i: 11 });
  expect(runningFlow(pair, states)).toEqual([
    { v: 10, i: 11 },
    { v: 21, i: 11 },
  ]);
});

test("a panel taken out is a plain lead; one not judged yet leaves the sums unsaid", () => {
  expect(runningFlow(stringOf([{ ...a(1), bypassed: true }, b(2)]), states)).toEqual([null, { v: 13, i: 3 }]);
  expect(runningFlow(stringOf([a(1), a(9)]), states)).toBeNull();
  expect(runningFlow(stringOf([a(1)]), null)).toBeNull();
});

test("the sums at the plugs end where the solver has the port array: its volts for every string, its amps for all strings together", () => {
  const [cabled] = demoPlans() as [Plan];
  // behind cables strings stand a little apart, and the sums end before them
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
        const look = { sky, moment: { atMs: Date.UTC(2026, 5, 21, 11), longitudeDeg: -3 }, positionId: null };
        const open = solvableById(plan, wiringId);
        const found = lookInto(open, look);
        for (const { portArray, actual } of open.portArrays) {
          const total = flowOfStrings(portArray.strings, found);
          for (const string of portArray.strings)
            expect(runningFlow(string, found)?.at(-1)?.v).toBeCloseTo(total?.v ?? Number.NaN, 1);
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
  expect(stateWords({ ...a(1), bypassed: true }, lying, null)).toBe("bypassed");
});
