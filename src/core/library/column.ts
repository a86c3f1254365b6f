import {
  type FieldSpec,
  fieldSpecs,
  partTail,
  readCoefficient,
  readQuantity,
  type QuantityReading,
} from "../engine/units";

/** Why a cell was not understood. The value of its field then stays "not stated". */
export type CellFault =
  | Exclude<QuantityReading, { type: "value" | "empty" }>
  | { readonly type: "notAChoice"; readonly allowed: readonly string[] }
  | { readonly type: "tooLong"; readonly length: number; readonly most: number }
  | { readonly type: "notACurrency" }
  | { readonly type: "notSizes"; readonly count: number };

export type Cell<S> =
  { readonly type: "set"; readonly patch: Partial<S> } | { readonly type: "fault"; readonly fault: CellFault };

/** One column of a table of sheets: how it is headed, written, and read into a sheet under way. */
export type Column<S> = {
  /** As written, with its unit in parentheses. */
  readonly title: string;
  /** Other headings taken for it, in small letters and digits only. */
  readonly names: readonly string[];
  /** Read after the others, which it is reckoned with. */
  readonly late: boolean;
  /** False for one that is only read, as its parts have columns of their own. */
  readonly written: boolean;
  readonly write: (sheet: S) => string | number;
  /** `unit` is the one in the heading; it stands in for a cell that has none. */
  readonly read: (text: string, unit: string, sheet: S) => Cell<S>;
};

type NumberKey<S> = { [K in keyof S]: number | null extends S[K] ? K : never }[keyof S];
type TextKey<S> = { [K in keyof S]: S[K] extends string ? K : never }[keyof S];

const bareNumber = /^[\s+\-\u2212\u2012-\u2014.,\d]+$/;

/** The cell with the heading's unit, where it has none of its own. */
export function withUnit(text: string, unit: string): string {
  return unit !== "" && bareNumber.test(text) ? `${text} ${unit}` : text;
}

function cellOf<S>(reading: QuantityReading, patch: (value: number) => Partial<S>): Cell<S> {
  if (reading.type === "value") return { type: "set", patch: patch(reading.value) };
  return reading.type === "empty" ? { type: "set", patch: {} } : { type: "fault", fault: reading };
}

/** A patch of one key. The key's type is checked where the column is made; a computed key widens here. */
export function only<S>(key: keyof S, value: S[keyof S]): Partial<S> {
  return { [key]: value } as unknown as Partial<S>;
}

/** A number with a unit, in any unit the quantity can have. */
export function quantity<S>(
  key: NumberKey<S>,
  spec: FieldSpec,
  word: string,
  names: readonly string[] = [],
): Column<S> {
  return {
    title: titleOf(word, spec.unit),
    names,
    late: false,
    written: true,
    write: (sheet) => (sheet[key] as number | null) ?? "",
    read: (text, unit) =>
      cellOf(readQuantity(withUnit(text, unit), spec), (value) => only<S>(key, value as S[keyof S])),
  };
}

/** A temperature coefficient, as a share or in volts, amps or watts per degree of what `base` holds. */
export function coefficient<S>(
  key: NumberKey<S>,
  spec: FieldSpec,
  base: NumberKey<S>,
  baseUnit: "V" | "A" | "W",
  word: string,
  names: readonly string[],
): Column<S> {
  return {
    title: titleOf(word, spec.unit),
    names,
    late: true,
    written: true,
    write: (sheet) => (sheet[key] as number | null) ?? "",
    read: (text, unit, sheet) =>
      cellOf(
        readCoefficient(withUnit(text, unit), spec, { unit: baseUnit, value: sheet[base] as number | null }),
        (value) => only<S>(key, value as S[keyof S]),
      ),
  };
}

/**
 * Text that a spreadsheet may take for a formula: it looks past blanks and characters without width, and may begin anew after
 * a line end. The mark that is put before such text counts as part of it, so that it is put and taken away once.
 */
export const formulaLike = /^'*[\s\p{Cc}\p{Cf}]*[=+\-@＝＋－＠]|[\n\r]/u;

