import { type FieldSpec } from "./field";
import { toKept, type UnitSystem } from "./system";

/** What a typed number turned out to be. `empty` is a legal answer: the field is then not stated. */
export type QuantityReading =
  | { readonly type: "value"; readonly value: number; readonly converted: boolean }
  | { readonly type: "empty" }
  | { readonly type: "notANumber" }
  /** Could be read as either, such as “1,500”: only the person knows. */
  | { readonly type: "ambiguous"; readonly values: readonly [number, number] }
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
export function readQuantity(text: string, spec: FieldSpec, system: UnitSystem = "metric"): QuantityReading {
  const tidy = tidied(text);
  if (tidy === "") return { type: "empty" };
  const either = eitherWay(tidy);
  if (either !== null) return { type: "ambiguous", values: either };
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
export function readCoefficient(text: string, spec: FieldSpec, base: CoefficientBase): QuantityReading {
  const tidy = tidied(text);
  if (tidy === "") return { type: "empty" };
  const typed = numberAndUnit(tidy.replace(",", "."));
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
  const plain = text
    .trim()
    .replace(/[\u2212\u2012\u2013\u2014]/g, "-")
    .replace(/\u2103/g, "°C");
  return pointOf(plain.replace(/(\d)[ \u00a0\u2009\u202f'’](?=\d{3}(?!\d))/g, "$1"));
}

/** A number of whole thousands or a decimal comma: “1,500” can be read as either. */
function eitherWay(tidy: string): readonly [number, number] | null {
  const [, sign = "", whole = "", rest = ""] = /^([+-]?)([1-9]\d{0,2}),(\d{3})(?![\d.,])/.exec(tidy) ?? [];
  return rest === "" ? null : [Number(`${sign}${whole}.${rest}`), Number(`${sign}${whole}${rest}`)];
}

/** One decimal point, whatever parted thousands and decimals; a lone comma before three digits is left to `eitherWay`. */
function pointOf(text: string): string {
  const [number = ""] = /[\d.,]+/.exec(text) ?? [];
  const [point, comma] = [number.lastIndexOf("."), number.lastIndexOf(",")];
  const decimal = point >= 0 && comma >= 0 ? (point > comma ? "." : ",") : null;
  if (decimal !== null) {
    const other = decimal === "." ? "," : ".";
    return text.replace(number, number.split(other).join("").replace(decimal, "."));
  }
  if (number.split(",").length > 2) return text.replace(number, number.split(",").join(""));
  if (number.split(".").length > 2) return text.replace(number, number.split(".").join(""));
  return /^[1-9]\d{0,2},\d{3}$/.test(number) ? text : text.replace(number, number.replace(",", "."));
}

const maxDigits = 9;

function bounded(value: number, spec: FieldSpec, converted: boolean): QuantityReading {
  if (!Number.isFinite(value)) return { type: "notANumber" };
  if (spec.whole && !Number.isInteger(value)) return { type: "notWhole", value };
  if (value < spec.min || value > spec.max) return { type: "outside", value };
  // what is reckoned from another unit is kept as finely as a label could state it
  return { type: "value", value: converted ? Number(value.toPrecision(maxDigits)) : value, converted };
}
