import fc from "fast-check";
import { outsideAir } from "../light";
import { sunPosition } from "../sky";
import { outsideDayWhM2, type TypicalMonths, typicalYear } from ".";
import { clearnessOfDays } from "./clearness";

const months = (of: number) => Array.from({ length: 12 }, () => of);
const typical = (clearness: number): TypicalMonths => ({
  clearness: months(clearness),
  airTempC: months(12),
  dailyRangeK: months(9),
});

test("kinds of day keep the month's mean, run from dull to clear, and the clearest are well above the mean", () => {
  fc.assert(
    fc.property(fc.double({ min: 0.15, max: 0.72, noNaN: true }), (mean) => {
      const days = clearnessOfDays(mean, 10);
      expect(days.reduce((sum, day) => sum + day, 0) / 10).toBeCloseTo(mean, 6);
      expect([...days].sort((a, b) => a - b)).toEqual(days);
      expect(days[0]).toBeGreaterThanOrEqual(0.05 - 1e-9);
      expect((days.at(-1) ?? 0) - mean).toBeGreaterThan(0.02);
    }),
  );
  expect((clearnessOfDays(0.45, 10).at(-1) ?? 0) / 0.45).toBeGreaterThan(1.4);
});

test("a day outside the air is what the sun's own path adds up to, within half a percent", () => {
  for (const latitudeDeg of [-60, -33, 0, 19, 48, 57])
    for (const day of [10, 80, 172, 263, 350]) {
      const midnight = Date.UTC(2025, 0, day);
      const stepH = 1 / 30;
      const byPath = Array.from({ length: 24 / stepH }, (_, k) => {
        const { elevationDeg } = sunPosition(midnight + (k + 0.5) * stepH * 3_600_000, latitudeDeg, 0);
        return stepH * outsideAir(day) * Math.max(0, Math.sin((elevationDeg * Math.PI) / 180));
      }).reduce((sum, each) => sum + each, 0);
      expect(Math.abs(outsideDayWhM2(latitudeDeg, day) / byPath - 1)).toBeLessThan(0.005);
    }
});

test("each month's light on the flat is its clearness times what there is outside the air; no hour is brighter than that", () => {
  fc.assert(
    fc.property(
      fc.double({ min: -75, max: 75, noNaN: true }),
      fc.double({ min: -180, max: 180, noNaN: true }),
      fc.double({ min: 0.2, max: 0.7, noNaN: true }),
      (latitudeDeg, longitudeDeg, clearness) => {
        const site = { latitudeDeg, longitudeDeg, utcOffsetH: Math.round(longitudeDeg / 15) };
        const hours = [...typicalYear(typical(clearness), site)];
        for (let month = 1; month <= 12; month++) {
          const outside = Array.from({ length: 31 }, (_, k) => new Date(Date.UTC(2025, month - 1, k + 1)))
            .filter((date) => date.getUTCMonth() === month - 1)
            .reduce(
              (sum, date) => sum + outsideDayWhM2(latitudeDeg, (date.getTime() - Date.UTC(2025, 0, 0)) / 86_400_000),
              0,
            );
          const flat = hours
            .filter((hour) => hour.month === month)
            .reduce((sum, { light, hours: long }) => sum + long * light.globalWm2, 0);
          // in a polar month without a day like its mean there is hardly any light
          if (outside > 20_000) expect(Math.abs(flat / (clearness * outside) - 1)).toBeLessThan(0.01);
        }
        const odd = hours.filter(
          ({ light: { beamWm2, diffuseWm2, outsideWm2 } }) =>
            !(beamWm2 >= 0 && diffuseWm2 >= 0 && beamWm2 <= 1.15 * outsideWm2),
        );
        expect(odd).toEqual([]);
      },
    ),
    { numRuns: 30 },
  );
});
