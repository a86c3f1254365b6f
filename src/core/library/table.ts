import { partTail } from "../engine/units";
import { type CellFault, type Column, lettersOf } from "./column";

/** What became of one column of a file. */
export type ColumnReport = { readonly heading: string } & (
  | {
      readonly type: "taken";
      readonly title: string;
      readonly filled: number;
      readonly faultCount: number;
      /** what stands where a cell was not understood; empty for nothing */ readonly instead: string;
      /** the first few */ readonly faults: readonly {
        readonly row: number;
        readonly text: string;
        readonly fault: CellFault;
      }[];
    }
  | { readonly type: "unknown"; readonly samples: readonly string[] }
  | { readonly type: "repeated"; readonly title: string }
);

export type TableReader<S> = {
  /** Takes the cells of a row of the file; null where there is nothing in it. */
  readonly take: (cells: readonly string[], row: number) => S | null;
  readonly report: () => { readonly columns: readonly ColumnReport[]; readonly absent: readonly Absent[] };
};

/** A column the file does not have, and what stands in its place; empty for nothing. */
export type Absent = { readonly title: string; readonly instead: string };

const keptFaults = 5;
const keptSamples = 3;
const maxShown = 60;

type Slot<S> = {
  readonly heading: string;
  readonly unit: string;
  readonly column: Column<S> | null;
  readonly repeated: boolean;
  filled: number;
  faultCount: number;
  readonly faults: { row: number; text: string; fault: CellFault }[];
  readonly samples: string[];
};

/**
 * Reads a table of cells row by row into sheets, and keeps account of every column: what it was taken for, how
 * many cells it filled, and which it did not understand. Nothing is guessed: a cell not understood leaves its
 * field as in `blank`.
 */
export function readTable<S>(columns: readonly Column<S>[], blank: S, headings: readonly string[]): TableReader<S> {
  const seen = new Set<Column<S>>();
  const slots = headings.map((heading): Slot<S> => {
    const { column, unit } = columnFor(columns, heading);
    const repeated = column !== null && seen.has(column);
    if (column !== null) seen.add(column);
    return { heading: cut(heading), unit, column, repeated, filled: 0, faultCount: 0, faults: [], samples: [] };
  });
  const order = [...slots.keys()].sort(
    (a, b) => Number(slots[a]?.column?.late ?? false) - Number(slots[b]?.column?.late ?? false),
  );
  const missing = new Set(columns.filter((column) => column.written && !seen.has(column)));

  return {
    take: (cells, row) => {
      if (cells.every((cell) => cell.trim() === "")) return null;
      let sheet = blank;
      for (const at of order) {
        const slot = slots[at];
        const text = cells[at] ?? "";
        if (slot === undefined || text.trim() === "") continue;
        if (slot.column === null || slot.repeated) {
          if (slot.samples.length < keptSamples) slot.samples.push(cut(text));
          continue;
        }
        const cell = slot.column.read(text, slot.unit, sheet);
        if (cell.type === "set") {
          sheet = { ...sheet, ...cell.patch };
          slot.filled += 1;
        } else {
          slot.faultCount += 1;
          if (slot.faults.length < keptFaults) slot.faults.push({ row, text: cut(text), fault: cell.fault });
        }
      }
      // a size in one cell fills columns of its own
      for (const column of missing) if (column.write(sheet) !== column.write(blank)) missing.delete(column);
      return sheet;
    },
    report: () => ({
      columns: slots.map(({ heading, column, repeated, filled, faultCount, faults, samples }): ColumnReport => {
        if (column === null) return { heading, type: "unknown", samples };
        return repeated
          ? { heading, type: "repeated", title: column.title }
          : {
              heading,
              type: "taken",
              title: column.title,
              filled,
              faultCount,
              faults,
              instead: String(column.write(blank)),
            };
      }),
      absent: [...missing].map((column) => ({ title: column.title, instead: String(column.write(blank)) })),
    }),
  };
}

/** A table of sheets as rows of cells, headings first. Columns in which no sheet has anything are left out. */
export function writeTable<S>(columns: readonly Column<S>[], sheets: readonly S[]): (string | number)[][] {
  const used = columns.filter(
    (column, k) => column.written && (k === 0 || sheets.some((sheet) => column.write(sheet) !== "")),
  );
  return [used.map(({ title }) => title), ...sheets.map((sheet) => used.map((column) => column.write(sheet)))];
}

/** The column a heading means: its own title, one of its other names, either with a unit in brackets or at the end. */
function columnFor<S>(columns: readonly Column<S>[], heading: string): { column: Column<S> | null; unit: string } {
  const { bare, unit } = partBrackets(heading);
  const named = (words: string) => {
    const wanted = lettersOf(words);
    return wanted === ""
      ? undefined
      : columns.find(
          ({ title, names }) =>
            lettersOf(partBrackets(title).bare) === wanted || names.some((name) => lettersOf(name) === wanted),
        );
  };
  const whole = named(bare);
  if (whole !== undefined) return { column: whole, unit };
  const { head, tail } = partTail(bare.trim(), /[^\s_,]/);
  const shorter = named(head);
  return shorter === undefined ? { column: null, unit: "" } : { column: shorter, unit: tail };
}

/** What stands in brackets at the end of a heading, mostly a unit, and the heading without it. */
function partBrackets(heading: string): { readonly bare: string; readonly unit: string } {
  const tidy = heading.trim();
  const opened = /[)\]]$/.test(tidy) ? Math.max(tidy.lastIndexOf("("), tidy.lastIndexOf("[")) : -1;
  const inside = tidy.slice(opened + 1, -1);
  if (opened < 0 || /[)\]]/.test(inside)) return { bare: heading, unit: "" };
  return { bare: tidy.slice(0, opened), unit: inside.trim() };
}

/** Text of a file, safe to show. */
function cut(words: string): string {
  const tidy = words.replace(/\s+/g, " ").trim();
  return tidy.length > maxShown ? `${tidy.slice(0, maxShown)}…` : tidy;
}
