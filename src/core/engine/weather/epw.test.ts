import { readFileSync } from "node:fs";
import path from "node:path";
import { gunzipSync } from "node:zlib";
import fc from "fast-check";
import { runs } from "@/testing";
import { lightOfHour } from "./light";
import { readEpw } from ".";

/** A made-up year. */
const text = gunzipSync(readFileSync(path.join(__dirname, "../../fixtures/harvest/north-firth.epw.gz"))).toString(
  "latin1",
);
const lines = text.split("\n");

/** The file with one cell of one line written over. */
function withCell(line: number, column: number, cell: string): string {
  const changed = (lines[line - 1] ?? "").split(",").map((old, k) => (k === column ? cell : old));
  return [...lines.slice(0, line - 1), changed.join(","), ...lines.slice(line)].join("\n");
}

function yearOf(of: string) {
  const reading = readEpw(of);
  if (reading.type !== "weather") throw new Error(`line ${reading.line}, ${reading.field}: ${reading.problem}`);
  return reading.year;
}

test("a year is read with its place and clock, however its lines end and wherever it was written", () => {
  const year = yearOf(text);
  expect(year.place).toEqual({
    name: "North Firth",
    latitudeDeg: 57.2,
    longitudeDeg: -3.1,
    utcOffsetH: 0,
    elevationM: 60,
  });
  expect(year.hours.length).toBe(8760);
  expect(year.hours[0]).toMatchObject({ month: 1, day: 1, hour: 1, airTempC: 2.2, globalWm2: 0 });
  // a typical year is made of months of several years
  expect(yearOf(withCell(30, 0, "1998")).hours[21]?.year).toBe(1998);
  expect(yearOf(`\ufeff${lines.join("\r\n")}\r\n\r\n`)).toEqual(year);
});

test("what is missing is said to be missing: light as null, air as in the hour before", () => {
  expect(yearOf(withCell(30, 13, "9999")).hours[21]?.globalWm2).toBeNull();
  const year = yearOf(withCell(30, 6, "99.9"));
  expect(year.hours[21]?.airTempC).toBe(year.hours[20]?.airTempC);
});

test("of three lights one that is missing follows from the others; with two missing the hour is dark", () => {
  const place = { utcOffsetH: 0, latitudeDeg: 57.2, longitudeDeg: -3.1 };
  const hour = { year: 2011, month: 6, day: 21, hour: 13, airTempC: 15 };
  const whole = { ...hour, globalWm2: 700, beamWm2: 600, diffuseWm2: 200 };
  const { sun } = lightOfHour(whole, place, place) ?? { sun: { elevationDeg: Number.NaN } };
  const onFlat = Math.sin((sun.elevationDeg * Math.PI) / 180);
  expect(lightOfHour({ ...whole, globalWm2: null }, place, place)?.globalWm2).toBeCloseTo(600 * onFlat + 200, 6);
  expect(lightOfHour({ ...whole, diffuseWm2: null }, place, place)?.diffuseWm2).toBeCloseTo(700 - 600 * onFlat, 6);
  expect(lightOfHour({ ...whole, beamWm2: null }, place, place)?.beamWm2).toBeCloseTo(500 / onFlat, 6);
  expect(lightOfHour({ ...whole, beamWm2: null, diffuseWm2: null }, place, place)).toBeNull();
});

test.each<[string, string, number, string, RegExp]>([
  ["another kind of file", "{}", 1, "LOCATION", /begins with LOCATION/],
  ["nothing", "", 1, "LOCATION", /./],
  ["no end of the header", lines.filter((line) => !line.startsWith("DATA PERIODS")).join("\n"), 1, "DATA PERIODS", /./],
  ["half hours", withCell(8, 2, "2"), 8, "records per hour", /"2"; allowed: 1/],
  ["a place off the Earth", withCell(1, 6, "97"), 1, "latitude", /"97"; allowed: a number from -90 to 90/],
  ["a word for a number", withCell(100, 14, "bright"), 100, "direct normal radiation", /"bright"/],
  ["no number at all", withCell(100, 6, "NaN"), 100, "dry bulb temperature", /"NaN"/],
  ["a thirteenth month", withCell(100, 1, "13"), 100, "month", /1 to 12/],
  ["a row cut short", [...lines.slice(0, 99), "2011,1,4", ...lines.slice(100)].join("\n"), 100, "row", /3 columns/],
  ["half a year", lines.slice(0, 4000).join("\n"), 4000, "row", /3992 hours; allowed: a whole year/],
  ["a year and more", `${text}${lines.slice(8).join("\n")}`, 8793, "row", /more than 8784/],
])("%s is refused with its line and field", (_, of, line, field, problem) => {
  const reading = readEpw(of);
  expect(reading).toMatchObject({ type: "fault", line, field });
  if (reading.type === "fault") expect(reading.problem).toMatch(problem);
});

test("whatever stands in a cell, the file is read or refused, and every number of it is one", () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 9, max: 8768 }),
      fc.integer({ min: 0, max: 20 }),
      fc.string(),
      (line, column, cell) => {
        const reading = readEpw(withCell(line, column, cell.replaceAll(/[\r\n]/g, "")));
        if (reading.type === "fault") return expect(reading.line).toBe(line);
        const { month, airTempC, globalWm2 } = reading.year.hours[line - 9] ?? { month: 0, airTempC: 0, globalWm2: 0 };
        expect([month, airTempC, globalWm2 ?? 0].every(Number.isFinite)).toBe(true);
      },
    ),
    { numRuns: runs(20) },
  );
});
