import fc from "fast-check";
import { drain } from "@/core/engine/generators";
import { type Ground } from "../placement-candidates";
import { allLight, type FillKind, fillSurface } from ".";

const corners = (...points: readonly (readonly [number, number])[]) => points.map(([xMm, yMm]) => ({ xMm, yMm }));
const rectangle = (x: number, y: number, wide: number, deep: number) =>
  corners([x, y], [x + wide, y], [x + wide, y + deep], [x, y + deep]);
const polygonOf = (of: ReturnType<typeof corners>) => of.map(({ xMm, yMm }) => [xMm, yMm] as const);
const fill = (ground: Ground, kinds: readonly FillKind[], seamMm = 0, tries = 200_000) =>
  drain(fillSurface({ ground, kinds, seamMm, kept: allLight, ways: "any" }, tries));

/** A roof of unit squares, some taken; the most watts of all ways to lay kinds on whole squares, by trying all of them. */
function bruteForce(wide: number, deep: number, taken: ReadonlySet<number>, kinds: readonly Unit[]): number {
  const squares = Array.from({ length: wide * deep }, (_, at) => taken.has(at));
  const from = (at: number, counts: readonly number[]): number => {
    if (at >= wide * deep) return 0;
    if (squares[at] === true) return from(at + 1, counts);
    // nothing begins here: of it alone, or of any panel
    squares[at] = true;
    let best = from(at + 1, counts);
    squares[at] = false;
    const [x, y] = [at % wide, Math.floor(at / wide)];
    for (const [k, kind] of kinds.entries())
      for (const [w, d] of kind.long === kind.short
        ? [[kind.long, kind.short]]
        : [
            [kind.long, kind.short],
            [kind.short, kind.long],
          ]) {
        const covered = Array.from(
          { length: (w ?? 0) * (d ?? 0) },
          (_, c) => at + (c % (w ?? 1)) + Math.floor(c / (w ?? 1)) * wide,
        );
        const fits = x + (w ?? 0) <= wide && y + (d ?? 0) <= deep && covered.every((each) => squares[each] === false);
        if (!fits || (counts[k] ?? 0) <= 0) continue;
        for (const each of covered) squares[each] = true;
        best = Math.max(best, kind.watts + from(at + 1, counts.with(k, (counts[k] ?? 0) - 1)));
        for (const each of covered) squares[each] = false;
      }
    return best;
  };
  return from(
    0,
    kinds.map(({ count }) => count ?? 99),
  );
}
type Unit = { readonly long: number; readonly short: number; readonly watts: number; readonly count: number | null };

test("on a small grid it lays as many watts as trying every way does, and proves it", () => {
  const unit = 300;
  const kind: fc.Arbitrary<Unit> = fc
    .record({
      a: fc.integer({ min: 1, max: 3 }),
      b: fc.integer({ min: 1, max: 2 }),
      watts: fc.integer({ min: 20, max: 200 }),
      count: fc.option(fc.integer({ min: 1, max: 4 })),
    })
    .map(({ a, b, ...rest }) => ({ long: Math.max(a, b), short: Math.min(a, b), ...rest }));
  fc.assert(
    fc.property(
      fc.integer({ min: 2, max: 5 }),
      fc.integer({ min: 2, max: 4 }),
      fc.array(fc.nat(19), { maxLength: 4 }),
      fc.array(kind, { minLength: 1, maxLength: 2 }),
      (wide, deep, holes, kinds) => {
        const taken = new Set(holes.filter((at) => at < wide * deep));
        const ground: Ground = {
          outline: rectangle(0, 0, wide * unit, deep * unit),
          taken: [...taken].map((at) =>
            polygonOf(rectangle((at % wide) * unit, Math.floor(at / wide) * unit, unit, unit)),
          ),
          zones: [],
        };
        const asked = kinds.map(({ long, short, watts, count }, k) => ({
          panelId: `k${k}`,
          lengthMm: long * unit,
          widthMm: short * unit,
          watts,
          count,
        }));
        const { watts, proved, boundW } = fill(ground, asked, 0, 2_000_000);
        expect(watts).toBe(bruteForce(wide, deep, taken, kinds));
        expect([proved, boundW]).toEqual([true, watts]);
      },
    ),
    { numRuns: 60 },
  );
});
