import { fieldSpecs } from "../../engine/units";
import { type PanelField, plainField } from "./field";

/** What it takes to carry and to buy. */
export const carriedFields = {
  stowedLengthMm: {
    ...plainField,
    unit: "mm",
    min: 5,
    max: 10000,
    whole: false,
    since: 1,
    group: "carried",
    title: "Stowed length",
    titles: ["folded length"],
  },
  stowedWidthMm: {
    ...plainField,
    unit: "mm",
    min: 5,
    max: 10000,
    whole: false,
    since: 1,
    group: "carried",
    title: "Stowed width",
    titles: ["folded width"],
  },
  stowedDepthMm: {
    ...plainField,
    unit: "mm",
    min: 1,
    max: 2000,
    whole: false,
    since: 1,
    group: "carried",
    title: "Stowed depth",
    titles: ["folded depth", "folded thickness"],
  },
  weightKg: {
    ...plainField,
    ...fieldSpecs.weightKg,
    since: 2,
    group: "carried",
    title: "Weight",
    titles: ["mass"],
    text: {
      order: 13,
      called: [/(?:net\s?)?weight|gewicht|poids|\bwt\b(?=[.:\s]{1,3}\d)/gi],
      units: { kg: 1, g: 0.001, lb: 0.45359237, lbs: 0.45359237, oz: 0.028349523 },
      min: 0.05,
      max: 80,
    },
    column: { widthPx: 74, isShown: true },
  },
  price: {
    ...plainField,
    ...fieldSpecs.price,
    since: 2,
    group: "carried",
    title: "Price",
    titles: ["cost", "list price"],
  },
} as const satisfies Readonly<Record<string, PanelField>>;
