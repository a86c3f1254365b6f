import { type LogEntry } from "../measurements";
import { readQuantity, type FieldSpec, fieldSpecs } from "../engine/units";

/** A table of readings from elsewhere, read column by column: what each heading was understood as, and what was left. */

const columns = ["when", "watts", "kwh", "volts", "amps", "socPct", "cloud", "airC", "note"] as const;
export type LogColumn = (typeof columns)[number];

/** Words a heading may have, the likelier first; what stands in brackets is its unit and is left to the cell. */
const names: Readonly<Record<LogColumn, RegExp>> = {
  when: /^(at\s*utc|date.*|time.*|when|day|timestamp|datum|zeit)/i,
  kwh: /kwh|energy|yield|ertrag/i,
  watts: /^(watts?|power|pv\s*power|w|leistung|p)\b/i,
  volts: /^(volts?|voltage|v|spannung|pv\s*volt)/i,
  amps: /^(amps?|current|a|strom|pv\s*curr)/i,
  socPct: /(soc|charge|battery|akku)/i,
  cloud: /(sky|cloud|weather|wetter)/i,
  airC: /(air|temp)/i,
  note: /(note|remark|comment|what)/i,
};

export type ColumnRead = { readonly heading: string; readonly as: LogColumn | null };
export type LineFault = {
  readonly line: number;
  readonly column: string;
  readonly value: string;
  readonly problem: string;
};
export type LogTable = {
  readonly columns: readonly ColumnRead[];
  readonly entries: readonly Omit<LogEntry, "id" | "wiringId">[];
  readonly faults: readonly LineFault[];
  /** Dates that can be told two ways were taken with the day first. */ readonly dayFirst: boolean;
};

const wide = (unit: FieldSpec["unit"], least: number, most: number): FieldSpec => ({
  unit,
  min: least,
  max: most,
  whole: false,
});
const specs: Readonly<Record<Exclude<LogColumn, "when" | "cloud" | "note">, FieldSpec>> = {
  watts: wide("W", -100_000, 100_000),
  kwh: wide("", -10_000, 10_000),
  volts: wide("V", -2000, 2000),
  amps: wide("A", -1000, 1000),
  socPct: fieldSpecs.sharePct,
  airC: wide("°C", -60, 60),
};

/** Most lines taken of one table. */
export const maxLines = 20_000;

/**
 * Reads the rows of a table, the first being its headings. `timeOf` makes a moment of local wall time (year, month, day, hour,
 * minute), as the clock of the place has it; a time with Z or an offset is taken as it says.
 */
export function readLogTable(
  rows: readonly (readonly string[])[],
  timeOf: (year: number, month: number, day: number, hour: number, minute: number) => number,
): LogTable {
  const [headings = [], ...lines] = rows;
  const read = readHeadings(headings);
  const at = new Map(read.flatMap(({ as }, k) => (as === null ? [] : [[as, k] as const])));
  const dates = lines.map((line) => line[at.get("when") ?? -1] ?? "");
  const dayFirst = isDayFirst(dates);
  const faults: LineFault[] = [];
  const entries = lines.slice(0, maxLines).flatMap((line, k): Omit<LogEntry, "id" | "wiringId">[] => {
    if (line.every((cell) => cell.trim() === "")) return [];
    const cell = (column: LogColumn) => line[at.get(column) ?? -1]?.trim() ?? "";
    const fault = (column: LogColumn, problem: string) =>
      faults.push({
        line: k + 2,
        column: headings[at.get(column) ?? -1] ?? column,
        value: cell(column).slice(0, 60),
        problem,
      });
    const number = (column: keyof typeof specs): number | null => {
      const reading = readQuantity(cell(column), specs[column]);
      if (reading.type === "value") return reading.value;
      if (reading.type !== "empty") {
        const { min: least, max: most } = specs[column];
        fault(column, `is no number from ${least} to ${most}`);
      }
      return null;
    };
    const atMs = momentOf(cell("when"), dayFirst, timeOf);
    if (atMs === null) {
      fault("when", "is no date");
      return [];
    }
    const before = faults.length;
    const [watts, kwh, volts, amps] = [number("watts"), number("kwh"), number("volts"), number("amps")];
    if (watts === null && kwh === null && (volts === null || amps === null)) {
      if (faults.length === before) fault("watts", "no watts, no kWh, and not both volts and amps");
      return [];
    }
    return [
      {
        kind: "log",
        atUtc: new Date(atMs).toISOString(),
        watts,
        kwh,
        volts,
        amps,
        socPct: number("socPct"),
        cloud: cloudOf(cell("cloud")),
        airC: number("airC"),
        by: "",
        source: "csv",
        note: cell("note").slice(0, 200),
      },
    ];
  });
  const [beyond] = lines.slice(maxLines);
  if (beyond !== undefined)
    faults.unshift({
      line: maxLines + 2,
      column: headings[0] ?? "",
      value: beyond[0]?.slice(0, 60) ?? "",
      problem: `and all after it are left out; allowed: ${maxLines} lines at once`,
    });
  return { columns: read, entries, faults, dayFirst };
}

