import { amps, type PanelField, plainField, volts, watts } from "./field";

const rating = { ...plainField, group: "rating", isNeeded: true, mayDiffer: true } as const;
/** Assumed from Pmax, Voc and Isc where it is not stated. */
const ofMaxPower = { isNeeded: false } as const;
const voltage = { ...rating, unit: "V", min: 0.5, max: 400 } as const;
const current = { ...rating, unit: "A", min: 0.01, max: 40 } as const;

/** What a panel gives at STC, in the order stickers print it. */
export const ratingFields = {
  pmaxW: {
    ...rating,
    unit: "W",
    min: 0.5,
    max: 1000,
    title: "Pmax",
    titles: ["power", "watts", "rated power", "maximum power", "max power", "wp", "nominal power"],
    text: {
      order: 10,
      called: [
        /(?:max(?:imum|imale|\.)?|nominal|rated|peak|output)\s?power(?! ?toleran)(?:\s?\(?p\s?(?:max|mpp?)\)?)?|nennleistung(?:\s?p\s?max)?|puissance (?:maximale|nominale|crête)|\bp[ _-]?(?:max|mpp?)\b|\bpower\b(?! ?toleran)|\bwattage\b|\bleistung\b/gi,
        // "pm" in small letters is a time of day
        /\bPm\b(?=[\s:=]{0,3}\d)/g,
      ],
      units: watts,
      min: 3,
      max: 1000,
    },
    column: { widthPx: 68, isShown: true },
  },
  vmpV: {
    ...voltage,
    ...ofMaxPower,
    title: "Vmp",
    titles: [
      "vmpp",
      "umpp",
      "maximum power voltage",
      "voltage at maximum power",
      "voltage at pmax",
      "operating voltage",
    ],
    text: {
      order: 8,
      called: [
        /(?:voltage|volts|spannung|tension)\s?(?:at|im|bei|à)?\s?(?:p\s?max|max(?:imum|imal|\.)?\s?(?:power|leistung)?(?: point)?|mpp|peak power|nennleistung)(?:\s?\(?[vu]\s?mpp?\)?)?/gi,
        /(?:optimum|optimal|rated|nominal|max(?:imum|\.)?|peak)?\s?(?:operating|working|power(?: point)?)\s?voltage(?:\s?\(?[vu]\s?mpp?\)?)?|nennspannung|mpp-?spannung|rated voltage|\b[vu][ _-]?mpp?\b|\b[vu][ _-]?pm\b|\b[vu]m(?= ?[=:])/gi,
      ],
      units: volts,
      min: 1.5,
      max: 450,
    },
    column: { widthPx: 82, isShown: false },
  },
  impA: {
    ...current,
    ...ofMaxPower,
    title: "Imp",
    titles: ["impp", "maximum power current", "current at maximum power", "current at pmax", "operating current"],
    text: {
      order: 9,
      called: [
        /(?:current|amps|strom|courant)\s?(?:at|im|bei|à)?\s?(?:p\s?max|max(?:imum|imal|\.)?\s?(?:power|leistung)?(?: point)?|mpp|peak power|nennleistung)(?:\s?\(?i\s?mpp?\)?)?/gi,
        /(?:optimum|optimal|rated|nominal|max(?:imum|\.)?|peak)?\s?(?:operating|working|power(?: point)?)\s?current(?:\s?\(?i\s?mpp?\)?)?|nennstrom|mpp-?strom|rated current|\bi[ _-]?mpp?\b|\bi[ _-]?pm\b|\bim(?= ?[=:] ?\d)/gi,
      ],
      units: amps,
      min: 0.05,
      max: 40,
    },
    column: { widthPx: 84, isShown: false },
  },
  vocV: {
    ...voltage,
    title: "Voc",
    titles: ["uoc", "open circuit voltage"],
    text: {
      order: 6,
      called: [
        /(?:voltage |volts )?open[ -]?circuit\s?(?:voltage|volts)?(?:\s?\(?[vu]\s?oc\)?)?|leerlaufspannung(?:\s?\(?[vu]\s?oc\)?)?|tension (?:à|a|en) (?:vide|circuit ouvert)|\b[vu][ _-]?oc\b/gi,
      ],
      units: volts,
      min: 2,
      max: 500,
    },
    column: { widthPx: 70, isShown: true },
  },
  iscA: {
    ...current,
    title: "Isc",
    titles: ["short circuit current"],
    text: {
      order: 7,
      called: [
        /(?:current |amps )?short[ -]?circuit\s?(?:current|amps)?(?:\s?\(?i\s?sc\)?)?|kurzschlussstrom(?:\s?\(?i\s?sc\)?)?|courant de court-circuit|\bi[ _-]?sc\b/gi,
      ],
      units: amps,
      min: 0.05,
      max: 40,
    },
    column: { widthPx: 72, isShown: true },
  },
} as const satisfies Readonly<Record<string, PanelField>>;
