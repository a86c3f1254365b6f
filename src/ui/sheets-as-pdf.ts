import { type Sheet } from "@/core/drawings";

/** Sheets as one PDF; what writes it is fetched when first asked for. */
export async function sheetsAsPdf(sheets: readonly Sheet[]): Promise<Uint8Array<ArrayBuffer>> {
  const { sheetsPdf } = await import("./sheets-pdf");
  return sheetsPdf(sheets);
}
