import fc from "fast-check";
import { skylineOf } from ".";

const flat = { tiltDeg: 0, azimuthDeg: 180 };
const sunAt = (azimuthDeg: number, elevationDeg: number) => ({ azimuthDeg, elevationDeg });

test("between two points it runs straight, and on over north", () => {
  const { heightDeg } = skylineOf([
    { azimuthDeg: 90, elevationDeg: 10 },
    { azimuthDeg: 270, elevationDeg: 30 },
  ]);
  expect([90, 135, 180, 270, 0, 360, 45].map((azimuth) => Number(heightDeg(azimuth).toFixed(6)))).toEqual([
    10, 15, 20, 30, 20, 20, 15,
  ]);
});

test("of an even skyline all round a flat plane sees the square of its cosine", () => {
  for (const elevationDeg of [10, 30, 60]) {
    const { skyShare } = skylineOf([{ azimuthDeg: 0, elevationDeg }]).seenFrom(flat, sunAt(180, 45));
    expect(skyShare).toBeCloseTo(Math.cos((elevationDeg * Math.PI) / 180) ** 2, 2);
  }
});

test("a skyline never shows more sky than the open, nor a sun that stands behind it", () => {
  const point = fc.record({
    azimuthDeg: fc.integer({ min: 0, max: 360 }),
    elevationDeg: fc.integer({ min: 0, max: 90 }),
  });
  fc.assert(
    fc.property(
      fc.array(point, { maxLength: 8 }),
      fc.integer({ min: 0, max: 90 }),
      fc.integer({ min: 0, max: 359 }),
      (points, tiltDeg, azimuthDeg) => {
        const skyline = skylineOf(points);
        const sun = sunAt(azimuthDeg, 20);
        const seen = skyline.seenFrom({ tiltDeg, azimuthDeg: 200 }, sun);
        expect(seen.skyShare >= 0 && seen.skyShare <= 1 + 1e-9).toBe(true);
        if (points.length > 0) expect(seen.sunSeen).toBe(skyline.heightDeg(azimuthDeg) < 20);
      },
    ),
    { numRuns: 60 },
  );
});
