import { type Line, type Place, placeOf } from "../plain";
import { isGeneric, type Subject, subjectOf } from "./subject";
import { type Token, tokensIn } from "./tokens";

/** A piece of a device's text that speaks of one thing: its name as far as it has one, what it says, and its numbers. */
export type Segment = {
  readonly label: string;
  readonly text: string;
  /** The heading it stands under. */ readonly under: string;
  readonly subject: Subject;
  readonly tokens: readonly Token[];
  /** Where some of its text's characters stand in the whole. */ readonly place: (at: number, end: number) => Place;
};

type Piece = { readonly label: string; readonly text: string; readonly at: number };

const bullet = /^(?:[*•·▪-]|\d+[.)])\s+/;
const named = /^([^:]{1,60}?) ?[:=](?: |$|(?=\d))/;
/** Where a new subject begins within a line: after a comma, before a word that names a way to charge. */
const turns =
  /(?:,|\/|\+|&| and| und| et| or| oder| ou),? (?=(?:from |via |by |with |von |mit |vom |aus |par )?(?:the |a |your |der |dem )?(?:ac|solar|pv|sun|sonne|car|usb|dc|battery|mains|netz|kfz|wall|grid|secteur|voiture|vehicle)\b(?! max))/gi;
const stops =
  /; |(?<=[a-z\d)][.!?])(?<!\b(?:max|min|approx|no|nr|ca|temp|incl|inkl|nom|tol)\.) (?=[A-ZÄÖÜÉ])|(?<=\d ?[VAW][.!?]) (?=[A-ZÄÖÜÉ])|(?<!\d),? (?:- |– )(?!\d)/g;

/** What is sold to charge from panels and does nothing else. */
export const isRegulator = /controller|regler|regelaar|régulateur|regulador|\bpwm\b/i;

/** The pieces of a device's lines, in order. `name` is the device's: it is no name of a figure. */
export function segmentsOf(lines: readonly Line[], name: string, column: number | null): Segment[] {
  const segments: Segment[] = [];
  let heading: Subject = "none";
  let plate: Subject = "none";
  let [above, under] = ["", ""];
  for (const [k, line] of lines.entries()) {
    const pieces = piecesOf(line, name, column);
    const words = pieces.map(({ label, text }) => `${label} ${text}`).join(" ");
    if (words.trim() === "") {
      if (line.words === "") [plate, above] = [heading, ""];
      continue;
    }
    if (!/\d/.test(words.replace(/\b(?:pv|mppt|input|eingang) ?\d\b/gi, "")) && words.length < 70) {
      // what a thing is sold as is no heading, but what charges from panels alone says what all of it is about
      heading = k > 0 || isRegulator.test(words) ? subjectOf(words) : "none";
      [plate, above, under] = [heading, words.replace(/ ?[:=] ?$/, ""), words];
      continue;
    }
    let within: Subject = "none";
    for (const piece of pieces) {
      const label = piece.label === "" && isBare(piece.text) ? above : piece.label;
      const tokens = tokensIn(withUnit(label, piece.text));
      const own = ownSubject(label, piece.text);
      const isPlate = own === "none" && isBare(piece.text);
      const inherited: Subject = within !== "none" ? within : isPlate ? plate : heading;
      const isOpen = own === "none" && (label === "" || isGeneric(label));
      const isFirst: boolean = isPlate && inherited === "none" && isPlateLike(tokens);
      const subject: Subject = isFirst ? "input" : isOpen ? inherited : own;
      segments.push({
        label,
        text: piece.text,
        under,
        subject,
        tokens: tokens.some(({ isAc }) => isAc) ? [] : tokens,
        place: (at, end) => placeOf(line, piece.at + at, piece.at + end),
      });
      if (subject !== "none") within = subject;
    }
    if (within !== "none") plate = within === "batteryAmps" ? "other" : within;
    above = "";
  }
  return segments;
}

/** A bare number with the unit that its name has: "Maximum voltage (V)". */
function withUnit(label: string, text: string): string {
  const unit = /[([,] ?(k?W|V|A)(?:dc)? ?[)\]]?$/i.exec(label)?.[1];
  return unit !== undefined && /^[\d\s.,/~…-]+$/.test(text) ? `${text} ${unit}` : text;
}

/** What a piece is of by its own words: its name first, then all it says. */
function ownSubject(label: string, text: string): Subject {
  const byName = label === "" ? "none" : subjectOf(label);
  if (byName === "none" && label !== "" && !isGeneric(label)) return "none";
  if (byName !== "none" && byName !== "input") return byName;
  const byText = subjectOf(text);
  if (byText === "none" || byText === "batteryAmps") return byName === "none" ? byText : byName;
  return byText;
}

/** Numbers and units alone, as on the plate by a socket. */
function isBare(text: string): boolean {
  return /^(?:[\d\s.,;/|()~…x-]|\bmax\b|\bmaximum\b|\bdc\b|k?w(?:atts?)?\b|v(?:dc|olts?)?\b|a(?:mps?)?\b|to\b|bis\b|up\b)*$/i.test(
    text.replace(/(\d)([a-z])/gi, "$1 $2"),
  );
}

/** A range of volts with amps or watts: what sockets for panels say, and nothing else. */
function isPlateLike(tokens: readonly Token[]): boolean {
  return tokens.some(({ kind }) => kind === "range") && tokens.some(({ kind }) => kind === "amps" || kind === "watts");
}

function piecesOf(line: Line, name: string, column: number | null): Piece[] {
  const [first, ...values] = line.cells;
  if (first !== undefined && column !== null) {
    const value = line.cells[column];
    return value === undefined ? [] : split(value.words, value.at, first.words.replace(/ ?:$/, ""));
  }
  if (first !== undefined && values.length > 0) {
    const [value] = values;
    if (value !== undefined) return split(line.words.slice(value.at), value.at, first.words.replace(/ ?:$/, ""));
  }
  const marker = bullet.exec(line.words)?.[0].length ?? 0;
  const begins = name !== "" && line.words.slice(marker).startsWith(name) ? marker + name.length : marker;
  return split(line.words.slice(begins), begins, "");
}

/** Parts of a line at its full stops, semicolons and turns, each with a name of its own if it has one. */
function split(text: string, at: number, label: string): Piece[] {
  const cuts = [...text.matchAll(stops), ...text.matchAll(turns)]
    .map(({ index, 0: { length } }) => ({ from: index, to: index + length }))
    .sort((a, b) => a.from - b.from);
  const pieces: Piece[] = [];
  let from = 0;
  for (const cut of [...cuts, { from: text.length, to: text.length }]) {
    if (cut.from < from) continue;
    const part = text.slice(from, cut.from);
    const own = named.exec(part);
    const begins = own?.[0].length ?? 0;
    const inner = /[^\s:]/.exec(part.slice(begins))?.index ?? 0;
    const name = own?.[1]?.trim();
    pieces.push({
      label: name === undefined ? (from === 0 ? label : "") : isModel(name) ? "" : name,
      text: part.slice(begins + inner),
      at: at + from + begins + inner,
    });
    from = cut.to;
  }
  return pieces.filter((piece) => piece.text !== "" || piece.label !== "");
}

/** A model's name before a colon is no name of a figure. */
function isModel(name: string): boolean {
  return (
    /[a-z]/i.test(name) && /\d/.test(name) && !/\d ?v\b/i.test(name) && subjectOf(name) === "none" && !isGeneric(name)
  );
}
