import { type CellFault, type ColumnReport, maxColumns, maxLibraryBytes, maxSheets } from "@/core/library";
import { counted, trueMinus } from "@/messages/en";
import { type ReadFault } from "./useFileRead";

/** Why a file was not read at all, and what would be. */
export function fileFaultSentence(fault: ReadFault, fileName: string): string {
  switch (fault.type) {
    case "tooLarge":
      return `“${fileName}” holds ${megabytes(fault.bytes)}; allowed: up to ${megabytes(maxLibraryBytes)}.`;
    case "workerEnded":
      return `The reading of “${fileName}” broke off (${fault.message}). Try once more, or with a smaller file.`;
    case "empty":
      return "There is nothing in the file; expected a table whose first row holds headings, or a library file in JSON.";
    case "notText":
      return "This is not a text file; allowed: CSV or JSON, in UTF-8.";
    case "badQuotes":
      return `The quotation marks of row ${fault.row} do not close, so that columns cannot be told apart from there on.`;
    case "tooManyColumns":
      return `A row has ${fault.count} columns; allowed: up to ${maxColumns}.`;
    case "tooManyRows":
      return `The table has more than ${maxSheets} rows; allowed: up to ${maxSheets} in one file.`;
    case "tooMany":
      return `The file holds ${fault.count} sheets; allowed: up to ${maxSheets}.`;
    case "noHeadings":
      return `None of the headings is one known here (${fault.headings.map((heading) => `“${heading}”`).join(", ")}). The first row must name the columns, such as “Name, Pmax (W), Voc (V)”.`;
    case "notJson":
      return `This is not a JSON file: ${fault.detail}.`;
    case "foreign":
      return `This is no library file: its format is ${fault.found}, expected "golden-array-library".`;
    case "newer":
      return `This library file was written by a newer version (${fault.version}). Update this copy to read it.`;
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
      return `${trueMinus(String(Number(fault.value.toPrecision(6))))} is out of bounds`;
    case "unknownUnit":
      return `“${fault.unit}” is no unit of it`;
    case "notAChoice":
      return `none of ${fault.allowed.map(spaced).join(", ")}`;
    case "tooLong":
      return `${fault.length} characters; up to ${fault.most}`;
    case "notACurrency":
      return "no three-letter currency code";
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
        : `${column.filled} read, ${counted(column.faultCount, "cell")} not understood and ${column.instead === "" ? "left empty" : `taken as “${column.instead}”`}`;
    case "repeated":
      return `not read: “${column.title}” has a column already`;
    case "unknown":
      return "not read: no such column here";
  }
}

/** "thinFilm" as people write it: "thin film". */
function spaced(choice: string): string {
  return choice.replace(/([a-z])([A-Z])/g, "$1 $2").toLowerCase();
}
