import { amps, numberAlone, type PanelField, plainField, volts } from "./field";

const limit = { ...plainField, group: "limit" } as const;
const edge = { ...limit, unit: "mm", min: 50, max: 10000 } as const;
const cellsAlongEdge = { ...limit, unit: "", min: 1, max: 200, whole: true, since: 3 } as const;

/** What it bears and how it is built. */
export const limitFields = {
  maxSystemV: {
    ...limit,
    unit: "V",
    min: 12,
    max: 2000,
    mayDiffer: true,
    title: "Max system voltage",
    titles: ["maximum system voltage", "system voltage"],
    text: {
      order: 4,
      called: [
        /(?:max(?:imum|imale|\.)?\s?)?system[ -]?(?:voltage|spannung)|systemspannung|tension (?:maximale )?du système|\bv[ _-]?sys\b(?:[ .]?max\.?)?/gi,
      ],
      units: volts,
      min: 30,
      max: 2000,
      printed: [
        30, 50, 60, 70, 75, 80, 90, 100, 120, 150, 200, 250, 300, 400, 500, 600, 700, 750, 800, 1000, 1200, 1500, 2000,
      ],
    },
    column: { widthPx: 104, isShown: false },
  },
  maxSeriesFuseA: {
    ...limit,
    unit: "A",
    min: 1,
    max: 60,
    mayDiffer: true,
    title: "Max series fuse",
    titles: ["maximum series fuse rating", "series fuse", "fuse rating"],
    text: {
      order: 5,
      called: [
        /(?:max(?:imum|\.)?\s?)?(?:series\s?)?fuse(?:\s?rating)?|vorsicherung|rückstrombelastbarkeit|reverse current|over-?current protection/gi,
      ],
      units: amps,
      min: 1,
      max: 60,
      printed: [2, 3, 4, 5, 6, 7, 7.5, 8, 9, 10, 12, 13, 15, 16, 18, 20, 25, 30, 32, 35, 40, 45, 50, 60],
    },
    column: { widthPx: 96, isShown: false },
  },
  cellsInSeries: {
    ...limit,
    unit: "",
    min: 1,
    max: 400,
    whole: true,
    title: "Cells in series",
    titles: ["number of cells", "cell count"],
    text: {
      order: 11,
      called: [
        /cells? in series|number of cells|cell count|no\. of cells|zellenzahl|anzahl (?:der )?zellen|nombre de cellules/gi,
      ],
      units: numberAlone,
      min: 2,
      max: 200,
    },
    column: { widthPx: 112, isShown: false },
  },
  bypassDiodes: {
    ...limit,
    unit: "",
    min: 0,
    max: 60,
    whole: true,
    mayDiffer: true,
    title: "Bypass diodes",
    titles: ["diodes"],
    text: {
      order: 12,
      called: [/bypass[ -]?dioden?s?|number of bypass diodes/gi],
      units: numberAlone,
      min: 1,
      max: 48,
    },
    column: { widthPx: 112, isShown: false },
  },
  cellsAlong: {
    ...cellsAlongEdge,
    title: "Cells along",
    titles: ["cells along the length"],
    column: { widthPx: 100, isShown: false },
  },
  cellsAcross: {
    ...cellsAlongEdge,
    title: "Cells across",
    titles: ["cells across the width"],
    column: { widthPx: 104, isShown: false },
  },
  lengthMm: {
    ...edge,
    title: "Length",
    titles: ["height"],
  },
  widthMm: { ...edge, title: "Width" },
} as const satisfies Readonly<Record<string, PanelField>>;
