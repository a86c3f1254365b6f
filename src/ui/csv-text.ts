import { formulaLike } from "@/core/library";

type Rows = readonly Readonly<Record<string, unknown>>[] | readonly (readonly unknown[])[];

/** Rows as CSV: the one way a table leaves, so that no spreadsheet takes what a name or a note begins with for a formula. */
export async function csvText(rows: Rows, columns?: readonly string[]): Promise<string> {
  const { unparse } = await import("papaparse");
  return unparse([...rows] as object[], {
    escapeFormulae: formulaLike,
    ...(columns === undefined ? {} : { columns: [...columns] }),
  });
}
