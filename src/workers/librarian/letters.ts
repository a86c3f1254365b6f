import { type Absent, type ColumnReport, type LibraryReading, type Refused, type Sheets } from "@/core/library";

export const letterVersion = 1;

export type ShelfName = "panels" | "inputs";

/** To the librarian: read this file. One worker reads one file; to give up, end the worker. */
export type ReadLetter = {
  readonly version: typeof letterVersion;
  readonly type: "read";
  readonly text: string;
  /** what rows of a table are; JSON says so itself */ readonly shelf: ShelfName;
};

/** Why a file was not read at all. */
export type FileFault =
  | Exclude<LibraryReading, { type: "library" }>
  | { readonly type: "empty" }
  | { readonly type: "notText" }
  | { readonly type: "badQuotes"; readonly row: number }
  | { readonly type: "tooManyColumns"; readonly count: number }
  | { readonly type: "tooManyRows" }
  | { readonly type: "noHeadings"; readonly headings: readonly string[] };

/** What was in a file. `columns` is null for JSON, which has none. */
export type FileContents = {
  readonly sheets: Sheets;
  readonly refused: readonly Refused[];
  readonly columns: readonly ColumnReport[] | null;
  readonly absent: readonly Absent[];
  readonly rows: number;
};

export type ReadAnswer = { readonly version: typeof letterVersion } & (
  | { readonly type: "progress"; readonly rows: number; readonly share: number }
  | { readonly type: "contents"; readonly contents: FileContents }
  | { readonly type: "fault"; readonly fault: FileFault }
);
