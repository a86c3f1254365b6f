import { cellTempC, longestClearDay, mounts, namedSky, rossCPerWm2, skyAt, tiltLight } from ".";
import { sunAt, midsummerNoon } from "./sun";

const sumKwhM2 = (latitudeDeg: number) =>
  longestClearDay(latitudeDeg).reduce((sum, { irradianceWm2, hours }) => sum + irradianceWm2 * hours, 0) / 1000;

test("the longest clear day gives 7 to 9 kWh on a flat square metre from the tropics to 57°, as clear midsummer days do", () => {
  for (const latitudeDeg of [23.4, 45, 57, -35]) {
    expect(sumKwhM2(latitudeDeg)).toBeGreaterThan(7);
    expect(sumKwhM2(latitudeDeg)).toBeLessThan(9);
  }
});

test("both halves of the Earth have their own midsummer, and days lengthen towards the pole", () => {
  expect(sumKwhM2(-50)).toBeCloseTo(sumKwhM2(50), 1);
  const daylightHours = (latitudeDeg: number) =>
    longestClearDay(latitudeDeg).reduce((sum, { hours }) => sum + hours, 0);
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
  const climate = { recordLowC: -14, recordHighC: 31, mount: "glued", latitudeDeg: 57, longitudeDeg: null } as const;
  expect(namedSky("coldDawn", climate)).toMatchObject({ irradianceWm2: 1000, cellTempC: -14 });
  expect(namedSky("hotRoof", climate).cellTempC).toBeCloseTo(31 + 56, 10);
  expect(namedSky("brightNoon", climate).cellTempC).toBeCloseTo(20 + 56, 10);
});

test("the sun stands where an almanac has it: at the equinox, noon is as far from the zenith as the place is from the equator", () => {
  const equinox = Date.parse("2026-03-20T14:46:00Z");
  // the moment of the equinox itself: declination 0, sun over the equator; noon there is where the clock says 12 plus the equation of time (7.4 min)
  const longitudeDeg = -(14 + 46 / 60 - 12 - 7.4 / 60) * 15;
  const { zenithDeg, fromNoonDeg } = sunAt(equinox, 66.56, longitudeDeg);
  expect(zenithDeg).toBeCloseTo(66.56, 1);
  expect(Math.abs(fromNoonDeg)).toBeLessThan(0.5);
  expect(sunAt(equinox, -30, longitudeDeg).zenithDeg).toBeCloseTo(30, 1);
  expect(Math.abs(Math.cos((sunAt(equinox, -30, longitudeDeg).fromNoonDeg * Math.PI) / 180) - 1)).toBeLessThan(0.001);
});

test("a panel turned squarely to the sun gets all of its beam; under an even sky only its tilt counts", () => {
  const low = { zenithDeg: 60, fromNoonDeg: 0 };
  expect(tiltLight(60, low, 0)).toBeCloseTo(1, 12);
  expect(tiltLight(0, low, 0)).toBeCloseTo(0.5, 12);
  expect(tiltLight(60, { zenithDeg: 60, fromNoonDeg: 90 }, 0)).toBeCloseTo(0.25, 12);
  expect(tiltLight(-60, low, 0)).toBe(0);
  for (const sun of [low, midsummerNoon(57)]) expect(tiltLight(90, sun, 1)).toBeCloseTo(0.5, 12);
});

test("now: dark by night, brighter in June than in November, in milder air, on either half of the Earth", () => {
  const climate = { recordLowC: -14, recordHighC: 31, mount: "roofGap", latitudeDeg: 57, longitudeDeg: null } as const;
  const now = (iso: string, latitudeDeg = 57) =>
    skyAt("now", { ...climate, latitudeDeg }, { atMs: Date.parse(iso), longitudeDeg: 0 });
  expect(now("2026-11-25T02:00:00Z")).toMatchObject({ irradianceWm2: 0 });
  const [june, november] = [now("2026-06-21T12:00:00Z"), now("2026-11-25T12:00:00Z")];
  expect(june.irradianceWm2).toBeGreaterThan(800);
  expect(november.irradianceWm2).toBeLessThan(250);
  expect(june.airTempC - november.airTempC).toBeGreaterThan(10);
  expect(now("2026-12-21T12:00:00Z", -57).irradianceWm2).toBeCloseTo(june.irradianceWm2, -1);
  expect(skyAt("haze", climate, { atMs: 0, longitudeDeg: 0 })).toMatchObject({ irradianceWm2: 250, diffuseShare: 1 });
});
