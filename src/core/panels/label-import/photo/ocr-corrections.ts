import { type Sign } from "./row";

/** A character of a row, and the sign it came from; null: room between words. */
export type OcrCharacter = { readonly c: string; readonly sign: Sign | null };

/** What readers of pictures make of the signs on labels, and what stands there: names and units only, no digit becomes another. */
const fixes: readonly (readonly [RegExp, string])[] = [
  [/(?<![A-Za-z0-9])[1lI!]s?sc(?![a-z])/gi, "Isc"],
  [/(?<![A-Za-z0-9])[1lI!]mp(?![a-z])/gi, "Imp"],
  [/(?<![A-Za-z0-9])[vV]{2}(?=mp\b|oc\b)/g, "V"],
  [/(?<=\d[ \t]?)Vv(?![a-z])/g, "V"],
  [/(?<=\d[ \t]?)(?:WwW|Ww|wW)(?![a-z])/g, "W"],
  [/%[ ]?[I/l]{1,2}[ ]?(?=°?[CK](?![a-z]))/g, "%/"],
  [/%(?=°[CK])/g, "%/"],
  [/(?<=\d)%x?(?=\d{3})/g, "x"],
  [/(?<=\d)(?: ?[xX] ?){2}(?=\d)/g, "x"],
  // room that is none: "7 .64", "3 5mm"
  [/(?<=\d) (?=[.,]\d)|(?<=\d\.) (?=\d)/g, ""],
  // a point read as room: "0 04"
  [/(?<![\d.,] ?)0 (?=\d\d(?!\d))/g, "0."],
  [/(?<![A-Za-z])V[ae]mp(?![a-z])/g, "Vmp"],
  [/(?<![A-Za-z])Pm[a-z]{1,3}x(?![a-z])/g, "Pmax"],
];

/** Letters that a number's digits are taken for; the cut-out of the number is looked at again. */
const digitLike: Readonly<Record<string, string>> = {
  S: "5",
  T: "7",
  O: "0",
  o: "0",
  Q: "0",
  D: "0",
  I: "1",
  l: "1",
  "!": "1",
  "]": "1",
  Z: "2",
  B: "8",
  G: "6",
  g: "9",
  q: "9",
};
const valueWord =
  /(?:(?<![A-Za-z0-9.,])|(?<=\bDC))[-+]?[0-9SToOQDIl!\]ZBGgq.,]{1,9}(?=[ ]?(?:Wp?|V|A|Vdc|VDC|%)(?![A-Za-z]))/g;

/** Letters of a row with units and names as people write them. */
export function correctOcrText(letters: readonly OcrCharacter[]): OcrCharacter[] {
  return withDigits(
    fixes.reduce<OcrCharacter[]>((before, [pattern, by]) => rewritten(before, pattern, by), [...letters]),
  );
}

/** A word before a unit is a number, though some of its digits were read as letters. */
function withDigits(letters: readonly OcrCharacter[]): OcrCharacter[] {
  const out = [...letters];
  for (const match of letters
    .map(({ c }) => c)
    .join("")
    .matchAll(valueWord)) {
    const [word] = match;
    // letters alone are a word of three at least: "IT A" is none
    if (!/\d/.test(word) && word.length < 2) continue;
    for (const [k, c] of [...word].entries()) {
      const letter = out[match.index + k];
      if (letter !== undefined) out[match.index + k] = { ...letter, c: digitLike[c] ?? c };
    }
  }
  return out;
}

function rewritten(letters: readonly OcrCharacter[], pattern: RegExp, by: string): OcrCharacter[] {
  const text = letters.map(({ c }) => c).join("");
  const out: OcrCharacter[] = [];
  let from = 0;
  for (const match of text.matchAll(pattern)) {
    const end = match.index + match[0].length;
    out.push(...letters.slice(from, match.index));
    for (const [k, c] of [...by].entries())
      out.push({ c, sign: letters[Math.min(match.index + k, end - 1)]?.sign ?? null });
    from = end;
  }
  return [...out, ...letters.slice(from)];
}
