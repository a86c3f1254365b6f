import { type LibraryReading } from "./file";

/** Why a file was not read at all. */
export type FileFault =
  | Exclude<LibraryReading, { type: "library" }>
  | { readonly type: "empty" }
  | { readonly type: "notText" }
  | { readonly type: "badQuotes"; readonly row: number }
  | { readonly type: "tooManyColumns"; readonly count: number }
  | { readonly type: "tooManyRows" }
  | { readonly type: "noHeadings"; readonly headings: readonly string[] };
