import {
  type CellFault,
  type ColumnReport,
  type FileFault,
  maxColumns,
  maxLibraryBytes,
  maxSheets,
} from "@/core/library";
import { counted, trueMinus } from "../format";

/** Why a file was not read: by its content, its size, or because the reading ended. */
export type ReadFault =
  | FileFault
  | { readonly type: "tooLarge"; readonly bytes: number }
  | { readonly type: "workerEnded"; readonly message: string };

/** Why a file was not read at all, and what would be. */
export function fileFaultSentence(fault: ReadFault, fileName: string): string {
  switch (fault.type) {
    case "tooLarge":
      return `“${fileName}” has ${megabytes(fault.bytes)}; allowed: at most ${megabytes(maxLibraryBytes)}.`;
    case "workerEnded":
      return `Could not finish reading “${fileName}” (${fault.message}). Try again, or use a smaller file.`;
    case "empty":
      return "The file is empty. Expected: a table with headings in its first row, or a library file in JSON.";
    case "notText":
      return "This is not a text file. Import CSV or JSON, in UTF-8.";
    case "badQuotes":
      return `A quotation mark in row ${fault.row} is not closed, so the columns after it are unclear.`;
    case "tooManyColumns":
      return `A row has ${fault.count} columns; allowed: at most ${maxColumns}.`;
    case "tooManyRows":
      return `The table has more than ${maxSheets} rows; allowed: at most ${maxSheets} in one file.`;
    case "tooMany":
      return `The file has ${fault.count} entries; allowed: at most ${maxSheets}.`;
    case "noHeadings":
      return `No known headings found (${fault.headings.map((heading) => `“${heading}”`).join(", ")}). The first row must name the columns, such as “Name, Pmax (W), Voc (V)”.`;
    case "notJson":
      return `This is not a JSON file: ${fault.detail}.`;
    case "foreign":
      return `This is not a library file: its format is ${fault.found}, not "golden-array-library".`;
    case "newer":
      return `This library file was written by a newer version (${fault.version}). Update Golden Array to import it.`;
  }
}

function megabytes(bytes: number): string {
  return `${(bytes / 1e6).toFixed(1)}\u00a0MB`;
}

/** What a cell was, and what it should have been. */
export function cellFaultWords(fault: CellFault): string {
  switch (fault.type) {
    case "notANumber":
      return "not a number";
    case "ambiguous":
      return `can be ${fault.values[0]} or ${fault.values[1]}`;
    case "notWhole":
      return "not a whole number";
    case "outside":
      return `${trueMinus(String(Number(fault.value.toPrecision(6))))} is outside the allowed range`;
    case "unknownUnit":
      return `“${fault.unit}” is not a unit of this field`;
    case "notAChoice":
      return `not one of: ${fault.allowed.map(spaced).join(", ")}`;
    case "tooLong":
      return `${fault.length} characters; allowed: at most ${fault.most}`;
    case "notACurrency":
      return "not a three-letter currency code";
    case "notSizes":
      return `not ${fault.count} lengths, as in “1480 × 670 mm”`;
  }
}

/** What became of a column, in a few words. */
export function columnWords(column: ColumnReport): string {
  switch (column.type) {
    case "taken":
      return column.faultCount === 0
        ? `${column.filled} read`
        : `${column.filled} read, ${counted(column.faultCount, "cell")} not understood and ${column.instead === "" ? "left empty" : `imported as “${column.instead}”`}`;
    case "repeated":
      return `not read: “${column.title}” already has a column`;
    case "unknown":
      return "not read: unknown column";
  }
}

/** "thinFilm" as people write it: "thin film". */
function spaced(choice: string): string {
  return choice.replace(/([a-z])([A-Z])/g, "$1 $2").toLowerCase();
}
