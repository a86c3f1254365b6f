/** A field that a text may state of a panel. */
export type ReadField =
  | "pmaxW"
  | "vocV"
  | "iscA"
  | "vmpV"
  | "impA"
  | "tempCoVocPctPerC"
  | "tempCoIscPctPerC"
  | "tempCoPmaxPctPerC"
  | "maxSystemV"
  | "maxSeriesFuseA"
  | "cellsInSeries"
  | "bypassDiodes"
  | "weightKg";

/** What a field goes by in texts, which units its number may carry (none: ""), and between what it lies, in the field's own unit. */
type FieldWords = {
  readonly field: ReadField;
  readonly called: readonly RegExp[];
  /** Units, each with what turns it into the field's own; "" is the field's own. */
  readonly units: Readonly<Record<string, number>>;
  readonly least: number;
  readonly most: number;
};

const volts = { "": 1, v: 1, mv: 0.001 };
const amps = { "": 1, a: 1, ma: 0.001 };
const watts = { "": 1, w: 1, wp: 1, kw: 1000 };
const coefficient = { "": 1, "%": 1 };
const coefficientWord =
  "(?:temp(?:erature|eratur|\\.)?[ -]?\\.? ?(?:coefficients?|coeff?\\.?|koeffizient)|temperaturkoeffizient|tk|tc|coefficient de température)";

/** A coefficient's name: that it is one, and of what. */
const coefficientOf = (what: string): RegExp[] => [
  new RegExp(`${coefficientWord}[^\\d%:|\\t]{0,24}?(?:${what})`, "gi"),
  new RegExp(`(?:${what})[^\\d%:|\\t,;]{0,12}${coefficientWord}`, "gi"),
];

