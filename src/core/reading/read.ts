import { doubtsAbout, type LabelDraft, type ReadingKind, readingsThatFit } from "../panel";
import { cellsIn, priceIn, sizeIn } from "./extras";
import { everyday, type ReadField, standard } from "./fields";
import { type InputRead, inputIn } from "./inputs";
import { figuresIn } from "./number";
import { type Found, namesIn, pairsIn } from "./pairs";
import { type Line, linesOf } from "./plain";

/** Fields of a panel as a text states them. */
export type PanelFields = Partial<Record<ReadField | "lengthMm" | "widthMm" | "price", number>> & {
  name?: string;
  currency?: string;
};
export type Doubt = { readonly field: string; readonly value: number; readonly why: string };
export type PanelRead = {
  readonly fields: PanelFields;
  /** The words each value came from. */ readonly from: Readonly<Record<string, string>>;
  readonly doubts: readonly Doubt[];
  /** Readings that would make it agree with itself, best first; none is taken unasked. */
  readonly offers: readonly { readonly fields: PanelFields; readonly why: ReadingKind }[];
};
export type TextReading = {
  readonly panels: readonly PanelRead[];
  readonly inputs: readonly InputRead[];
  /** Lines with numbers of which nothing was understood. */ readonly unread: readonly string[];
};

/** Longest text read, characters: a long data sheet, and no more than ends at once. */
export const mostText = 200_000;

const panelWord = /\bpanel|solarmodul|\bmodule?\b|solar ?modul|blanket|photovolta/i;
const inputWord =
  /station|controller|charger|laderegler|regler|generator|wechselrichter|inverter|power ?bank|mppt|pwm/i;

type Part = { readonly kind: "panel" | "input"; readonly head: string; readonly lines: Line[] };

/** Reads what was pasted from anywhere: panels and inputs, each value with its words, and what speaks against it. Nothing is guessed. */
export function readText(text: string): TextReading {
  const lines = linesOf(text.slice(0, mostText));
  const panels: PanelRead[] = [];
  const inputs: InputRead[] = [];
  const unread: string[] = [];
  for (const part of partsOf(lines)) {
    if (part.kind === "input") {
      const input = inputIn(nameFrom(part.head), part.lines);
      if (input !== null) inputs.push(input);
      continue;
    }
    const { reads, left } = panelsIn(part);
    panels.push(...reads);
    unread.push(...left);
  }
  return { panels, inputs, unread };
}

/** A text by what it is of: a heading that names a station or a controller begins one, a panel's another. */
function partsOf(lines: readonly Line[]): Part[] {
  const parts: Part[] = [];
  const isHead = ({ words, cells }: Line) =>
    words !== "" && words.length < 90 && cells.length === 0 && pairsIn(words).length === 0 && !/[:.!?]$/.test(words);
  const kindOf = (words: string) => {
    const [panel, input] = [panelWord.test(words), inputWord.test(words)];
    return panel === input ? null : panel ? "panel" : "input";
  };
  for (const line of lines) {
    const kind = isHead(line) ? kindOf(line.words) : null;
    const last = parts.at(-1);
    if (last === undefined && line.words === "") continue;
    if (last === undefined) parts.push({ kind: kind ?? "panel", head: line.words, lines: [line] });
    else if (kind !== null && (kind !== last.kind || (last.lines.length > 1 && isNamed(line.words))))
      parts.push({ kind, head: line.words, lines: [line] });
    else last.lines.push(line);
  }
  // no heading said so: a text that speaks of an input and of no panel's volts is one of an input
  return parts.map((part) => {
    if (part.kind === "input") return part;
    const all = part.lines.map(({ words }) => words).join("\n");
    const electrical = new Set(part.lines.flatMap(({ words }) => pairsIn(words).map(({ field }) => field)));
    const isPanel = electrical.has("pmaxW") || (electrical.has("vmpV") && electrical.has("iscA"));
    return !isPanel && (inputWord.test(all) || /max(?:imum|\.)? (?:solar )?input|solar input/i.test(all))
      ? { ...part, kind: "input" }
      : part;
  });
}

/** Whether a heading names a thing of its own: letters and digits together, as models go by. */
function isNamed(words: string): boolean {
  return /\b(?=[\w-]*\d)(?=[\w-]*[A-Za-z])[\w-]{3,}\b/.test(words);
}

type Columns =
  | { readonly type: "models"; readonly names: readonly string[] }
  | { readonly type: "conditions"; readonly use: number }
  | null;

type Gathered = {
  readonly name: string;
  readonly found: Found[];
  readonly extras: Partial<Record<string, { value: number | string; words: string }>>;
};