export function text<S>(key: TextKey<S>, title: string, most: number, names: readonly string[]): Column<S> {
  return {
    title,
    names,
    late: false,
    written: true,
    write: (sheet) => sheet[key] as string,
    read: (typed) => {
      // the mark that keeps a spreadsheet from taking a name for a formula is not part of it
      const trimmed = typed.trim();
      const value = trimmed.startsWith("'") && formulaLike.test(trimmed.slice(1)) ? trimmed.slice(1) : trimmed;
      return value.length > most
        ? { type: "fault", fault: { type: "tooLong", length: value.length, most } }
        : { type: "set", patch: only<S>(key, value as S[keyof S]) };
    },
  };
}

/** One of a few codes; each may also be written in words. */
export function choice<S, C extends string>(
  key: { [K in keyof S]: C extends S[K] ? K : never }[keyof S],
  title: string,
  codes: Readonly<Record<C, readonly string[]>>,
  names: readonly string[] = [],
): Column<S> {
  return {
    title,
    names,
    late: false,
    written: true,
    write: (sheet) => sheet[key] as unknown as C,
    read: (typed) => {
      const wanted = lettersOf(typed);
      const code = (Object.keys(codes) as C[]).find(
        (candidate) => lettersOf(candidate) === wanted || codes[candidate].some((word) => lettersOf(word) === wanted),
      );
      return code === undefined
        ? { type: "fault", fault: { type: "notAChoice", allowed: Object.keys(codes) } }
        : { type: "set", patch: only<S>(key, code as unknown as S[keyof S]) };
    },
  };
}

/** Several lengths in one cell: "1480 × 670 mm". Never written, as each has a column of its own. */
export function sizes<S>(
  fields: readonly (readonly [key: NumberKey<S>, spec: FieldSpec])[],
  title: string,
  names: readonly string[],
): Column<S> {
  return {
    title,
    names,
    late: false,
    written: false,
    write: () => "",
    read: (typed, unit) => {
      const { head, tail } = partTail(typed.trim(), /[a-z"″]/i);
      const parts = head.split(/[x×*/]/i).map((part) => part.trim());
      // a third number, a panel's thickness, may follow; fewer than wanted is not understood
      if (parts.length < fields.length) return { type: "fault", fault: { type: "notSizes", count: fields.length } };
      let patch: Partial<S> = {};
      for (const [k, [key, spec]] of fields.entries()) {
        const reading = readQuantity(withUnit(parts[k] ?? "", tail === "" ? unit : tail), spec);
        if (reading.type !== "value")
          return {
            type: "fault",
            fault: reading.type === "empty" ? { type: "notSizes", count: fields.length } : reading,
          };
        patch = { ...patch, ...only<S>(key, reading.value as S[keyof S]) };
      }
      return { type: "set", patch };
    },
  };
}

const symbols: Readonly<Record<string, string>> = { "€": "EUR", "£": "GBP", $: "USD" };

/** A price, with its currency beside it where the cell names one. */
export function price<S extends { readonly price: number | null; readonly currency: string }>(): readonly [
  Column<S>,
  Column<S>,
] {
  const spec = fieldSpecs.price;
  return [
    {
      title: "Price",
      names: ["cost", "list price"],
      late: true,
      written: true,
      write: (sheet) => sheet.price ?? "",
      read: (typed, unit) => {
        const mark = /[€£$]|\b[A-Z]{3}\b/.exec(typed)?.[0] ?? /^[A-Z]{3}$/.exec(unit)?.[0];
        const currency = mark === undefined ? undefined : (symbols[mark] ?? mark);
        return cellOf<S>(
          readQuantity(typed.replace(/[€£$]|\b[A-Z]{3}\b/, ""), spec),
          (value) => ({ price: value, ...(currency === undefined ? {} : { currency }) }) as unknown as Partial<S>,
        );
      },
    },
    {
      title: "Currency",
      names: [],
      late: false,
      written: true,
      write: (sheet) => sheet.currency,
      read: (typed) => {
        const code = symbols[typed.trim()] ?? typed.trim().toUpperCase();
        return /^[A-Z]{3}$/.test(code)
          ? { type: "set", patch: { currency: code } as unknown as Partial<S> }
          : { type: "fault", fault: { type: "notACurrency" } };
      },
    },
  ];
}

function titleOf(word: string, unit: string): string {
  return unit === "" ? word : `${word} (${unit})`;
}

export function lettersOf(words: string): string {
  return words
    .toLowerCase()
    .normalize("NFKD")
    .replace(/[^a-z0-9]+/g, "");
}
