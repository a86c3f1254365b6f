import { type FieldSpec } from "../../engine/units";

/** How a value is found in a pasted text. */
export type TextPatterns = {
  /** Longer and narrower names are looked for before those that are part of them. */ readonly order: number;
  /** What it is called there. */ readonly called: readonly RegExp[];
  /** Units its number may carry, each with what turns it into the field's own; "" is a number alone. */
  readonly units: Readonly<Record<string, number>>;
  /** What is no slip of reading lies between these, in the field's own unit. */
  readonly min: number;
  readonly max: number;
  /** The only values that labels print, where there are such. */ readonly printed?: readonly number[];
};

/** One number of a panel's label: the only place that says what it is. All that shows, reads, writes or keeps it goes by this row. */
export type PanelField = FieldSpec & {
  /** The step of the label's format it came with; a label of before has null. */ readonly since: 0 | 1 | 2 | 3;
  /** Where the form has it. */ readonly group: "rating" | "coefficient" | "limit" | "carried";
  /** Whether a wiring cannot be judged without it. */ readonly isNeeded: boolean;
  /** Whether one panel of a kind may differ in it from the others. */ readonly mayDiffer: boolean;
  /** A temperature coefficient may be typed in units of what it is a share of. */
  readonly shareOf: { readonly field: "vocV" | "iscA" | "pmaxW"; readonly unit: "V" | "A" | "W" } | null;
  /** Its title in a table of panels (CSV) and other titles taken for it, in small letters. */
  readonly title: string;
  readonly titles: readonly string[];
  /** null: not looked for by these patterns. */ readonly text: TextPatterns | null;
  /** Its column in the library's table: how wide, px, and whether it is shown before anybody asks; null: part of another column. */
  readonly column: { readonly widthPx: number; readonly isShown: boolean } | null;
};

export const plainField = {
  whole: false,
  since: 0,
  isNeeded: false,
  mayDiffer: false,
  shareOf: null,
  titles: [],
  text: null,
  column: null,
} as const satisfies Partial<PanelField>;

export const volts = { "": 1, v: 1, mv: 0.001 };
export const amps = { "": 1, a: 1, ma: 0.001 };
export const watts = { "": 1, w: 1, wp: 1, kw: 1000 };
export const numberAlone = { "": 1 };
