import Papa from "papaparse";
import {
  type Absent,
  blankLine,
  type Column,
  type ColumnReport,
  devicesOf,
  heldBy,
  type FileFault,
  maxColumns,
  maxSheets,
  panelColumns,
  portColumns,
  readLibraryText,
  readTable,
  type Refused,
  type Sheets,
} from "@/core/library";
import { blankLabel, deviceSchema, labelSchema } from "@/core/plan";
import { type Job } from "../rpc";

export type ShelfName = "panels" | "inputs";

export type ReadInput = {
  readonly text: string;
  /** what rows of a table are; JSON says so itself */ readonly shelf: ShelfName;
};
export type ReadProgress = { readonly rows: number; /** of the file, 0 to 1 */ readonly share: number };

/** What was in a file. `columns` is null for JSON, which has none. */
export type FileContents = {
  readonly sheets: Sheets;
  readonly refused: readonly Refused[];
  readonly columns: readonly ColumnReport[] | null;
  readonly absent: readonly Absent[];
  readonly rows: number;
};

export type LibraryRead =
  | { readonly type: "contents"; readonly contents: FileContents }
  | { readonly type: "fault"; readonly fault: FileFault };

/** Rows between two words of progress. */
const stride = 250;

/** Reads a file of the library: its contents, or why there are none. */
export const readLibrary: Job<ReadInput, ReadProgress, LibraryRead> = function* ({ text, shelf }) {
  const read = text.trimStart().startsWith("{") ? readJson(text) : yield* readCsv(text, shelf);
  return "sheets" in read ? { type: "contents", contents: read } : { type: "fault", fault: read };
};

function readJson(text: string): FileContents | FileFault {
  const reading = readLibraryText(text);
  if (reading.type !== "library") return reading;
  const { sheets, refused } = reading;
  return {
    sheets,
    refused,
    columns: null,
    absent: [],
    rows: sheets.panels.length + sheets.inputs.length + refused.length,
  };
}

type Reading<T> = Generator<ReadProgress, T, void>;

function* readCsv(text: string, shelf: ShelfName): Reading<FileContents | FileFault> {
  if (text.trim() === "") return { type: "empty" };
  if (text.includes("\u0000")) return { type: "notText" };
  return yield* shelf === "panels" ? panelsOf(text) : inputsOf(text);
}

function* panelsOf(text: string): Reading<FileContents | FileFault> {
  const table = yield* rowsOf(text, panelColumns, blankLabel(""));
  if ("type" in table) return table;
  const refused: Refused[] = [];
  const panels = heldBy(labelSchema, table.sheets, "", refused);
  return {
    sheets: { panels, inputs: [] },
    refused: refused.map((one) => ({ ...one, at: table.rowOf[one.at - 1] ?? one.at })),
    ...table.report,
    rows: table.sheets.length,
  };
}

function* inputsOf(text: string): Reading<FileContents | FileFault> {
  const table = yield* rowsOf(text, portColumns, blankLine);
  if ("type" in table) return table;
  const refused: Refused[] = [];
  const devices = devicesOf(table.sheets);
  const inputs = heldBy(
    deviceSchema,
    devices.map(({ sheet }) => sheet),
    "",
    refused,
  );
  return {
    sheets: { panels: [], inputs },
    refused: refused.map((one) => ({ ...one, at: table.rowOf[devices[one.at - 1]?.first ?? 0] ?? one.at })),
    ...table.report,
    rows: table.sheets.length,
  };
}

type Table<S> = {
  readonly sheets: readonly S[];
  /** the row of the file each came from */ readonly rowOf: readonly number[];
  readonly report: Pick<FileContents, "columns" | "absent">;
};

/** Rows of a file as sheets. */
function* rowsOf<S>(text: string, columns: readonly Column<S>[], blank: S): Reading<Table<S> | FileFault> {
  const cut = cellsOf(text);
  if ("type" in cut) return cut;
  const [head, ...rows] = cut.rows;
  if (head === undefined) return { type: "empty" };
  const reader = readTable(columns, blank, head.cells);
  if (reader.report().columns.every(({ type }) => type === "unknown"))
    return { type: "noHeadings", headings: head.cells.slice(0, 6).map((cell) => cell.slice(0, 40)) };
  const sheets: S[] = [];
  const rowOf: number[] = [];
  for (const [k, { row, cells }] of rows.entries()) {
    const sheet = reader.take(cells, row);
    if (sheet !== null) {
      sheets.push(sheet);
      rowOf.push(row);
    }
    if ((k + 1) % stride === 0) yield { rows: row, share: (k + 1) / rows.length };
  }
  return { sheets, rowOf, report: reader.report() };
}

/** A row with something in it, and which of the file it is. */
type Row = { readonly row: number; readonly cells: readonly string[] };

/** A file cut into rows and cells. The separator is found by itself: comma, semicolon or tab. */
function cellsOf(text: string): { readonly rows: readonly Row[] } | FileFault {
  let fault: FileFault | null = null;
  let row = 0;
  const rows: Row[] = [];
  Papa.parse<string[]>(text, {
    skipEmptyLines: false,
    step: ({ data: cells, errors }, parser) => {
      row += 1;
      if (errors.some(({ type }) => type === "Quotes")) fault = { type: "badQuotes", row };
      else if (cells.length > maxColumns) fault = { type: "tooManyColumns", count: cells.length };
      else if (cells.some((cell) => cell.trim() !== "")) rows.push({ row, cells });
      // one more than sheets, for the headings
      if (rows.length > maxSheets + 1) fault = { type: "tooManyRows" };
      if (fault !== null) parser.abort();
    },
  });
  return fault ?? { rows };
}
