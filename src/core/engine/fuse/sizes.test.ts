import { assumedFuseA, batteryFuseA, chargingV, fuseSizeA, lowFuseClass, pvFuseClass, voltClass } from ".";

/** Worked out by hand from NEC 690.8, 690.9 and 210.20(A), and from the sizes gPV fuses are sold in (IEC 60269-6). */
test.each([
  [9.85, 20, 20],
  [9.85, 15, null],
  [9.6, 15, 15],
  [6.4, 10, 10],
  [6.5, 10, null],
  [6.5, 12, 12],
  [5.13, 15, 10],
  [12.9, 25, 25],
  [19.3, 30, null],
])("a string of %d A on panels of %d A: %p A fuse", (iscA, ratingA, sizeA) => {
  expect(fuseSizeA(iscA, ratingA)).toBe(sizeA);
});

test.each([
  [30, 40],
  [40, 50],
  [60, 80],
  [100, 125],
  [240, 300],
  [241, null],
])("a controller of %d A has a battery fuse of %p A", (outputA, sizeA) => {
  expect(batteryFuseA(outputA)).toBe(sizeA);
});

test("classes of volts are never below what they stand at", () => {
  expect([60, 60.1, 150, 601, 1501].map(voltClass)).toEqual([60, 150, 150, 1000, null]);
  expect([999, 1000, 1001, 1501].map(pvFuseClass)).toEqual([1000, 1000, 1500, null]);
  expect([14.6, 32.1, 58.4, 81].map(lowFuseClass)).toEqual([32, 58, 80, null]);
  expect([12, 12.8, 24, 25.6, 48, 51.2].map(chargingV).map((volts) => volts.toFixed(1))).toEqual([
    "14.6",
    "14.6",
    "29.2",
    "29.2",
    "58.4",
    "58.4",
  ]);
  expect([assumedFuseA(49), assumedFuseA(50)]).toEqual([10, 15]);
});
