import { ofThePacking } from "./fields";
import { figuresIn, valuesOf } from "./number";

const mmOf: Readonly<Record<string, number>> = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: 25.4,
  inch: 25.4,
  inches: 25.4,
  '"': 25.4,
  "″": 25.4,
  ft: 304.8,
};
const size =
  /(?<![\d.,])(\d[\d.,]{0,8}) ?(mm|cm|m|inches|inch|in|"|″|ft)? ?(?:\([lwh]\))? ?(?:x|by|\*) ?(\d[\d.,]{0,8}) ?(mm|cm|m|inches|inch|in|"|″|ft)?(?: ?(?:x|by|\*) ?(\d[\d.,]{0,8}) ?(mm|cm|m|inches|inch|in|"|″|ft)?)?/gi;
const sizeWord = /dimension|\bdim\b|size|abmessung|maße|masse|l x w|l x b|measure|größe|taille/i;

/** Length and width of the panel itself, mm, if a line states them. */
export function sizeIn(
  line: string,
): { readonly lengthMm: number; readonly widthMm: number; readonly words: string } | null {
  if (ofThePacking.test(line)) return null;
  for (const match of line.matchAll(size)) {
    const [words, a = "", unitA, b = "", unitB, , unitC] = match;
    const unit = (unitC ?? unitB ?? unitA ?? "").toLowerCase();
    const factor = mmOf[unit];
    // numbers that nothing calls a size and that carry no unit are something else: cells, a count
    if (factor === undefined && !sizeWord.test(line)) continue;
    const sides = [a, b].map((digits) => meaningOf(digits, factor ?? 1));
    const [long, wide] = sides.sort((one, other) => other - one);
    if (long === undefined || wide === undefined || wide < 60 || long > 3500) continue;
    return { lengthMm: round(long), widthMm: round(wide), words: words.trim() };
  }
  return null;
}

/** “1.848” mm is a length of glass, 1.848 mm is not. */
function meaningOf(digits: string, factor: number): number {
  const meanings = valuesOf(digits.replace(/[.,]$/, "")).map((value) => value * factor);
  return meanings.find((mm) => mm >= 60 && mm <= 3500) ?? meanings[0] ?? 0;
}

const currencies: Readonly<Record<string, string>> = {
  "€": "EUR",
  eur: "EUR",
  $: "USD",
  usd: "USD",
  "£": "GBP",
  gbp: "GBP",
  chf: "CHF",
};
const ofSeveral = /set|pack of|bundle|kit|pieces|stück|er-pack|x pack|pallet/i;

/** What one panel costs, if a line states it: not what a set does, nor what delivery does. */
export function priceIn(
  line: string,
): { readonly price: number; readonly currency: string; readonly words: string } | null {
  if (ofSeveral.test(line) || /shipping|delivery|versand|was |instead of|statt|rrp|uvp/i.test(line)) return null;
  for (const { at, end, values, unit, words } of figuresIn(line)) {
    const before = /(€|\$|£|EUR|USD|GBP|CHF) ?$/i.exec(line.slice(0, at))?.[1] ?? "";
    const sign = (before === "" ? unit : before).toLowerCase();
    const currency = currencies[sign];
    const [price] = values;
    if (currency !== undefined && price !== undefined && price > 0)
      return { price, currency, words: line.slice(at - before.length, end + unit.length).trim() || words };
  }
  return null;
}

/** How many cells are in series, where a line says so in so many words. */
export function cellsIn(line: string): { readonly cells: number; readonly words: string } | null {
  const match =
    /\bcells?\b ?[:=]? ?(\d{1,3})(?= ?(?:pcs\b|pieces\b|in se|[;,.](?!\d)|$))/i.exec(line) ??
    /(\d{1,3}) ?(?:x ?)?(?:mono(?:crystalline)? |poly(?:crystalline)? |solar )?cells?(?! ?(?:half|in parallel))\b/i.exec(
      line,
    );
  if (match === null || /half/i.test(line)) return null;
  const cells = Number(match[1]);
  return cells >= 2 && cells <= 200 ? { cells, words: match[0] } : null;
}

function round(mm: number): number {
  return Number(mm.toFixed(2));
}
