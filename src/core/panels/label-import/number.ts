/** A number as it stands in a text: where, and what it may mean. */
export type Figure = {
  readonly at: number;
  readonly end: number;
  readonly words: string;
  /** The likelier meaning first: “1.000” may be a thousand or one. */ readonly values: readonly number[];
  /** What follows it at once, as far as it may be a unit. */ readonly unit: string;
};

// whole thousands with a point, a comma, a space or an apostrophe between them, or plain digits; then what may be decimals
const figure = /(?:(?<![\w.,])|(?<=\bDC))([-+]\s?)?(\d{1,3}(?:[.,' ]\d{3})+(?:[.,]\d{1,4})?|\d+(?:[.,]\d{1,4})?)/g;
const unitAfter =
  /^\s{0,2}((?:m?V|m?A|W|%|ppm)\s?\/\s?(?:°\s?C|K|°\s?K|C)\b|%|mV\b|V(?=(?:dc|oc|mp)?\b)|kW\b|Wp?(?![a-z])|A(?![a-z])|mA\b|mm\b|cm\b|m\b|in(?:ch(?:es)?)?\b(?! ?se)|"|″|ft\b|kg\b|g\b|lbs?\b|oz\b|€|EUR\b|\$|USD\b|£|GBP\b|CHF\b|°\s?C)/i;

/** All numbers of a line, from its beginning. */
export function figuresIn(line: string): Figure[] {
  return [...line.matchAll(figure)].flatMap((match): Figure[] => {
    const [words, sign = "", digits = ""] = match;
    const end = match.index + words.length;
    const values = valuesOf(digits).map((value) => (sign.trim() === "-" ? -value : value));
    if (values.length === 0) return [];
    const unit = unitAfter.exec(line.slice(end))?.[1]?.replace(/\s/g, "") ?? "";
    return [{ at: match.index, end, words, values, unit }];
  });
}

/** What digits with points and commas may mean, the likelier first. */
export function valuesOf(digits: string): number[] {
  const tight = digits.replace(/[' ]/g, "");
  const marks = [...tight].filter((c) => c === "." || c === ",");
  const last = marks.at(-1);
  if (last === undefined) return [Number(tight)];
  const lastAt = tight.lastIndexOf(last);
  const after = tight.length - lastAt - 1;
  const asDecimal = Number(tight.slice(0, lastAt).replace(/[.,]/g, "") + "." + tight.slice(lastAt + 1));
  const asThousands = Number(tight.replace(/[.,]/g, ""));
  // two kinds of mark: the last is the decimal one; one kind twice, or before other than three digits: no doubt
  if (new Set(marks).size === 2) return [asDecimal];
  if (marks.length > 1) return [asThousands];
  return after === 3 && lastAt <= 3 && !tight.startsWith("0") ? [asThousands, asDecimal] : [asDecimal];
}
