/**
 * A name as it is, also where it is made to look like another: characters of no width or that turn the direction of writing are
 * written out. A joiner between letters or pictures belongs to them.
 */
export function visible(name: string): string {
  const shown = name.replace(
    unseen,
    (c) => `‹U+${(c.codePointAt(0) ?? 0).toString(16).toUpperCase().padStart(4, "0")}›`,
  );
  return shown.trim() === "" ? "‹blank›" : shown;
}

const joined = "[\\p{L}\\p{M}\\p{Extended_Pictographic}\\ufe0f]";
/** Format characters, fillers and blanks that only look like none; not joiners between what they join. */
const unseen = new RegExp(
  `(?!(?<=${joined})[\\u200c\\u200d](?=${joined}))[\\p{Cf}\\p{Cc}\\u115f\\u1160\\u3164\\uffa0\\u2800]`,
  "gu",
);
