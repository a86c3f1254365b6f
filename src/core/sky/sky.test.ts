import { cellTempC, longestClearDay, mounts, namedSky, rossCPerWm2 } from ".";

const sumKwhM2 = (latitudeDeg: number) => longestClearDay(latitudeDeg).reduce((sum, { irradianceWm2, hours }) => sum + irradianceWm2 * hours, 0) / 1000;

test("the longest clear day gives 7 to 9 kWh on a flat square metre from the tropics to 57°, as clear midsummer days do", () => {
  for (const latitudeDeg of [23.4, 45, 57, -35]) {
    expect(sumKwhM2(latitudeDeg)).toBeGreaterThan(7);
    expect(sumKwhM2(latitudeDeg)).toBeLessThan(9);
  }
});

test("both halves of the Earth have their own midsummer, and days lengthen towards the pole", () => {
  expect(sumKwhM2(-50)).toBeCloseTo(sumKwhM2(50), 1);
  const daylightHours = (latitudeDeg: number) => longestClearDay(latitudeDeg).reduce((sum, { hours }) => sum + hours, 0);
  expect(daylightHours(57)).toBeGreaterThan(17);
  expect(daylightHours(57)).toBeLessThan(18.5);
  expect(daylightHours(23)).toBeLessThan(14);
});

test("the sun at its highest is under 1100 W/m², and never negative", () => {
  const samples = longestClearDay(23.4).map(({ irradianceWm2 }) => irradianceWm2);
  expect(Math.max(...samples)).toBeLessThan(1100);
  expect(Math.max(...samples)).toBeGreaterThan(1000);
  expect(Math.min(...samples)).toBeGreaterThanOrEqual(0);
});

test("cells warm with sun by their mount, least where air flows, most where glued", () => {
  expect(cellTempC(31, 1000, "roofGap")).toBeCloseTo(69, 10);
  const warming = mounts.map((mount) => rossCPerWm2[mount]);
  expect([...warming].sort((a, b) => a - b)).toEqual(warming);
});

test("at the coldest dawn cells are as cold as the air; on a hot roof they are not", () => {
  const climate = { recordLowC: -14, recordHighC: 31, mount: "glued" } as const;
  expect(namedSky("coldDawn", climate)).toMatchObject({ irradianceWm2: 1000, cellTempC: -14 });
  expect(namedSky("hotRoof", climate).cellTempC).toBeCloseTo(31 + 56, 10);
  expect(namedSky("brightNoon", climate).cellTempC).toBeCloseTo(20 + 56, 10);
});
