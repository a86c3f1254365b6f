import { z } from "zod";
import { type FieldName, type FieldSpec, fieldSpecs } from "../engine/units";

/** What the schemas of all sections are made of. */

export function numberOf(spec: FieldSpec) {
  const number = z.number().min(spec.min).max(spec.max);
  return spec.whole ? number.int() : number;
}

export const field = (name: FieldName) => numberOf(fieldSpecs[name]);
export const stated = (name: FieldName) => field(name).nullable();

export const id = z.string().regex(/^[A-Za-z0-9_-]{1,64}$/, "an id is 1 to 64 letters, digits, - or _");

/** A name stands in one line: what is no character of writing becomes a space. */
export const name = z
  .string()
  .overwrite((typed) => typed.replace(/\p{Cc}+/gu, " "))
  .trim()
  .min(1)
  .max(80);

export const notesOf = z.string().max(5000);

/** What a thing costs and weighs, as its seller says; the currency is named with the price, by its ISO 4217 code. */
export const carried = {
  weightKg: stated("weightKg"),
  price: stated("price"),
  currency: z.string().regex(/^[A-Z]{3}$/, "a currency is its three-letter code, such as EUR"),
  /** How its numbers came in, where they were not typed: sheets of before, and typed ones, do not say. */
  readFrom: z
    .strictObject({
      way: z.enum(["text", "photo"]),
      on: z.iso.date(),
      /** Whether a person compared every value with what it was read from. */ checked: z.boolean(),
      /** The photo, where it was kept. */ photoId: z
        .string()
        .regex(/^[0-9a-f]{64}$/, "a photo is named by its digest")
        .nullable(),
    })
    .optional(),
};

export const defaultCurrency = "EUR";
/** The code ISO 4217 keeps for tests: a price that no seller asks. */
export const madeUpCurrency = "XTS";
