import { createRandom, type Random } from "@/core/engine/random";
import { comma, electrical, labelOf, type SellersLabel, type SellersText, point } from "./sellers-texts";
import { shuffled } from "./shuffled";

/** A made-up dealer's text on panels, drawn from a seed: another maker's layouts, words and units than `sellersText`. */
export function dealersText(seed: number): SellersText {
  const draw = createRandom(seed);
  return draw.pick([
    modelRows,
    modelColumns,
    pipesWithCoefficients,
    oneLine,
    rangeBefore,
    packOfTwo,
    thousands,
    french,
    dotted,
    shouting,
    ranged,
    mixedUnits,
  ])(labelOf(draw), draw);
}

/** Another panel of the same range, a fifth stronger. */
function larger(label: SellersLabel): SellersLabel {
  return {
    ...label,
    name: label.name.replace(/\d+/, (digits) => String(Math.round(Number(digits) * 1.2))),
    pmaxW: Math.round(label.pmaxW * 1.2),
    impA: Number((label.impA * 1.2).toFixed(2)),
    iscA: Number((label.iscA * 1.2).toFixed(2)),
    lengthMm: label.lengthMm + 180,
  };
}

function modelRows(label: SellersLabel): SellersText {
  const row = (one: SellersLabel) =>
    [
      one.name,
      one.pmaxW,
      point(one.vmpV),
      point(one.impA),
      point(one.vocV),
      point(one.iscA),
      `${one.lengthMm}x${one.widthMm}x35`,
      point(one.weightKg),
    ].join(" | ");
  return {
    text: [
      "Model | Pmax (W) | Vmp (V) | Imp (A) | Voc (V) | Isc (A) | Dimensions (mm) | Weight (kg)",
      row(label),
      row(larger(label)),
    ]
      .map((line) => `| ${line} |`)
      .join("\n"),
    fields: { ...electrical(label), lengthMm: label.lengthMm, widthMm: label.widthMm, weightKg: label.weightKg },
    torn: [],
    panels: 2,
  };
}

function modelColumns(label: SellersLabel): SellersText {
  const other = larger(label);
  const row = (name: string, value: (one: SellersLabel) => string) => `${name}\t${value(label)}\t${value(other)}`;
  return {
    text: [
      `Type\t${label.name}\t${other.name}`,
      row("Peak power", (one) => `${one.pmaxW} Wp`),
      row("Voc", (one) => `${point(one.vocV)} V`),
      row("Vmpp", (one) => `${point(one.vmpV)} V`),
      row("Isc", (one) => `${point(one.iscA)} A`),
      row("Impp", (one) => `${point(one.impA)} A`),
      row("Size", (one) => `${one.lengthMm} × ${one.widthMm} × 30 mm`),
      row("Weight", (one) => `${point(one.weightKg)} kg`),
    ].join("\n"),
    fields: { ...electrical(label), lengthMm: label.lengthMm, widthMm: label.widthMm, weightKg: label.weightKg },
    torn: [],
    panels: 2,
  };
}

function pipesWithCoefficients(label: SellersLabel): SellersText {
  return {
    text: [
      `## ${label.name}`,
      "",
      "| Parameter | Symbol | Value | Unit |",
      "|---|---|---|---|",
      `| Rated power | Pmpp | ${label.pmaxW} | W |`,
      `| Open circuit voltage | Voc | ${point(label.vocV)} | V |`,
      `| Short circuit current | Isc | ${point(label.iscA)} | A |`,
      `| Voltage at maximum power | Vmpp | ${point(label.vmpV)} | V |`,
      `| Current at maximum power | Impp | ${point(label.impA)} | A |`,
      `| Temperature coefficient of Voc | β | ${point(label.betaPct)} | %/K |`,
      `| Temperature coefficient of Pmpp | γ | -0.34 | %/K |`,
      `| Max. system voltage | | ${label.maxSystemV} | V |`,
    ].join("\n"),
    fields: {
      ...electrical(label),
      tempCoVocPctPerC: label.betaPct,
      tempCoPmaxPctPerC: -0.34,
      maxSystemV: label.maxSystemV,
    },
    torn: [],
  };
}

