import { type FieldSpec } from "./field";
import { toKept, type UnitSystem } from "./system";

/** What a typed number turned out to be. `empty` is a legal answer: the field is then not stated. */
export type Reading =
  | { readonly type: "value"; readonly value: number; readonly converted: boolean }
  | { readonly type: "empty" }
  | { readonly type: "notANumber" }
  | { readonly type: "notWhole"; readonly value: number }
  | { readonly type: "outside"; readonly value: number }
  | { readonly type: "unknownUnit"; readonly unit: string };

/** The panel value a coefficient is a share of: Voc for βVoc, Isc for αIsc, Pmax for γPmax. */
export type CoefficientBase = { readonly unit: "V" | "A" | "W"; readonly value: number | null };

const numberAtStart = /^[+-]?(?:\d+(?:\.\d*)?|\.\d+)(?:e[+-]?\d+)?/i;

/**
 * Reads a number as people write it: comma or point, typographic minus, spaces, with a unit the quantity can
 * have or none, which means the one it is shown in. The value is in the unit of the field.
 */
export function readQuantity(text: string, spec: FieldSpec, system: UnitSystem = "metric"): Reading {
  const tidy = tidied(text);
  if (tidy === "") return { type: "empty" };
  const parts = numberAndUnit(tidy);
  if (parts === null) return { type: "notANumber" };
  const { number, unit } = parts;
  const value = toKept(number, unit, spec.unit, system);
  return value === null ? { type: "unknownUnit", unit } : bounded(value, spec, value !== number);
}

/**
 * Reads a temperature coefficient in any of the ways labels print one (%/°C, %/K, mV/°C, mV/K, V/°C,
 * A/°C, mA/°C, W/°C, "per K") and returns %/°C. Absolute ones need the value they are a share of.
 */
export function readCoefficient(text: string, spec: FieldSpec, base: CoefficientBase): Reading {
  const tidy = tidied(text);
  if (tidy === "") return { type: "empty" };
  const typed = numberAndUnit(tidy);
  if (typed === null) return { type: "notANumber" };
  const { number } = typed;
  const unit = typed.unit
    .replace(/\s+|°/g, "")
    .replace(/^per/i, "/")
    .replace(/(\w|%)per/i, "$1/")
    .toLowerCase();
  if (unit === "" || unit === "%") return bounded(number, spec, false);
  const parts = /^(%|ppm|1|mv|v|ma|a|mw|w|)\/(c|k)$/.exec(unit);
  if (parts === null) return { type: "unknownUnit", unit: typed.unit };
  const measure = parts[1] ?? "";
  if (measure === "%") return bounded(number, spec, false);
  if (measure === "" || measure === "1") return bounded(number * 100, spec, true);
  if (measure === "ppm") return bounded(number / 1e4, spec, true);
  const milli = measure.length === 2;
  const letter = milli ? measure.slice(1) : measure;
  if (letter !== base.unit.toLowerCase()) return { type: "unknownUnit", unit: typed.unit };
  if (base.value === null) return { type: "notANumber" };
  return bounded(((milli ? number / 1000 : number) / base.value) * 100, spec, true);
}

function numberAndUnit(tidy: string): { readonly number: number; readonly unit: string } | null {
  const number = numberAtStart.exec(tidy)?.[0];
  return number === undefined ? null : { number: Number(number), unit: tidy.slice(number.length).trim() };
}

function tidied(text: string): string {
  return text
    .trim()
    .replace(/[\u2212\u2012\u2013\u2014]/g, "-")
    .replace(/\u2103/g, "°C")
    .replace(/(\d),(\d)/g, "$1.$2");
}

function bounded(value: number, spec: FieldSpec, converted: boolean): Reading {
  if (!Number.isFinite(value)) return { type: "notANumber" };
  if (spec.whole && !Number.isInteger(value)) return { type: "notWhole", value };
  if (value < spec.least || value > spec.most) return { type: "outside", value };
  return { type: "value", value, converted };
}
