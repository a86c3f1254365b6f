import { ofThePacking, type ReadField, type TextFields, textFields } from "./fields";
import { type Figure, figuresIn } from "./number";

/** A value read for a field, with the words it came from. */
export type Found = {
  readonly field: ReadField;
  readonly value: number;
  /** Other meanings of the same digits that would do as well. */ readonly others: readonly number[];
  readonly words: string;
  /** Where its number stands in the line. */ readonly at: number;
  readonly end: number;
  /** A coefficient in volts, amps or watts a degree: of which it is to become a share. */ readonly perDegree:
    "V" | "A" | "W" | null;
};

export type Name = { readonly field: ReadField; readonly at: number; readonly end: number };

/** The names of fields in a line, none within another. */
export function namesIn(line: string, fields: TextFields = textFields): Name[] {
  const found: Name[] = [];
  for (const { field, called } of fields)
    for (const pattern of called)
      for (const match of line.matchAll(pattern)) {
        const [at, end] = [match.index, match.index + match[0].length];
        // narrower fields come first, and keep their words
        if (!found.some((other) => at < other.end && end > other.at)) found.push({ field, at, end });
      }
  return found.sort((a, b) => a.at - b.at);
}

/** Values a line states by name: each name with the first number that may be its, after it or else before it. */
export function pairsIn(line: string, fields: TextFields = textFields): Found[] {
  const figures = figuresIn(line);
  // where there is no number nothing is stated: most lines of a page
  if (figures.length === 0) return [];
  const names = namesIn(line, fields);
  const used = new Set<Figure>();
  const inTurn = figuresInTurn(line, names, figures, fields);
  return names.flatMap((name, k): Found[] => {
    const upTo = names[k + 1]?.at ?? line.length;
    const after = figures.filter((figure) => figure.at >= name.end && figure.at < upTo && !used.has(figure));
    const first = inTurn.get(name) ?? after.find((figure) => valueOf(name.field, figure, fields) !== null);
    const before =
      first === undefined && (names[k - 1]?.end ?? 0) <= name.at
        ? figures.findLast((figure) => figure.end <= name.at && figure.end >= name.at - 6 && !used.has(figure))
        : undefined;
    const figure = first ?? before;
    const value = figure === undefined ? null : valueOf(name.field, figure, fields);
    if (figure === undefined || value === null) return [];
    if (name.field === "weightKg" && ofThePacking.test(line.slice(0, name.end))) return [];
    used.add(figure);
    const from = Math.min(name.at, figure.at);
    const words = line.slice(from, Math.max(name.end, figure.end + figure.unit.length + 1)).trim();
    return [{ field: name.field, words, at: figure.at, end: figure.end, ...value }];
  });
}

/** Two names side by side and then their values side by side: "Voc / Isc: 34.7 V / 11.8 A". */
function figuresInTurn(
  line: string,
  names: readonly Name[],
  figures: readonly Figure[],
  fields: TextFields,
): ReadonlyMap<Name, Figure> {
  const inTurn = new Map<Name, Figure>();
  for (const [k, first] of names.entries()) {
    const second = names[k + 1];
    if (second === undefined || !/^\)? ?[/&,] ?\(?$/.test(line.slice(first.end, second.at))) continue;
    const [one, other] = figures.filter(({ at }) => at >= second.end && at < (names[k + 2]?.at ?? line.length));
    if (one === undefined || other === undefined) continue;
    if (valueOf(first.field, one, fields) === null || valueOf(second.field, other, fields) === null) continue;
    inTurn.set(first, one);
    inTurn.set(second, other);
  }
  return inTurn;
}

/** What a number written as some text means for a field; null: nothing. */
export function valueIn(field: ReadField, text: string): number | null {
  const [figure] = figuresIn(text);
  const found = figure === undefined ? null : valueOf(field, figure);
  return found === null || found.perDegree !== null ? null : found.value;
}

/** What a number means for a field: null where its unit or its size is not that field's. */
export function valueOf(
  field: ReadField,
  { values, unit }: Pick<Figure, "values" | "unit">,
  fields: TextFields = textFields,
): Pick<Found, "value" | "others" | "perDegree"> | null {
  const spec = fields.find((each) => each.field === field);
  if (spec === undefined) return null;
  const perDegree = /^(m)?([vaw]|%|ppm)\/(?:°?[ck])$/i.exec(unit);
  if (perDegree !== null) {
    if (!field.startsWith("tempCo")) return null;
    const letter = (perDegree[2] ?? "").toUpperCase();
    const milli = perDegree[1] === undefined ? 1 : 0.001;
    const meanings = values.map((value) => value * milli * (letter === "PPM" ? 1e-4 : 1));
    const [value, ...others] = meanings;
    if (value === undefined) return null;
    if (letter === "%" || letter === "PPM") return within(spec, value, others, null);
    return { value, others: [], perDegree: letter as "V" | "A" | "W" };
  }
  const factor = spec.units[unit.toLowerCase()];
  if (factor === undefined) return null;
  const [value, ...others] = values.map((each) => Number((each * factor).toPrecision(12)));
  return value === undefined ? null : within(spec, value, others, null);
}

function within(
  { min, max }: { readonly min: number; readonly max: number },
  value: number,
  others: readonly number[],
  perDegree: null,
): Pick<Found, "value" | "others" | "perDegree"> | null {
  const fitting = [value, ...others].filter((each) => each >= min && each <= max);
  const [first, ...rest] = fitting;
  return first === undefined ? null : { value: first, others: rest, perDegree };
}
