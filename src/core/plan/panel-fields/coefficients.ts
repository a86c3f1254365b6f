import { type PanelField, plainField } from "./field";

const share = { "": 1, "%": 1 };
const coefficientWord =
  "(?:temp(?:erature|eratur|\\.)?[ -]?\\.? ?(?:coefficients?|coeff?\\.?|koeffizient)|temperaturkoeffizient|tk|tc|coefficient de température)";

/** A coefficient's name: that it is one, and of what. */
const coefficientOf = (what: string): RegExp[] => [
  new RegExp(`${coefficientWord}[^\\d%:|\\t]{0,24}?(?:${what})`, "gi"),
  new RegExp(`(?:${what})[^\\d%:|\\t,;]{0,12}${coefficientWord}`, "gi"),
];

const coefficient = {
  ...plainField,
  unit: "%/°C",
  min: -1.5,
  max: 0.5,
  group: "coefficient",
  mayDiffer: true,
} as const;

/** How its values change with each degree. */
export const coefficientFields = {
  tempCoVocPctPerC: {
    ...coefficient,
    shareOf: { field: "vocV", unit: "V" },
    title: "Voc coefficient",
    titles: ["temp coefficient voc", "temperature coefficient of voc", "beta voc", "beta"],
    text: {
      order: 1,
      called: [
        ...coefficientOf("v\\s?oc|u\\s?oc|open[ -]?circuit(?: voltage)?|leerlaufspannung|voltage|spannung|β|beta"),
        /\bβ\s?\(?\s?[vu]\s?oc\)?|\bbeta\s?\(?\s?[vu]oc\)?/gi,
      ],
      units: share,
      min: -0.9,
      max: 0.9,
    },
    column: { widthPx: 118, isShown: false },
  },
  tempCoPmaxPctPerC: {
    ...coefficient,
    shareOf: { field: "pmaxW", unit: "W" },
    title: "Pmax coefficient",
    titles: ["temp coefficient pmax", "temperature coefficient of pmax", "gamma pmax", "gamma"],
    text: {
      order: 3,
      called: [
        ...coefficientOf("p\\s?max|p\\s?mpp|p\\s?mp|(?:max(?:imum)?\\.? )?power|leistung|γ|gamma"),
        /\bγ\s?\(?\s?p(?:max|mpp?)\)?|\bgamma\s?\(?\s?p(?:max|mpp?)\)?/gi,
      ],
      units: share,
      min: -0.9,
      max: 0.9,
    },
    column: { widthPx: 124, isShown: false },
  },
  tempCoIscPctPerC: {
    ...coefficient,
    min: -0.5,
    shareOf: { field: "iscA", unit: "A" },
    title: "Isc coefficient",
    titles: ["temp coefficient isc", "temperature coefficient of isc", "alpha isc", "alpha"],
    text: {
      order: 2,
      called: [
        ...coefficientOf("i\\s?sc|short[ -]?circuit(?: current)?|kurzschlussstrom|current|strom|α|alpha"),
        /\bα\s?\(?\s?isc\)?|\balpha\s?\(?\s?isc\)?/gi,
      ],
      units: share,
      min: -0.3,
      max: 0.3,
    },
  },
} as const satisfies Readonly<Record<string, PanelField>>;
