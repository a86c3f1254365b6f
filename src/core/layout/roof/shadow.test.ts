import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import fc from "fast-check";
import { type SunPosition } from "../../engine/sky";
import { createShadows, type Obstacle, type PanelShade, type RoofPanel } from ".";

const folder = path.join(__dirname, "../../fixtures/shadow");
type Reference = {
  readonly case: { suns: SunPosition[]; panels: RoofPanel[]; obstacles: Obstacle[] };
  readonly answer: { suns: { panels: PanelShade[] }[] };
};

test.each(readdirSync(folder))("%s: every share within the bar of 0.02 of what was worked out elsewhere", (file) => {
  const { case: given, answer } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as Reference;
  const shadows = createShadows(given.panels, given.obstacles);
  for (const [k, sun] of given.suns.entries())
    for (const [n, found] of shadows(sun).entries()) {
      const due = answer.suns[k]?.panels[n];
      const apart = found.substrings.flatMap(({ lit, worstCellLit }, part) => [
        Math.abs(lit - (due?.substrings[part]?.lit ?? Infinity)),
        Math.abs(worstCellLit - (due?.substrings[part]?.worstCellLit ?? Infinity)),
      ]);
      expect(found.id).toBe(due?.id);
      expect(Math.max(Math.abs(found.lit - (due?.lit ?? Infinity)), ...apart)).toBeLessThan(0.003);
    }
});

const panel: RoofPanel = {
  id: "a",
  xMm: 0,
  yMm: 0,
  zMm: 40,
  alongMm: 1000,
  acrossMm: 600,
  turnDeg: 0,
  tiltDeg: 0,
  tiltTowardsDeg: 0,
  cellsAlong: 10,
  cellsAcross: 6,
  substrings: 3,
};
const box = (zMm: number, more: Partial<Extract<Obstacle, { type: "box" }>> = {}): Obstacle => ({
  type: "box",
  xMm: 0,
  yMm: 0,
  zMm,
  lengthMm: 400,
  widthMm: 300,
  turnDeg: 0,
  heightMm: 100,
  ...more,
});
const litUnder = (sun: SunPosition, obstacles: Obstacle[], more: Partial<RoofPanel> = {}) =>
  createShadows([{ ...panel, ...more }], obstacles)(sun)[0]?.lit ?? Number.NaN;
const overhead = { azimuthDeg: 0, elevationDeg: 90 };

test("under a sun overhead a box shades what it covers, floating or not; from below it shades nothing", () => {
  const covered = 1 - (400 * 300) / (1000 * 600);
  expect(litUnder(overhead, [box(40)])).toBeCloseTo(covered, 9);
  expect(litUnder(overhead, [box(3000)])).toBeCloseTo(covered, 9);
  expect(litUnder(overhead, [box(-60, { heightMm: 90 })])).toBe(1);
  // the panel goes through it: what lies inside is dark
  expect(litUnder(overhead, [box(0)])).toBeCloseTo(covered, 9);
  // twice the same shadow is one shadow
  expect(litUnder(overhead, [box(100), box(900), box(500)])).toBeCloseTo(covered, 9);
});

test("a sun that is down, or behind the panel, lights nothing", () => {
  expect(litUnder({ azimuthDeg: 180, elevationDeg: -1 }, [])).toBe(0);
  expect(litUnder({ azimuthDeg: 0, elevationDeg: 20 }, [], { tiltDeg: 60, tiltTowardsDeg: 180 })).toBe(0);
  expect(litUnder({ azimuthDeg: 180, elevationDeg: 20 }, [], { tiltDeg: 60, tiltTowardsDeg: 180 })).toBe(1);
});

test("whatever stands where, more of it never lets more light through, and shares stay shares", () => {
  const whole = (min: number, max: number) => fc.integer({ min, max });
  const some: fc.Arbitrary<Obstacle> = fc.oneof(
    fc.record({
      type: fc.constant("box" as const),
      xMm: whole(-900, 900),
      yMm: whole(-900, 900),
      zMm: whole(0, 300),
      lengthMm: whole(10, 900),
      widthMm: whole(10, 900),
      turnDeg: whole(0, 359),
      heightMm: whole(10, 600),
    }),
    fc.record({
      type: fc.constant("pole" as const),
      xMm: whole(-900, 900),
      yMm: whole(-900, 900),
      radiusMm: whole(10, 100),
      zMm: whole(0, 50),
      heightMm: whole(100, 2000),
    }),
  );
  fc.assert(
    fc.property(
      fc.array(some, { minLength: 1, maxLength: 6 }),
      whole(0, 359),
      whole(1, 89),
      whole(0, 60),
      (all, azimuthDeg, elevationDeg, tiltDeg) => {
        const sun = { azimuthDeg, elevationDeg };
        const shade = (obstacles: readonly Obstacle[]) =>
          createShadows([{ ...panel, tiltDeg, tiltTowardsDeg: 120, turnDeg: 30 }], obstacles)(sun)[0]?.substrings ?? [];
        const [fewer, more] = [shade(all.slice(1)), shade(all)];
        for (const [k, { lit, worstCellLit }] of more.entries()) {
          expect(lit >= -1e-9 && lit <= 1 && worstCellLit <= lit + 1e-9).toBe(true);
          expect(lit).toBeLessThanOrEqual((fewer[k]?.lit ?? 0) + 1e-6);
        }
      },
    ),
    { numRuns: 60 },
  );
});