function panelsIn({ head, lines }: Part): { readonly reads: PanelRead[]; readonly left: string[] } {
  const common: Gathered = { name: nameFrom(head), found: [], extras: {} };
  const models = new Map<string, Gathered>();
  const left: string[] = [];
  let columns: Columns = null;
  let isEveryday = false;
  for (const { words, cells } of lines) {
    if (words === "") {
      isEveryday = false;
      continue;
    }
    const header = columnsOf(cells);
    if (header !== null) {
      columns = header;
      continue;
    }
    const names = namesIn(words);
    if (cells.length < 2 && names.length === 0) {
      if (everyday.test(words) && !standard.test(words)) isEveryday = true;
      else if (standard.test(words)) isEveryday = false;
    }
    const isCells = cells.length > 1 && namesIn(cells[0] ?? "").length > 0;
    if (isEveryday || (!isCells && everyday.test(words) && !standard.test(words) && names.length > 0)) continue;
    if (isCells) {
      const [label = "", ...values] = cells;
      if (columns?.type === "models" && values.length >= 2) {
        for (const [k, name] of columns.names.entries()) {
          const model = models.get(name) ?? { name, found: [], extras: {} };
          models.set(name, model);
          const [found] = pairsIn(`${label}: ${values[k] ?? ""}`);
          if (found !== undefined) model.found.push({ ...found, words: `${label} ${values[k] ?? ""}` });
        }
        continue;
      }
      const use = columns?.type === "conditions" ? columns.use : 1;
      common.found.push(...pairsIn(`${label}: ${cells[use] ?? cells[1] ?? ""}`));
      takeExtras(common, `${label}: ${cells[use] ?? cells[1] ?? ""}`);
      continue;
    }
    const pairs = pairsIn(words);
    common.found.push(...pairs);
    const took = takeExtras(common, words);
    if (pairs.length === 0 && !took && words !== head && figuresIn(words).length > 0) left.push(words);
  }
  if (models.size > 0) {
    const family = common.name;
    const reads = [...models.values()].map((model) =>
      readOf({ name: joined(family, model.name), found: [...model.found, ...common.found], extras: common.extras }, ""),
    );
    return { reads, left };
  }
  return common.found.length === 0 ? { reads: [], left } : { reads: [readOf(common, head)], left };
}

/** Columns that a row of a table heads: models side by side, or conditions. */
function columnsOf(cells: readonly string[]): Columns {
  if (cells.length < 2) return null;
  const [first = "", ...others] = cells;
  const stc = cells.findIndex((cell) => standard.test(cell));
  if (cells.some((cell) => everyday.test(cell)) && namesIn(first).length === 0)
    return {
      type: "conditions",
      use:
        stc >= 0
          ? stc
          : Math.max(
              1,
              cells.findIndex((cell, k) => k > 0 && !everyday.test(cell)),
            ),
    };
  if (stc >= 0 && namesIn(first).length === 0 && figuresIn(others.join(" ")).length === 0)
    return { type: "conditions", use: stc };
  const areNames = others.every((cell) => cell !== "" && namesIn(cell).length === 0 && /[A-Za-z]/.test(cell));
  if (/^(?:model|typ|type|modell|module|product|article|item|)$/i.test(first) && others.length >= 2 && areNames)
    return { type: "models", names: others };
  return null;
}

/** Sizes, price, cells: what goes by a shape of its own. True where a line held any. */
function takeExtras({ extras }: Gathered, words: string): boolean {
  const size = sizeIn(words);
  const price = priceIn(words);
  const cells = cellsIn(words);
  if (size !== null && extras["lengthMm"] === undefined) {
    extras["lengthMm"] = { value: size.lengthMm, words: size.words };
    extras["widthMm"] = { value: size.widthMm, words: size.words };
  }
  if (price !== null && extras["price"] === undefined) {
    extras["price"] = { value: price.price, words: price.words };
    extras["currency"] = { value: price.currency, words: price.words };
  }
  if (cells !== null && extras["cellsInSeries"] === undefined)
    extras["cellsInSeries"] = { value: cells.cells, words: cells.words };
  return size !== null || price !== null || cells !== null;
}

/** Values nearer than this share are the same, said twice. */
const same = 0.005;

