import { figuresIn } from "./number";

/** A line of what was pasted: its own words, and its cells where it is a row of a table. */
export type Line = {
  readonly words: string;
  readonly cells: readonly Cell[];
  /** Which lines of the text it was put together from, and where in `words` each begins. */
  readonly spans: readonly { readonly line: number; readonly at: number }[];
};
/** A cell, and where it stands in the words of its line. */
export type Cell = { readonly words: string; readonly at: number };
/** Where a value stands: a line of the text, counted from 0, and its characters there, once room between words is one space. */
export type Place = { readonly line: number; readonly at: number; readonly end: number };

/** Where some characters of a line stand in the text. */
export function placeOf({ spans }: Line, at: number, end: number): Place {
  const span = spans.findLast((each) => each.at <= at) ?? { line: 0, at: 0 };
  return { line: span.line, at: at - span.at, end: end - span.at };
}

/** Tags after which a line ends, and those that end a cell; all others stand within a word. */
const lineTags = /<\/?(?:p|div|li|ul|ol|tr|table|h[1-6]|br|dt|dd|section|article|tbody|thead|header)\b[^<>]*>/gi;
const cellTags = /<\/t[dh]\s*>/gi;
const otherTags = /<\/?[a-z][^<>]*>/gi;

/** Names of characters as pages spell them; the rest come by their number. */
const named: Readonly<Record<string, string>> = {
  amp: "&",
  lt: "<",
  gt: ">",
  quot: '"',
  apos: "'",
  nbsp: " ",
  thinsp: " ",
  ndash: "–",
  mdash: "—",
  minus: "−",
  deg: "°",
  times: "×",
  plusmn: "±",
  euro: "€",
  pound: "£",
  middot: "·",
  bull: "•",
  alpha: "α",
  beta: "β",
  gamma: "γ",
  auml: "ä",
  ouml: "ö",
  uuml: "ü",
  szlig: "ß",
  eacute: "é",
  egrave: "è",
};

/** What was pasted, line by line, as people read it: without markup, with one kind of space, minus and times sign. */
export function linesOf(text: string): Line[] {
  const isMarkup = /<\/?[a-z][a-z0-9]*\b[^<>]*>/i.test(text);
  const bare = isMarkup
    ? text.replace(/\s+/g, " ").replace(cellTags, "\t").replace(lineTags, "\n").replace(otherTags, "")
    : text;
  let semicolons = 0;
  const lines = decoded(bare)
    .replace(/[\u00a0\u2007\u2009\u202f]/g, " ")
    .replace(/[\u2212\u2012\u2013\u2014]/g, "-")
    .replace(/[×✕✖]/g, "x")
    .replace(/[⎓⏛]/g, " DC ")
    .split(/\r\n?|\n/, maxLines)
    .flatMap((line, k) => cut(line.trim().replace(/ {4,}/g, "   ")).map((part) => ({ ...part, line: k })))
    .flatMap(({ words, at, line }): Line[] => {
      const spans = [{ line, at: -at }];
      // the rule under the head of a table
      if (words === "" || /^\|?[\s:|-]+\|?$/.test(words)) return words === "" ? [{ words: "", cells: [], spans }] : [];
      // titles parted by semicolons head a table, as long as its rows have as many
      const parted = words.split(";").length;
      if (parted > 3 && !/\d/.test(words)) semicolons = parted;
      if (parted !== semicolons) semicolons = 0;
      return [{ words: words.replace(/[ \t]+/g, " "), cells: cellsOf(words, semicolons > 0), spans }];
    });
  return running(lines);
}

/** Longest line looked at as one, characters: what finding names and numbers takes grows with its square. */
const maxLine = 300;
/** Lines looked at, most of them without a number: of more no page is made. */
const maxLines = 5000;

/** A line in parts of a bearable length, cut between words. */
function cut(line: string): { readonly words: string; readonly at: number }[] {
  const parts: { words: string; at: number }[] = [];
  let at = 0;
  while (line.length - at > maxLine) {
    const space = line.lastIndexOf(" ", at + maxLine);
    const end = space > at + maxLine / 2 ? space : at + maxLine;
    parts.push({ words: line.slice(at, end).trim(), at });
    at = end;
  }
  return [...parts, { words: line.slice(at).trim(), at }];
}

/** What ends a list: a full stop that is no abbreviation's. */
const ends = /[:!?]$|(?<!\b(?:temp|coeff?|max|min|no|approx|tol|rated))\.$/i;

/** A list that runs on, its items parted by semicolons, is one line however it was broken. */
function running(lines: readonly Line[]): Line[] {
  const joined: Line[] = [];
  let isOpen = false;
  for (const line of lines) {
    const before = joined.at(-1);
    const isBearable = (before?.words.length ?? 0) + line.words.length < 2 * maxLine;
    if (isOpen && before !== undefined && isBearable && line.words !== "" && line.cells.length === 0) {
      const at = before.words.length + 1;
      const spans = [...before.spans, ...line.spans.map((span) => ({ ...span, at: span.at + at }))];
      joined[joined.length - 1] = { words: `${before.words} ${line.words}`, cells: [], spans };
    } else joined.push(line);
    isOpen = line.cells.length === 0 && !ends.test(line.words) && isBroken(joined.at(-1)?.words ?? "");
  }
  return joined;
}

/** Whether the last item of a list has no value yet: the next line has it. */
function isBroken(words: string): boolean {
  const last = words.lastIndexOf(";");
  return last >= 0 && !figuresIn(words.slice(last + 1)).some(({ unit }) => unit !== "");
}

function cellsOf(words: string, isParted: boolean): Cell[] {
  const split = isParted
    ? words.split(";")
    : words.includes("|") && /^\s*\|/.test(words)
      ? words.replace(/^\s*\||\|\s*$/g, "").split("|")
      : words.split(/\t| {3,}/);
  if (split.length < 2) return [];
  const line = words.replace(/[ \t]+/g, " ");
  let from = 0;
  return split.map((cell) => {
    const own = cell.trim().replace(/[ \t]+/g, " ");
    const at = Math.max(from, line.indexOf(own, from));
    from = at + own.length;
    return { words: own, at };
  });
}

function decoded(text: string): string {
  return text.replace(/&(#x?[0-9a-f]{1,6}|[a-z]{2,8});/gi, (whole, name: string) => {
    if (name.startsWith("#")) {
      const code = name[1] === "x" || name[1] === "X" ? parseInt(name.slice(2), 16) : parseInt(name.slice(1), 10);
      return Number.isFinite(code) && code > 0 && code < 0x110000 ? String.fromCodePoint(code) : whole;
    }
    return named[name.toLowerCase()] ?? whole;
  });
}
