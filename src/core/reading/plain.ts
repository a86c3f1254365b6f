/** A line of what was pasted: its own words, and its cells where it is a row of a table. */
export type Line = { readonly words: string; readonly cells: readonly string[] };

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
  return decoded(bare)
    .replace(/[\u00a0\u2007\u2009\u202f]/g, " ")
    .replace(/[\u2212\u2012\u2013\u2014]/g, "-")
    .replace(/[×✕✖]/g, "x")
    .replace(/[⎓⏛]/g, " DC ")
    .split(/\r\n?|\n/)
    .flatMap((line): Line[] => {
      const words = line.trim();
      // the rule under the head of a table
      if (words === "" || /^\|?[\s:|-]+\|?$/.test(words)) return words === "" ? [{ words: "", cells: [] }] : [];
      return [{ words: words.replace(/[ \t]+/g, " "), cells: cellsOf(words) }];
    });
}

function cellsOf(words: string): string[] {
  const split =
    words.includes("|") && /^\s*\|/.test(words)
      ? words.replace(/^\s*\||\|\s*$/g, "").split("|")
      : words.split(/\t| {3,}/);
  const cells = split.map((cell) => cell.trim());
  return cells.length > 1 ? cells : [];
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