/** Every field, the longer and narrower names before those that are part of them. */
export const fieldWords: readonly FieldWords[] = [
  {
    field: "tempCoVocPctPerC",
    called: [
      ...coefficientOf("v\\s?oc|u\\s?oc|open[ -]?circuit(?: voltage)?|leerlaufspannung|voltage|spannung|β|beta"),
      /\bβ\s?\(?\s?[vu]\s?oc\)?|\bbeta\s?\(?\s?[vu]oc\)?/gi,
    ],
    units: coefficient,
    least: -0.9,
    most: 0.9,
  },
  {
    field: "tempCoIscPctPerC",
    called: [
      ...coefficientOf("i\\s?sc|short[ -]?circuit(?: current)?|kurzschlussstrom|current|strom|α|alpha"),
      /\bα\s?\(?\s?isc\)?|\balpha\s?\(?\s?isc\)?/gi,
    ],
    units: coefficient,
    least: -0.3,
    most: 0.3,
  },
  {
    field: "tempCoPmaxPctPerC",
    called: [
      ...coefficientOf("p\\s?max|p\\s?mpp|p\\s?mp|(?:max(?:imum)?\\.? )?power|leistung|γ|gamma"),
      /\bγ\s?\(?\s?p(?:max|mpp?)\)?|\bgamma\s?\(?\s?p(?:max|mpp?)\)?/gi,
    ],
    units: coefficient,
    least: -0.9,
    most: 0.9,
  },
  {
    field: "maxSystemV",
    called: [
      /(?:max(?:imum|imale|\.)?\s?)?system[ -]?(?:voltage|spannung)|systemspannung|tension (?:maximale )?du système|\bv[ _-]?sys\b(?:[ .]?max\.?)?/gi,
    ],
    units: volts,
    least: 30,
    most: 2000,
  },
  {
    field: "maxSeriesFuseA",
    called: [
      /(?:max(?:imum|\.)?\s?)?(?:series\s?)?fuse(?:\s?rating)?|vorsicherung|rückstrombelastbarkeit|reverse current|over-?current protection/gi,
    ],
    units: amps,
    least: 1,
    most: 60,
  },
  {
    field: "vocV",
    called: [
      /open[ -]?circuit\s?(?:voltage|volts)?(?:\s?\(?[vu]\s?oc\)?)?|leerlaufspannung(?:\s?\(?[vu]\s?oc\)?)?|tension (?:à|a|en) (?:vide|circuit ouvert)|\b[vu][ _-]?oc\b/gi,
    ],
    units: volts,
    least: 2,
    most: 500,
  },
  {
    field: "iscA",
    called: [
      /short[ -]?circuit\s?(?:current|amps)?(?:\s?\(?i\s?sc\)?)?|kurzschlussstrom(?:\s?\(?i\s?sc\)?)?|courant de court-circuit|\bi[ _-]?sc\b/gi,
    ],
    units: amps,
    least: 0.05,
    most: 40,
  },
  {
    field: "vmpV",
    called: [
      /(?:voltage|volts|spannung|tension)\s?(?:at|im|bei|à)\s?(?:p\s?max|max(?:imum|imal|\.)?\s?(?:power|leistung)?(?: point)?|mpp|peak power|nennleistung)(?:\s?\(?[vu]\s?mpp?\)?)?/gi,
      /(?:optimum|optimal|rated|nominal|max(?:imum|\.)?|peak)?\s?(?:operating|working|power(?: point)?)\s?voltage(?:\s?\(?[vu]\s?mpp?\)?)?|nennspannung|mpp-?spannung|rated voltage|\b[vu][ _-]?mpp?\b|\b[vu][ _-]?pm\b/gi,
    ],
    units: volts,
    least: 1.5,
    most: 450,
  },
  {
    field: "impA",
    called: [
      /(?:current|amps|strom|courant)\s?(?:at|im|bei|à)\s?(?:p\s?max|max(?:imum|imal|\.)?\s?(?:power|leistung)?(?: point)?|mpp|peak power|nennleistung)(?:\s?\(?i\s?mpp?\)?)?/gi,
      /(?:optimum|optimal|rated|nominal|max(?:imum|\.)?|peak)?\s?(?:operating|working|power(?: point)?)\s?current(?:\s?\(?i\s?mpp?\)?)?|nennstrom|mpp-?strom|rated current|\bi[ _-]?mpp?\b|\bi[ _-]?pm\b/gi,
    ],
    units: amps,
    least: 0.05,
    most: 40,
  },
  {
    field: "pmaxW",
    called: [
      /(?:max(?:imum|imale|\.)?|nominal|rated|peak|output)\s?power(?! ?toleran)(?:\s?\(?p\s?(?:max|mpp?)\)?)?|nennleistung(?:\s?p\s?max)?|puissance (?:maximale|nominale|crête)|\bp[ _-]?(?:max|mpp?)\b|\bpower\b(?! ?toleran)|\bwattage\b|\bleistung\b/gi,
      // "pm" in small letters is a time of day
      /\bPm\b(?=[\s:=]{0,3}\d)/g,
    ],
    units: watts,
    least: 3,
    most: 900,
  },
  {
    field: "cellsInSeries",
    called: [
      /cells? in series|number of cells|cell count|no\. of cells|zellenzahl|anzahl (?:der )?zellen|nombre de cellules/gi,
    ],
    units: { "": 1 },
    least: 2,
    most: 200,
  },
  {
    field: "bypassDiodes",
    called: [/bypass[ -]?dioden?s?|number of bypass diodes/gi],
    units: { "": 1 },
    least: 1,
    most: 48,
  },
  {
    field: "weightKg",
    called: [/(?:net\s?)?weight|gewicht|poids|\bwt\b(?=[.:\s]{1,3}\d)/gi],
    units: { kg: 1, g: 0.001, lb: 0.45359237, lbs: 0.45359237, oz: 0.028349523 },
    least: 0.05,
    most: 80,
  },
];

/** What stands for something else than the panel itself: the carton it comes in, or folded up. */
export const ofThePacking =
  /shipping|package|packing|packag|carton|gross|versand|verpackung|karton|box size|folded|stowed|closed|gefaltet/i;
/** A column, a line or a heading of everyday conditions, which is not the label. */
export const everyday = /\bn(?:oct|mot)\b|800\s?w\/m|normal operating|low light/i;
export const standard = /\bstc\b|standard test|1000\s?w\/m/i;