function oneLine(label: SellersLabel, draw: Random): SellersText {
  const items = shuffled(draw, [
    `Voc ${point(label.vocV)}V`,
    `Isc ${point(label.iscA)}A`,
    `Vmp ${point(label.vmpV)}V`,
    `Imp ${point(label.impA)}A`,
    `${label.lengthMm}x${label.widthMm}x30mm`,
    `${point(label.weightKg)}kg`,
  ]);
  return {
    text: `${label.name} mono solar panel ${label.pmaxW}W ${items.join(draw.pick([" ", ", ", " / ", " | "]))}`,
    fields: { ...electrical(label), lengthMm: label.lengthMm, widthMm: label.widthMm, weightKg: label.weightKg },
    torn: [],
  };
}

/** A heading of the range, then each model with its lines. */
function rangeBefore(label: SellersLabel): SellersText {
  const other = larger(label);
  const [maker = "", ...model] = label.name.split(" ");
  const lines = (one: SellersLabel) => [
    one.name.replace(`${maker} `, ""),
    `Power: ${one.pmaxW} W`,
    `Voc / Isc: ${point(one.vocV)} V / ${point(one.iscA)} A`,
    `Vmp / Imp: ${point(one.vmpV)} V / ${point(one.impA)} A`,
    "",
  ];
  return {
    text: [
      `${maker} solar panels, the ${model.join(" ").slice(0, 2)} range`,
      "",
      ...lines(label),
      ...lines(other),
    ].join("\n"),
    fields: electrical(label),
    torn: [],
    panels: 2,
  };
}

function packOfTwo(label: SellersLabel): SellersText {
  return {
    text: [
      `2 pcs ${label.name} solar panel (set of 2)`,
      `Power of each panel: ${label.pmaxW} W (${2 * label.pmaxW} W in total)`,
      `Voc: ${point(label.vocV)} V`,
      `Isc: ${point(label.iscA)} A`,
      `Vmp: ${point(label.vmpV)} V`,
      `Imp: ${point(label.impA)} A`,
      `Package weight: ${point(2 * label.weightKg + 3)} kg for 2 panels`,
      `Price: 289.00 € for the set of 2`,
    ].join("\n"),
    fields: electrical(label),
    torn: [],
  };
}

/** Full stops in thousands. */
function thousands(label: SellersLabel): SellersText {
  const [pmaxW, vmpV, vocV] = [1000, 82, 98];
  const impA = 12.2;
  return {
    text: [
      `Solarmodul ${label.name}`,
      "Nennleistung: 1.000 W",
      `Nennspannung Umpp: ${comma(vmpV)} V`,
      `Nennstrom Impp: ${comma(impA)} A`,
      `Leerlaufspannung: ${comma(vocV)} V`,
      `Kurzschlussstrom: ${comma(12.95)} A`,
      "Max. Systemspannung: 1.500 V",
      `Maße: 2.278 x 1.134 x 30 mm`,
      `Gewicht: 28,5 kg`,
    ].join("\n"),
    fields: { pmaxW, vmpV, impA, vocV, iscA: 12.95, maxSystemV: 1500, lengthMm: 2278, widthMm: 1134, weightKg: 28.5 },
    torn: [],
  };
}

function french(label: SellersLabel): SellersText {
  return {
    text: [
      `Panneau solaire ${label.name}`,
      `Puissance maximale (Pmax) : ${label.pmaxW} W`,
      `Tension en circuit ouvert (Voc) : ${comma(label.vocV)} V`,
      `Courant de court-circuit (Isc) : ${comma(label.iscA)} A`,
      `Tension à puissance maximale (Vmp) : ${comma(label.vmpV)} V`,
      `Courant à puissance maximale (Imp) : ${comma(label.impA)} A`,
      `Coefficient de température Voc : ${comma(label.betaPct)} %/°C`,
      `Dimensions : ${label.lengthMm} x ${label.widthMm} x 35 mm`,
      `Poids : ${comma(label.weightKg)} kg`,
    ].join("\n"),
    fields: {
      ...electrical(label),
      tempCoVocPctPerC: label.betaPct,
      lengthMm: label.lengthMm,
      widthMm: label.widthMm,
      weightKg: label.weightKg,
    },
    torn: [],
  };
}

