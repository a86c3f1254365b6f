import Papa from "papaparse";
import {
  blankLine,
  type Column,
  devicesOf,
  heldBy,
  mostColumns,
  mostSheets,
  panelColumns,
  portColumns,
  readLibraryText,
  readTable,
  type Refused,
} from "@/core/library";
import { blankLabel, deviceSchema, labelSchema } from "@/core/plan";
import {
  type FileContents,
  type FileFault,
  letterVersion,
  type ReadAnswer,
  type ReadLetter,
  type ShelfName,
} from "./letters";

/** Rows between two words of progress. */
const stride = 250;

/** Reads a file of the library, posting progress and then its contents or why there are none. Pure but for `post`. */
export function readFile({ text, shelf }: ReadLetter, post: (answer: ReadAnswer) => void): void {
  const version = letterVersion;
  const read = text.trimStart().startsWith("{")
    ? readJson(text)
    : readCsv(text, shelf, (rows, share) => post({ version, type: "progress", rows, share }));
  post("sheets" in read ? { version, type: "contents", contents: read } : { version, type: "fault", fault: read });
}

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

function readCsv(
  text: string,
  shelf: ShelfName,
  progress: (rows: number, share: number) => void,
): FileContents | FileFault {
  if (text.trim() === "") return { type: "empty" };
  if (text.includes("\u0000")) return { type: "notText" };
  return shelf === "panels" ? panelsOf(text, progress) : inputsOf(text, progress);
}

function panelsOf(text: string, progress: (rows: number, share: number) => void): FileContents | FileFault {
  const table = rowsOf(text, panelColumns, blankLabel(""), progress);
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

function inputsOf(text: string, progress: (rows: number, share: number) => void): FileContents | FileFault {
  const table = rowsOf(text, portColumns, blankLine, progress);
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

/** Rows of a file as sheets. The separator is found by itself: comma, semicolon or tab. */
function rowsOf<S>(
  text: string,
  columns: readonly Column<S>[],
  blank: S,
  progress: (rows: number, share: number) => void,
): Table<S> | FileFault {
  let fault: FileFault | null = null;
  let reader: ReturnType<typeof readTable<S>> | null = null;
  const sheets: S[] = [];
  const rowOf: number[] = [];
  let row = 0;
  Papa.parse<string[]>(text, {
    skipEmptyLines: false,
    step: ({ data, errors, meta }, parser) => {
      row += 1;
      const broken = errors.find(({ type }) => type === "Quotes");
      if (broken !== undefined) fault = { type: "badQuotes", row };
      else if (data.length > mostColumns) fault = { type: "tooManyColumns", count: data.length };
      else if (sheets.length >= mostSheets) fault = { type: "tooManyRows" };
      if (fault !== null) return parser.abort();
      if (reader === null) {
        if (data.every((cell) => cell.trim() === "")) return;
        reader = readTable(columns, blank, data);
        if (reader.report().columns.every(({ type }) => type === "unknown")) {
          fault = { type: "noHeadings", headings: data.slice(0, 6).map((cell) => cell.slice(0, 40)) };
          parser.abort();
        }
        return;
      }
      const sheet = reader.take(data);
      if (sheet !== null) {
        sheets.push(sheet);
        rowOf.push(row);
      }
      if (row % stride === 0) progress(row, Math.min(1, meta.cursor / text.length));
    },
  });
  if (fault !== null) return fault;
  return reader === null
    ? { type: "empty" }
    : { sheets, rowOf, report: (reader as ReturnType<typeof readTable<S>>).report() };
}