function readOf({ name, found, extras }: Gathered, head: string): PanelRead {
  const fields: PanelFields = name === "" ? {} : { name };
  const from: Record<string, string> = {};
  const doubts: Doubt[] = [];
  const put = (field: ReadField, value: number, words: string) => {
    const before = fields[field];
    if (before === undefined) {
      fields[field] = value;
      from[field] = words;
    } else if (Math.abs(value - before) > same * Math.abs(before))
      doubts.push({ field, value, why: `“${words}” says otherwise` });
  };
  for (const { field, value, others, words, perDegree } of found) {
    if (perDegree !== null) continue;
    put(field, value, words);
    for (const other of others)
      if (field !== "maxSystemV") doubts.push({ field, value: other, why: `“${words}” may be read so` });
  }
  // volts, amps and watts a degree are shares once the whole is known
  for (const { field, value, words, perDegree } of found) {
    const whole =
      perDegree === "V" ? fields.vocV : perDegree === "A" ? fields.iscA : perDegree === "W" ? fields.pmaxW : undefined;
    if (perDegree !== null && whole !== undefined) put(field, Number(((100 * value) / whole).toPrecision(4)), words);
  }
  for (const [field, extra] of Object.entries(extras))
    if (extra !== undefined && fields[field as keyof PanelFields] === undefined) {
      (fields as Record<string, number | string>)[field] = extra.value;
      from[field] = extra.words;
    }
  for (const { values, unit } of figuresIn(head)) {
    const [watts] = values;
    if (!/^wp?$/i.test(unit) || watts === undefined || watts < 3 || watts > 900) continue;
    if (fields.pmaxW === undefined) put("pmaxW", watts, head);
    else if (Math.abs(watts - fields.pmaxW) > 0.02 * fields.pmaxW)
      doubts.push({ field: "pmaxW", value: watts, why: "the heading says otherwise" });
  }
  return proofRead({ fields, from, doubts, offers: [] });
}

/** What the numbers say of one another: every one that is part of a contradiction is doubted, and readings that would end it are offered. */
function proofRead(read: PanelRead): PanelRead {
  const { fields } = read;
  const draft = draftOf(fields);
  const all = doubtsAbout(draft);
  if (all.length === 0) return read;
  // where one value lies beyond another, what follows from both says nothing new
  const plain = all.filter(({ type }) => type !== "fillFactor" && type !== "voltageRatio" && type !== "currentRatio");
  const contradictions = plain.length > 0 ? plain : all;
  const offers = readingsThatFit(draft).map(({ patch, how }) => ({ fields: { ...fields, ...patch }, why: how }));
  // each value with the first contradiction that it is part of
  const reasons = new Map<string, string>();
  for (const { type, field } of contradictions)
    for (const each of [field, ...(partners[type] ?? [])]) if (!reasons.has(each)) reasons.set(each, type);
  const doubts = [...reasons].flatMap(([field, why]): Doubt[] => {
    const value = fields[field as ReadField];
    return value === undefined || read.doubts.some((known) => known.field === field) ? [] : [{ field, value, why }];
  });
  return { ...read, doubts: [...read.doubts, ...doubts], offers };
}

/** The other fields a contradiction is between. */
const partners: Readonly<Record<string, readonly (keyof LabelDraft)[]>> = {
  vmpNotBelowVoc: ["vocV"],
  impNotBelowIsc: ["iscA"],
  powerNotProduct: ["vmpV", "impA"],
  voltageRatio: ["vocV"],
  currentRatio: ["iscA"],
  fillFactor: ["vocV", "iscA"],
  wattsPerArea: ["lengthMm", "widthMm"],
  voltsPerCell: ["vocV"],
};

function draftOf(fields: PanelFields): LabelDraft {
  const of = (field: ReadField | "lengthMm" | "widthMm") => fields[field] ?? null;
  return {
    pmaxW: of("pmaxW"),
    vocV: of("vocV"),
    iscA: of("iscA"),
    vmpV: of("vmpV"),
    impA: of("impA"),
    tempCoVocPctPerC: of("tempCoVocPctPerC"),
    tempCoIscPctPerC: of("tempCoIscPctPerC"),
    tempCoPmaxPctPerC: of("tempCoPmaxPctPerC"),
    cellsInSeries: of("cellsInSeries"),
    bypassDiodes: of("bypassDiodes"),
    maxSeriesFuseA: of("maxSeriesFuseA"),
    maxSystemV: of("maxSystemV"),
    cellType: "mono",
    lengthMm: of("lengthMm"),
    widthMm: of("widthMm"),
  };
}

/** A name from a heading: without what every panel is called, and without its watts. */
function nameFrom(head: string): string {
  return head
    .replace(/^(?:solar )?(?:panel|module|solarmodul|station|power station)\s+(?=\S)/i, "")
    .replace(/^\d+ ?Wp?\s+/i, "")
    .split(/[,(|]/, 1)
    .join("")
    .replace(
      /\b(?:\d+ ?Wp? )?(?:mono(?:crystalline)? |poly(?:crystalline)? |flexible |folding |portable )?solar (?:panel|charge controller|module)\b.*$/i,
      "",
    )
    .replace(/\b(?:portable )?power station\b.*$/i, "")
    .replace(/\bseries\b.*$/i, "")
    .trim()
    .slice(0, 80);
}

function joined(family: string, model: string): string {
  const [first = ""] = family.split(" ");
  return first === "" || model.toLowerCase().includes(first.toLowerCase()) ? model : `${first} ${model}`;
}
