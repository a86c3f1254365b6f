import { createRandom, runs, randomScenario } from "@/testing";
import { createBench, diagnose, nextChecks, type Place, type Reading } from ".";

/** One reading at a time, as one walks: what is proposed next narrows it down until one cause is left. */
test("from what the input shows alone, a few proposed readings lead to the cause", () => {
  const first = Number(process.env["GOLDEN_ARRAY_SEED"] ?? 1);
  const taken: number[] = [];
  let right = 0;
  const count = runs(4);
  for (let seed = first; seed < first + count; seed++) {
    const { tree, sky, readings, window, cause, at } = randomScenario(createRandom(seed));
    const start = readings.filter((reading) => reading.at.type === "input");
    let known: Reading[] = start;
    let steps = 0;
    for (; steps < maxSteps; steps++) {
      const [best] = diagnose(tree, sky, known, window).causes;
      if ((best?.share ?? 0) > sure) break;
      const next = nextChecks(tree, sky, known, window).find(
        ({ at: place, quantity }) => valueAt(readings, place, quantity) !== null,
      );
      if (next === undefined || next.bits < 0.01) break;
      known = withReading(known, next.at, next.quantity, valueAt(readings, next.at, next.quantity));
    }
    taken.push(steps);
    const [best] = diagnose(tree, sky, known, window).causes;
    if (best?.id === cause && at.includes(best.at)) right += 1;
  }
  if (process.env["GOLDEN_ARRAY_COUNTS"] !== undefined)
    process.stdout.write(`${taken.join(" ")}: ${right} of ${count} right\n`);
  expect(taken.reduce((sum, each) => sum + each, 0) / count).toBeLessThanOrEqual(4);
  expect(right).toBeGreaterThanOrEqual(0.75 * count);
});
const sure = 0.9;
const maxSteps = 12;

function valueAt(
  readings: readonly Reading[],
  place: Place,
  quantity: "openV" | "shortA" | "runV" | "runA",
): number | null {
  return readings.find((reading) => JSON.stringify(reading.at) === JSON.stringify(place))?.[quantity] ?? null;
}

function withReading(
  known: readonly Reading[],
  at: Place,
  quantity: "openV" | "shortA" | "runV" | "runA",
  value: number | null,
): Reading[] {
  const blank: Reading = { at, openV: null, shortA: null, runV: null, runA: null, displayW: null, batterySoc: null };
  const before = known.find((reading) => JSON.stringify(reading.at) === JSON.stringify(at));
  return [...known.filter((reading) => reading !== before), { ...(before ?? blank), [quantity]: value }];
}

test("what was taken is not proposed again, and nothing is expected to know less after a reading", () => {
  const { tree, sky, readings, window } = randomScenario(createRandom(3));
  const start = readings.filter((reading) => reading.at.type === "input");
  const checks = nextChecks(tree, sky, start, window);
  expect(checks.some(({ at, quantity }) => at.type === "input" && (quantity === "runV" || quantity === "runA"))).toBe(
    false,
  );
  for (const { bits } of checks) expect(bits).toBeGreaterThan(-1e-9);
  expect(createBench(tree, window).leaves.length).toBeGreaterThan(0);
});
