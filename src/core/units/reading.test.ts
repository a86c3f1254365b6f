import { fieldSpecs, readCoefficient, readQuantity } from ".";

const voc = fieldSpecs.vocV;
test.each<[string, unknown]>([
  ["22.6", { type: "value", value: 22.6, converted: false }],
  [" 22,6 V ", { type: "value", value: 22.6, converted: false }],
  ["", { type: "empty" }],
  ["twenty", { type: "notANumber" }],
  ["22.6 A", { type: "unknownUnit", unit: "A" }],
  ["4000", { type: "outside", value: 4000 }],
  ["1e999", { type: "notANumber" }],
])("volts typed as “%s”", (text, expected) => expect(readQuantity(text, voc)).toEqual(expected));

test("a count must be whole", () => expect(readQuantity("2.5", fieldSpecs.series)).toEqual({ type: "notWhole", value: 2.5 }));

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
