import fc from "fast-check";
import { panelFields } from "../../plan";
import { fieldSpecs as otherSpecs, readCoefficient, readQuantity, showingOf, toShown, unitSystems } from ".";
import { toKept } from "./system";

const fieldSpecs = { ...otherSpecs, ...panelFields };
const voc = fieldSpecs.vocV;
test.each<[string, unknown]>([
  ["22.6", { type: "value", value: 22.6, converted: false }],
  [" 22,6 V ", { type: "value", value: 22.6, converted: false }],
  ["", { type: "empty" }],
  ["twenty", { type: "notANumber" }],
  ["22.6 A", { type: "unknownUnit", unit: "A" }],
  ["4000", { type: "outside", value: 4000 }],
  ["1e999", { type: "notANumber" }],
  ["1,500 W", { type: "ambiguous", values: [1.5, 1500] }],
  ["−1,500", { type: "ambiguous", values: [-1.5, -1500] }],
  ["0,500", { type: "value", value: 0.5, converted: false }],
  ["12,25", { type: "value", value: 12.25, converted: false }],
  ["1 500", { type: "outside", value: 1500 }],
  ["1.500,5", { type: "outside", value: 1500.5 }],
  ["1,500.5", { type: "outside", value: 1500.5 }],
  ["1,234,567", { type: "outside", value: 1234567 }],
])("volts typed as “%s”", (text, expected) => expect(readQuantity(text, voc)).toEqual(expected));

test.each<[string, "metric" | "us", keyof typeof fieldSpecs, number]>([
  ["64 in", "metric", "lengthMm", 1625.6],
  ["1.48 m", "us", "lengthMm", 1480],
  ["58.27", "us", "lengthMm", 1480.058],
  ["22.7 lb", "metric", "weightKg", 10.296546799],
  ["850 g", "us", "weightKg", 0.85],
  ["14 °F", "metric", "recordLowC", -10],
  ["-40", "us", "recordLowC", -40],
  ["250 mA", "us", "iscA", 0.25],
])("“%s” typed under the %s switch", (text, system, field, kept) => {
  const reading = readQuantity(text, fieldSpecs[field], system);
  expect(reading.type === "value" ? reading.value : reading).toBeCloseTo(kept, 8);
});

test("shown and typed back, a quantity is what it was, in either system", () => {
  fc.assert(
    fc.property(
      fc.constantFrom("lengthMm" as const, "weightKg" as const, "recordLowC" as const, "vocV" as const),
      fc.constantFrom(...unitSystems),
      fc.double({ min: 0, max: 1, noNaN: true }),
      (field, system, share) => {
        const spec = fieldSpecs[field];
        const value = spec.min + share * (spec.max - spec.min);
        const showing = showingOf(spec.unit, system);
        const back = toKept(toShown(value, showing), showing.unit, spec.unit, system);
        expect(Math.abs((back ?? NaN) - value)).toBeLessThanOrEqual(1e-8 * Math.max(1, Math.abs(value)));
      },
    ),
  );
});

test("a count must be whole", () =>
  expect(readQuantity("2.5", fieldSpecs.series)).toEqual({ type: "notWhole", value: 2.5 }));

const beta = fieldSpecs.tempCoVocPctPerC;
const base = { unit: "V", value: 22.6 } as const;
test.each<[string, number]>([
  ["-0.29", -0.29],
  ["−0.29 %/°C", -0.29],
  ["-0,29%/K", -0.29],
  ["-0.0029 1/K", -0.29],
  ["-2900 ppm/°C", -0.29],
  ["−65.54 mV/K", -0.29],
  ["-0.06554 V/℃", -0.29],
  ["-65.54 mV per K", -0.29],
])("a Voc coefficient typed as “%s” is %d %%/°C", (text, expected) => {
  const reading = readCoefficient(text, beta, base);
  expect(reading.type === "value" ? reading.value : null).toBeCloseTo(expected, 10);
});

test("a coefficient in a unit it cannot have, or out of bounds, is told apart", () => {
  expect(readCoefficient("3 mA/K", beta, base)).toEqual({ type: "unknownUnit", unit: "mA/K" });
  expect(readCoefficient("-66", beta, base)).toEqual({ type: "outside", value: -66 });
  expect(readCoefficient("-66 mV/K", beta, { unit: "V", value: null })).toEqual({ type: "notANumber" });
});
