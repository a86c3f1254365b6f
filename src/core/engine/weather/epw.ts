import { type WeatherHour, type WeatherPlace, type WeatherYear } from "./year";

/**
 * Reading of an EPW weather file (EnergyPlus Weather, an open format; Auxiliary Programs, "Weather Data Format"). What is
 * wrong is told by its line and its field.
 */
export type EpwReading =
  | { readonly type: "weather"; readonly year: WeatherYear }
  | { readonly type: "fault"; readonly line: number; readonly field: string; readonly problem: string };

/** Larger than any such file, of which a year has about 1.6 million letters. */
export const maxEpwBytes = 8_000_000;
/** A leap year's hours. */
const maxHours = 8784;
const yearHours = 8760;
const maxHeaderLines = 20;
const maxLineLetters = 4000;
/** Columns up to the diffuse light, of 35; writers leave out some of the last. */
const minColumns = 16;
const missingLightWm2 = 9999;
const missingAirC = 99.9;

class Fault extends Error {
  constructor(
    readonly line: number,
    readonly field: string,
    problem: string,
  ) {
    super(problem);
  }
}

export function readEpw(text: string): EpwReading {
  try {
    return { type: "weather", year: toYear(text) };
  } catch (error) {
    if (error instanceof Fault) return { type: "fault", line: error.line, field: error.field, problem: error.message };
    throw error;
  }
}

function toYear(text: string): WeatherYear {
  if (text.length > maxEpwBytes) throw new Fault(1, "file", `${text.length} letters; allowed: up to ${maxEpwBytes}`);
  const lines = text.replace(/^\ufeff/, "").split(/\r\n|\n|\r/);
  const place = toPlace(lines[0] ?? "");
  const periods = lines.findIndex((line, k) => k < maxHeaderLines && /^DATA PERIODS\s*,/i.test(line));
  if (periods < 0)
    throw new Fault(
      1,
      "DATA PERIODS",
      `not among the first ${maxHeaderLines} lines, where the header of such a file ends`,
    );
  const perHour = (lines[periods] ?? "").split(",")[2]?.trim();
  if (perHour !== "1") throw new Fault(periods + 1, "records per hour", `"${cut(perHour)}"; allowed: 1`);
  const hours: WeatherHour[] = [];
  for (let k = periods + 1; k < lines.length; k++) {
    const line = lines[k] ?? "";
    if (line.trim() === "") continue;
    if (hours.length === maxHours)
      throw new Fault(k + 1, "row", `more than ${maxHours} hours; a year has ${yearHours}`);
    hours.push(toHour(line, k + 1, hours.at(-1)?.airTempC ?? null));
  }
  if (hours.length < yearHours)
    throw new Fault(lines.length, "row", `${hours.length} hours; allowed: a whole year, ${yearHours} or ${maxHours}`);
  return { place, hours };
}

function toPlace(line: string): WeatherPlace {
  const cells = line.split(",");
  if (cells[0]?.trim().toUpperCase() !== "LOCATION")
    throw new Fault(
      1,
      "LOCATION",
      `the file begins with "${cut(cells[0])}"; a weather file of this kind begins with LOCATION`,
    );
  const number = (at: number, field: string, least: number, most: number) => bounded(cells[at], 1, field, least, most);
  return {
    name: [cells[1], cells[3]]
      .map((part) => (part ?? "").trim())
      .filter((part) => part !== "" && part !== "-")
      .join(", ")
      .slice(0, 120),
    latitudeDeg: number(6, "latitude", -90, 90),
    longitudeDeg: number(7, "longitude", -180, 180),
    utcOffsetH: number(8, "time zone", -12, 14),
    elevationM: number(9, "elevation", -1000, 9999.9),
  };
}

function toHour(line: string, at: number, airBefore: number | null): WeatherHour {
  if (line.length > maxLineLetters)
    throw new Fault(at, "row", `${line.length} letters; allowed: up to ${maxLineLetters}`);
  const cells = line.split(",");
  if (cells.length < minColumns)
    throw new Fault(at, "row", `${cells.length} columns; a row has 35, of which at least ${minColumns} are needed`);
  const whole = (column: number, field: string, least: number, most: number) => {
    const value = bounded(cells[column], at, field, least, most);
    if (!Number.isInteger(value)) throw new Fault(at, field, `${value}; allowed: a whole number`);
    return value;
  };
  const light = (column: number, field: string) => {
    const value = bounded(cells[column], at, field, 0, 1e6);
    return value >= missingLightWm2 ? null : value;
  };
  const month = whole(1, "month", 1, 12);
  const air = bounded(cells[6], at, "dry bulb temperature", -90, missingAirC);
  // an hour without its air has that of the hour before
  const airTempC = air < missingAirC ? air : airBefore;
  if (airTempC === null)
    throw new Fault(at, "dry bulb temperature", "missing in the first hour; a number is needed there");
  return {
    year: whole(0, "year", 1800, 2200),
    month,
    day: whole(2, "day", 1, daysOf[month - 1] ?? 31),
    hour: whole(3, "hour", 1, 24),
    airTempC,
    globalWm2: light(13, "global horizontal radiation"),
    beamWm2: light(14, "direct normal radiation"),
    diffuseWm2: light(15, "diffuse horizontal radiation"),
  };
}

const daysOf = [31, 29, 31, 30, 31, 30, 31, 31, 30, 31, 30, 31];

/** A number as such files write them: digits, a point, a sign, maybe an exponent. */
const number = /^[+-]?(?:\d{1,12}(?:\.\d{0,12})?|\.\d{1,12})(?:[eE][+-]?\d{1,3})?$/;

function bounded(cell: string | undefined, line: number, field: string, least: number, most: number): number {
  const text = (cell ?? "").trim();
  const value = Number(text);
  if (!number.test(text) || !(value >= least && value <= most))
    throw new Fault(line, field, `"${cut(text)}"; allowed: a number from ${least} to ${most}`);
  return value;
}

function cut(text: string | undefined): string {
  return (text ?? "").slice(0, 40);
}
