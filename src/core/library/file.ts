import { z } from "zod";
import {
  deviceFromAnyVersion,
  type DeviceSheet,
  deviceSchema,
  faultOf,
  labelFromAnyVersion,
  labelSchema,
  type PanelSheet,
} from "../plan";

/** A file of the library: sheets to carry from one copy of the application to another. */
export const libraryFormat = "golden-array-library";
export const libraryVersion = 2;

/** Largest library file read, bytes: five thousand sheets with room to spare. */
export const maxLibraryBytes = 5_000_000;
export const maxSheets = 5000;
export const maxColumns = 200;

export const librarySchema = z.strictObject({
  format: z.literal(libraryFormat),
  version: z.literal(libraryVersion),
  panels: z.array(labelSchema).max(maxSheets),
  inputs: z.array(deviceSchema).max(maxSheets),
});

/** A sheet or row that was not taken: which one, and what is wrong with it. */
export type Refused = { readonly at: number; readonly name: string; readonly path: string; readonly problem: string };

export type Sheets = { readonly panels: readonly PanelSheet[]; readonly inputs: readonly DeviceSheet[] };

export type LibraryReading =
  | { readonly type: "library"; readonly sheets: Sheets; readonly refused: readonly Refused[] }
  | { readonly type: "notJson"; readonly detail: string }
  | { readonly type: "foreign"; readonly found: string }
  | { readonly type: "newer"; readonly version: number }
  | { readonly type: "tooMany"; readonly count: number };

/** Reads a library from the text of a JSON file. A sheet that does not hold is told and left out; the others are kept. */
export function readLibraryText(text: string): LibraryReading {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch (error) {
    return { type: "notJson", detail: error instanceof Error ? error.message : "unreadable" };
  }
  const file = z
    .object({
      format: z.string(),
      version: z.number(),
      panels: z.array(z.unknown()).default([]),
      inputs: z.array(z.unknown()).default([]),
    })
    .safeParse(value);
  if (!file.success || file.data.format !== libraryFormat)
    return { type: "foreign", found: file.success ? file.data.format.slice(0, 40) : "something else" };
  const { version, panels, inputs } = file.data;
  if (version > libraryVersion) return { type: "newer", version };
  if (panels.length + inputs.length > maxSheets) return { type: "tooMany", count: panels.length + inputs.length };
  const refused: Refused[] = [];
  return {
    type: "library",
    sheets: {
      panels: heldBy(labelSchema, panels.map(labelFromAnyVersion), "panels", refused),
      inputs: heldBy(deviceSchema, inputs.map(deviceFromAnyVersion), "inputs", refused),
    },
    refused,
  };
}

/** The sheets that hold; the others are added to `refused`. Also used for rows of a table. */
export function heldBy<S>(schema: z.ZodType<S>, sheets: readonly unknown[], list: string, refused: Refused[]): S[] {
  return sheets.flatMap((sheet, k) => {
    const parsed = schema.safeParse(sheet);
    if (parsed.success) return [parsed.data];
    const { path, problem } = faultOf(parsed.error, sheet);
    refused.push({
      at: k + 1,
      name: nameOf(sheet),
      path: list === "" ? path : `${list}.${k}${path === "" ? "" : `.${path}`}`,
      problem,
    });
    return [];
  });
}

export function writeLibrary({ panels, inputs }: Sheets): string {
  return `${JSON.stringify({ format: libraryFormat, version: libraryVersion, panels, inputs }, null, 2)}\n`;
}

/** The published JSON Schema of the library file. */
export function libraryJsonSchema(): unknown {
  return z.toJSONSchema(librarySchema, { target: "draft-2020-12" });
}

function nameOf(sheet: unknown): string {
  return typeof sheet === "object" && sheet !== null && "name" in sheet && typeof sheet.name === "string"
    ? sheet.name.slice(0, 80)
    : "";
}