function dotted(label: SellersLabel): SellersText {
  const line = (name: string, value: string) => `${name} ${".".repeat(Math.max(3, 34 - name.length))} ${value}`;
  return {
    text: [
      label.name,
      line("Maximum power", `${label.pmaxW} W`),
      line("Open circuit voltage", `${point(label.vocV)} V`),
      line("Short circuit current", `${point(label.iscA)} A`),
      line("Max power voltage", `${point(label.vmpV)} V`),
      line("Max power current", `${point(label.impA)} A`),
      line("Series fuse", `${label.fuseA} A`),
    ].join("\n"),
    fields: { ...electrical(label), maxSeriesFuseA: label.fuseA },
    torn: [],
  };
}

function shouting(label: SellersLabel): SellersText {
  return {
    text: [
      `MODEL NO: ${label.name}`,
      `RATED MAX POWER(PM) ${label.pmaxW}W`,
      "TOLERANCE 0~+5W",
      `VOLTAGE AT PMAX(VMP) ${point(label.vmpV)}V`,
      `CURRENT AT PMAX(IMP) ${point(label.impA)}A`,
      `OPEN-CIRCUIT VOLTAGE(VOC) ${point(label.vocV)}V`,
      `SHORT-CIRCUIT CURRENT(ISC) ${point(label.iscA)}A`,
      `MAXIMUM SYSTEM VOLTAGE ${label.maxSystemV}VDC`,
      `MAXIMUM SERIES FUSE RATING ${label.fuseA}A`,
      "ALL TECHNICAL DATA AT STANDARD TEST CONDITION",
      "AM=1.5 E=1000W/M2 TC=25°C",
    ].join("\n"),
    fields: { ...electrical(label), maxSystemV: label.maxSystemV, maxSeriesFuseA: label.fuseA },
    torn: [],
  };
}

/** Values with their tolerances. */
function ranged(label: SellersLabel): SellersText {
  return {
    text: [
      `${label.name} photovoltaic module`,
      `Pmax: ${label.pmaxW} W (0/+5 W)`,
      `Voc: ${point(label.vocV)} V ± 3 %`,
      `Isc: ${point(label.iscA)} A ± 4 %`,
      `Vmp: ${point(label.vmpV)} V`,
      `Imp: ${point(label.impA)} A`,
      `Operating temperature: -40 °C to +85 °C`,
      `Cable: 0.9 m, 4 mm²`,
    ].join("\n"),
    fields: electrical(label),
    torn: [],
  };
}

function mixedUnits(label: SellersLabel): SellersText {
  const inches = (mm: number) => Number((mm / 25.4).toFixed(1));
  return {
    text: [
      `${label.name} ${label.pmaxW} Watt Solar Panel`,
      `Max Power: ${label.pmaxW} Watts`,
      `Voltage Open Circuit: ${point(label.vocV)} Volts`,
      `Current Short Circuit: ${point(label.iscA)} Amps`,
      `Voltage Max Power: ${point(label.vmpV)} Volts`,
      `Current Max Power: ${point(label.impA)} Amps`,
      `Dimensions: ${inches(label.lengthMm)} in x ${inches(label.widthMm)} in x 1.4 in`,
      `Weight: ${Number((label.weightKg / 0.45359237).toFixed(1))} lbs`,
    ].join("\n"),
    fields: {
      ...electrical(label),
      lengthMm: inches(label.lengthMm) * 25.4,
      widthMm: inches(label.widthMm) * 25.4,
      weightKg: Number((label.weightKg / 0.45359237).toFixed(1)) * 0.45359237,
    },
    torn: [],
  };
}
