import { doubtsAbout, type LabelDraft, type ReadingKind, readingsThatFit } from "../../engine/panel";
import { type ReadField } from "./fields";
import { figuresIn } from "./number";
import { type Found } from "./pairs";
import { type Place } from "./plain";

/** Fields of a panel as a text states them. */
export type PanelFields = Partial<Record<ReadField | "lengthMm" | "widthMm" | "price", number>> & {
  name?: string;
  currency?: string;
};

export type Doubt = { readonly field: string; readonly value: number; readonly why: string };

export type PanelRead = {
  readonly fields: PanelFields;
  /** The words each value came from. */ readonly from: Readonly<Record<string, string>>;
  /** Where their numbers stand in the text. */ readonly places: Readonly<Record<string, Place>>;
  readonly doubts: readonly Doubt[];
  /** Readings that would make it agree with itself, best first; none is taken unasked. */
  readonly offers: readonly { readonly fields: PanelFields; readonly why: ReadingKind | "looks" }[];
};

export type Gathered = {
  readonly name: string;
  readonly found: (Found & { readonly place: Place })[];
  readonly extras: Partial<Record<string, { value: number | string; words: string; place: Place }>>;
};

/** Values nearer than this share are the same, said twice. */
const same = 0.005;

export function readOf({ name, found, extras }: Gathered, head: string): PanelRead {
  const fields: PanelFields = name === "" ? {} : { name };
  const from: Record<string, string> = {};
  const places: Record<string, Place> = {};
  const doubts: Doubt[] = [];
  const put = (field: ReadField, value: number, words: string, place: Place | null) => {
    const before = fields[field];
    if (before === undefined) {
      fields[field] = value;
      from[field] = words;
      if (place !== null) places[field] = place;
    } else if (Math.abs(value - before) > same * Math.abs(before))
      doubts.push({ field, value, why: `“${words}” says otherwise` });
  };
  for (const { field, value, others, words, perDegree, place } of found) {
    if (perDegree !== null) continue;
    put(field, value, words, place);
    for (const other of others)
      if (field !== "maxSystemV") doubts.push({ field, value: other, why: `“${words}” may be read so` });
  }
  // volts, amps and watts a degree are shares once the whole is known
  for (const { field, value, words, perDegree, place } of found) {
    const whole =
      perDegree === "V" ? fields.vocV : perDegree === "A" ? fields.iscA : perDegree === "W" ? fields.pmaxW : undefined;
    if (perDegree !== null && whole !== undefined)
      put(field, Number(((100 * value) / whole).toPrecision(4)), words, place);
  }
  for (const [field, extra] of Object.entries(extras))
    if (extra !== undefined && fields[field as keyof PanelFields] === undefined) {
      (fields as Record<string, number | string>)[field] = extra.value;
      from[field] = extra.words;
      places[field] = extra.place;
    }
  for (const { values, unit } of figuresIn(head)) {
    const [watts] = values;
    if (!/^wp?$/i.test(unit) || watts === undefined || watts < 3 || watts > 900) continue;
    if (fields.pmaxW === undefined) put("pmaxW", watts, head, null);
    else if (Math.abs(watts - fields.pmaxW) > 0.02 * fields.pmaxW)
      doubts.push({ field: "pmaxW", value: watts, why: "the heading says otherwise" });
  }
  return proofRead({ fields, from, places, doubts, offers: [] });
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

export function draftOf(fields: PanelFields): LabelDraft {
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