/** Each heading as what it says; of two that say the same the first. */
function readHeadings(headings: readonly string[]): ColumnRead[] {
  const taken = new Set<LogColumn>();
  return headings.map((heading) => {
    const plain = heading.trim().replace(/^\uFEFF/, "");
    const as = columns.find((column) => !taken.has(column) && names[column].test(plain)) ?? null;
    if (as !== null) taken.add(as);
    return { heading: plain, as };
  });
}

const numeric = /^(\d{1,2})[./-](\d{1,2})[./-](\d{4})(?:[ T,]+(\d{1,2}):(\d{2}))?/;
const isoLike =
  /^(\d{4})[-./](\d{1,2})[-./](\d{1,2})(?:[ T]+(\d{1,2}):(\d{2})(?::\d{2}(?:\.\d+)?)?)?\s*(Z|[+-]\d{2}:?\d{2})?$/;

/** Whether the day comes before the month: by any date that can only be one of the two, else where dots part them. */
function isDayFirst(dates: readonly string[]): boolean {
  for (const text of dates) {
    const [, a, b] = numeric.exec(text.trim()) ?? [];
    if (Number(a) > 12) return true;
    if (Number(b) > 12) return false;
  }
  return !dates.some((text) => text.includes("/"));
}

function momentOf(text: string, dayFirst: boolean, timeOf: Parameters<typeof readLogTable>[1]): number | null {
  const noon = 12;
  const iso = isoLike.exec(text);
  if (iso !== null) {
    const [, year, month, day, hour, minute, zone] = iso;
    if (zone !== undefined) {
      const ms = Date.parse(text.replace(" ", "T"));
      return Number.isFinite(ms) ? ms : null;
    }
    return checked(Number(year), Number(month), Number(day), Number(hour ?? noon), Number(minute ?? 0), timeOf);
  }
  const found = numeric.exec(text);
  if (found === null) return null;
  const [, a, b, year, hour, minute] = found;
  const [day, month] = dayFirst ? [Number(a), Number(b)] : [Number(b), Number(a)];
  return checked(Number(year), month, day, Number(hour ?? noon), Number(minute ?? 0), timeOf);
}

function checked(
  year: number,
  month: number,
  day: number,
  hour: number,
  minute: number,
  timeOf: Parameters<typeof readLogTable>[1],
): number | null {
  const isDay = month >= 1 && month <= 12 && day >= 1 && day <= new Date(Date.UTC(year, month, 0)).getUTCDate();
  return isDay && hour < 24 && minute < 60 && year >= 1990 && year <= 2100
    ? timeOf(year, month, day, hour, minute)
    : null;
}

const clouds: readonly (readonly [RegExp, NonNullable<LogEntry["cloud"]>])[] = [
  [/overcast|covered|rain|bedeckt|regen/i, "overcast"],
  [/broken|partly|scattered|mixed|wechsel/i, "broken"],
  [/haz|thin|veil|dunst/i, "haze"],
  [/clear|sun|blue|klar/i, "clear"],
];

function cloudOf(text: string): LogEntry["cloud"] {
  return clouds.find(([words]) => words.test(text))?.[1] ?? null;
}
