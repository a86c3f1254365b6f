import { fieldSpecs } from "../../engine/units";
import { type PanelField, plainField } from "./field";

const carried = { ...plainField, group: "carried" } as const;
const stowed = { ...carried, unit: "mm", since: 1 } as const;

/** What it takes to carry and to buy. */
export const carriedFields = {
  stowedLengthMm: {
    ...stowed,
    min: 5,
    max: 10000,
    title: "Stowed length",
    titles: ["folded length"],
  },
  stowedWidthMm: {
    ...stowed,
    min: 5,
    max: 10000,
    title: "Stowed width",
    titles: ["folded width"],
  },
  stowedDepthMm: {
    ...stowed,
    min: 1,
    max: 2000,
    title: "Stowed depth",
    titles: ["folded depth", "folded thickness"],
  },
  weightKg: {
    ...carried,
    ...fieldSpecs.weightKg,
    since: 2,
    title: "Weight",
    titles: ["mass"],
    text: {
      order: 13,
      called: [/(?:net\s?)?weight|gewicht|poids|\bpeso\b|weighs|wiegt|\bwt\b(?=[.:\s]{1,3}\d)/gi],
      units: { kg: 1, g: 0.001, lb: 0.45359237, lbs: 0.45359237, oz: 0.028349523 },
      min: 0.05,
      max: 80,
    },
    column: { widthPx: 74, isShown: true },
  },
  price: {
    ...carried,
    ...fieldSpecs.price,
    since: 2,
    title: "Price",
    titles: ["cost", "list price"],
  },
} as const satisfies Readonly<Record<string, PanelField>>;
