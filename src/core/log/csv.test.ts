import { readLogTable } from ".";
import { maxLines } from "./csv";

const utc = (year: number, month: number, day: number, hour: number, minute: number) =>
  Date.UTC(year, month - 1, day, hour, minute);
const read = (...lines: readonly string[]) =>
  readLogTable(
    lines.map((line) => line.split(";")),
    utc,
  );

test("columns go by their headings, whatever their order and unit", () => {
  const { columns, entries, faults } = read(
    "Battery (%);Date;PV power;Sky;Yield today (kWh);Serial",
    "81;2026-05-01 12:30;412,5;partly cloudy;1.31;x7",
    ";02.05.2026;300;sunny;;",
  );
  expect(columns.map(({ as }) => as)).toEqual(["socPct", "when", "watts", "cloud", "kwh", null]);
  expect(faults).toEqual([]);
  expect(entries).toMatchObject([
    { atUtc: "2026-05-01T12:30:00.000Z", watts: 412.5, socPct: 81, cloud: "broken", kwh: 1.31, source: "csv" },
    { atUtc: "2026-05-02T12:00:00.000Z", watts: 300, socPct: null, cloud: "clear", kwh: null },
  ]);
});

test.each<[string, string[], string]>([
  ["by one that can only be a day", ["03/04/2026", "25/04/2026"], "2026-04-03"],
  ["by one that can only be after the month", ["03/04/2026", "04/25/2026"], "2026-03-04"],
  ["by dots", ["03.04.2026"], "2026-04-03"],
  ["by slashes", ["03/04/2026"], "2026-03-04"],
])("a date that can be told two ways is told %s", (_, dates, first) => {
  const { entries } = read("Date;Watts", ...dates.map((date) => `${date};100`));
  expect(entries[0]?.atUtc.slice(0, 10)).toBe(first);
});

test("a time with its zone is taken as it says", () => {
  const { entries } = read("Time;W", "2026-05-01T12:30:00+02:00;1", "2026-05-01T10:30:00Z;2");
  expect(entries.map(({ atUtc }) => atUtc)).toEqual(["2026-05-01T10:30:00.000Z", "2026-05-01T10:30:00.000Z"]);
});

test("what cannot be read is told with its line and column, and the other lines are taken", () => {
  const { entries, faults } = read(
    "Date;Watts;Volts;Amps",
    "31.02.2026;100;;",
    "01.05.2026;many;;",
    "01.05.2026;;34;5",
    "02.05.2026;;34;",
    "",
    "03.05.2026;250;900000;",
  );
  expect(entries.map(({ watts, volts }) => [watts, volts])).toEqual([
    [null, 34],
    [250, null],
  ]);
  expect(faults.map(({ line, column, value }) => [line, column, value])).toEqual([
    [2, "Date", "31.02.2026"],
    [3, "Watts", "many"],
    [5, "Watts", ""],
    [7, "Volts", "900000"],
  ]);
});

test("a table longer than may be is cut aloud", () => {
  const long = Array.from({ length: maxLines + 3 }, () => "2026-05-01;1");
  const { entries, faults } = read("Date;Watts", ...long);
  expect(entries).toHaveLength(maxLines);
  expect(faults[0]).toMatchObject({
    line: maxLines + 2,
    problem: expect.stringContaining("all after it are left out"),
  });
});
