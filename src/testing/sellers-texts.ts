import { createRandom, type Random } from "@/core/engine/random";
import { shuffled } from "./shuffled";
import { type MadeLabel, round } from "./stickers/made-label";

/** A made-up seller's text, and what a careful reader finds in it. */
export type SellersText = {
  readonly text: string;
  readonly fields: Readonly<Record<string, number>>;
  /** Fields of which the text says two things: the one or the other, and doubted. */ readonly torn: readonly string[];
  /** How many panels it is of, the first asked for, where not one. */ readonly panels?: number;
};

export type SellersLabel = Omit<MadeLabel, "maker" | "model" | "alphaPct" | "gammaPct"> & { readonly name: string };

/** How numbers are written: with a point, or with a comma and thousands apart by a point. */
type Dress = (value: number, digits?: number) => string;
export const point: Dress = (value, digits = 2) => Number(value.toFixed(digits)).toString();
export const comma: Dress = (value, digits = 2) =>
  value >= 1000
    ? Number(value.toFixed(0))
        .toString()
        .replace(/(\d)(\d{3})$/, "$1.$2")
    : Number(value.toFixed(digits)).toString().replace(".", ",");

/** A text drawn from a seed: one of several layouts, languages and traps. */
export function sellersText(seed: number): SellersText {
  const draw = createRandom(seed);
  const label = labelOf(draw);
  const layout = draw.pick(layouts);
  return layout(label, draw);
}

export function labelOf(draw: Random): SellersLabel {
  const cells = draw.pick([32, 36, 40, 54, 60, 72]);
  const vocV = round(cells * draw.number(0.6, 0.68), 1);
  const vmpV = round(vocV * draw.number(0.81, 0.85), 1);
  const impA = round(draw.number(3, 13), 2);
  const iscA = round(impA * draw.number(1.05, 1.08), 2);
  const maker = draw.pick(["Hedgerow", "Millbrook", "Fernwright", "Tallow Vale", "Brackenridge"]);
  const pmaxW = Math.round(vmpV * impA);
  return {
    name: `${maker} ${draw.pick(["HX", "ML", "FW", "TV"])}${pmaxW}-${cells}M`,
    pmaxW,
    vmpV,
    impA,
    vocV,
    iscA,
    betaPct: -round(draw.number(0.24, 0.34), 2),
    maxSystemV: draw.pick([600, 1000, 1500]),
    fuseA: draw.pick([10, 15, 20, 25]),
    cells,
    lengthMm: draw.whole(900, 1950),
    widthMm: draw.whole(500, 890),
    weightKg: round(draw.number(4, 24), 1),
  };
}

/** The five numbers of a label. */
export const electrical = ({ pmaxW, vmpV, impA, vocV, iscA }: SellersLabel) => ({ pmaxW, vmpV, impA, vocV, iscA });

const layouts: readonly [Layout, ...Layout[]] = [listed, german, tabbed, prose, markdown, inch, headed, asMarkup];
type Layout = (label: SellersLabel, draw: Random) => SellersText;

/** Lines with a name and a value, in some order, with a heading that shouts and a line about the carton. */
function listed(label: SellersLabel, draw: Random): SellersText {
  const lines = shuffled(draw, [
    `${draw.pick(["Maximum Power (Pmax)", "Rated power", "Max power", "Peak power Pmpp"])}: ${label.pmaxW}${draw.pick([" W", "W", " Wp"])}`,
    `${draw.pick(["Open Circuit Voltage (Voc)", "Voc", "Open-circuit voltage"])}: ${point(label.vocV)}${draw.pick([" V", "V", " Vdc"])}`,
    `${draw.pick(["Short Circuit Current (Isc)", "Isc", "Short-circuit current"])}: ${point(label.iscA)}${draw.pick([" A", "A"])}`,
    `${draw.pick(["Optimum Operating Voltage (Vmp)", "Voltage at Pmax (Vmp)", "Vmp", "Working voltage"])}: ${point(label.vmpV)} V`,
    `${draw.pick(["Optimum Operating Current (Imp)", "Current at Pmax (Imp)", "Imp", "Working current"])}: ${point(label.impA)} A`,
    `Maximum system voltage: ${label.maxSystemV} V DC`,
    `Maximum series fuse rating: ${label.fuseA} A`,
  ]);
  const extra = draw.pick([
    `Shipping size: 1700 x 900 x 70 mm, gross weight 26 kg`,
    `Order before 18:00, delivered in 3-5 days. 25 years warranty.`,
    `Rated 4.7 out of 5 by 128 customers`,
  ]);
  return {
    text: [`${label.name} solar panel`, "", ...lines, extra].join("\n"),
    fields: { ...electrical(label), maxSystemV: label.maxSystemV, maxSeriesFuseA: label.fuseA },
    torn: [],
  };
}

function german(label: SellersLabel): SellersText {
  return {
    text: [
      `Solarmodul ${label.name}`,
      `Nennleistung Pmax: ${label.pmaxW} Wp`,
      `Leerlaufspannung Uoc: ${comma(label.vocV)} V`,
      `Kurzschlussstrom Isc: ${comma(label.iscA)} A`,
      `Spannung im MPP Umpp: ${comma(label.vmpV)} V`,
      `Strom im MPP Impp: ${comma(label.impA)} A`,
      `Temperaturkoeffizient Uoc: ${comma(label.betaPct)} %/K`,
      `Max. Systemspannung: ${comma(label.maxSystemV)} V`,
      `Abmessungen: ${comma(label.lengthMm)} × ${comma(label.widthMm)} × 35 mm`,
      `Gewicht: ${comma(label.weightKg)} kg`,
    ].join("\n"),
    fields: {
      ...electrical(label),
      tempCoVocPctPerC: label.betaPct,
      maxSystemV: label.maxSystemV,
      lengthMm: label.lengthMm,
      widthMm: label.widthMm,
      weightKg: label.weightKg,
    },
    torn: [],
  };
}

/** Full sun beside everyday conditions, either first. */
function tabbed(label: SellersLabel, draw: Random): SellersText {
  const first = draw.chance(0.7);
  const row = (name: string, stc: number, noct: number) =>
    [name, ...(first ? [point(stc), point(noct)] : [point(noct), point(stc)])].join("\t");
  const { pmaxW, vmpV, impA, vocV, iscA } = label;
  return {
    text: [
      label.name,
      ["Electrical data", ...(first ? ["STC", "NOCT"] : ["NMOT", "STC"])].join("\t"),
      row("Maximum Power (Pmax) [W]", pmaxW, pmaxW * 0.748),
      row("Voltage at Pmax (Vmp) [V]", vmpV, vmpV * 0.932),
      row("Current at Pmax (Imp) [A]", impA, impA * 0.8),
      row("Open Circuit Voltage (Voc) [V]", vocV, vocV * 0.945),
      row("Short Circuit Current (Isc) [A]", iscA, iscA * 0.807),
      `Temperature coefficient of Voc\t${point(label.betaPct)} %/°C`,
    ].join("\n"),
    fields: { ...electrical(label), tempCoVocPctPerC: label.betaPct },
    torn: [],
  };
}

/** All in one running line, coefficients in volts a degree. */
function prose(label: SellersLabel): SellersText {
  const milli = Math.round((label.betaPct / 100) * label.vocV * 1000);
  return {
    text: `${label.name}\nPmax ${label.pmaxW} W, Vmp ${point(label.vmpV)} V, Imp ${point(label.impA)} A, Voc ${point(label.vocV)} V, Isc ${point(label.iscA)} A\nTemp. coefficient of open circuit voltage: ${milli} mV/K\n${label.cells} cells in series`,
    fields: {
      ...electrical(label),
      tempCoVocPctPerC: Number(((milli / 1000 / label.vocV) * 100).toPrecision(4)),
      cellsInSeries: label.cells,
    },
    torn: [],
  };
}

function markdown(label: SellersLabel): SellersText {
  return {
    text: [
      label.name,
      "",
      "| Property | Value |",
      "|---|---|",
      `| Pmax | ${label.pmaxW} W |`,
      `| Voc | ${point(label.vocV)} V |`,
      `| Isc | ${point(label.iscA)} A |`,
      `| Vmp | ${point(label.vmpV)} V |`,
      `| Imp | ${point(label.impA)} A |`,
      `| Max. series fuse | ${label.fuseA} A |`,
    ].join("\n"),
    fields: { ...electrical(label), maxSeriesFuseA: label.fuseA },
    torn: [],
  };
}

function inch(label: SellersLabel): SellersText {
  const inches = (mm: number) => point(mm / 25.4, 1);
  const pounds = point(label.weightKg / 0.45359237, 1);
  return {
    text: `${label.name}\nPower: ${label.pmaxW}W\nVoc: ${point(label.vocV)}V | Vmp: ${point(label.vmpV)}V\nIsc: ${point(label.iscA)}A | Imp: ${point(label.impA)}A\nSize: ${inches(label.lengthMm)} in x ${inches(label.widthMm)} in x 1.4 in\nWeight: ${pounds} lbs\nPrice: $${(label.pmaxW * 0.9).toFixed(2)}`,
    fields: {
      ...electrical(label),
      lengthMm: Number(inches(label.lengthMm)) * 25.4,
      widthMm: Number(inches(label.widthMm)) * 25.4,
      weightKg: Number(pounds) * 0.45359237,
      price: Number((label.pmaxW * 0.9).toFixed(2)),
    },
    torn: [],
  };
}

/** A heading with more watts than the list says: one of them is wrong. */
function headed(label: SellersLabel): SellersText {
  const more = Math.round(label.pmaxW * 1.25);
  return {
    text: `${more}W ${label.name} solar panel, ${more} W high efficiency!\n\nMax power (Pmax): ${label.pmaxW} W\nVoc: ${point(label.vocV)} V\nVmp: ${point(label.vmpV)} V\nIsc: ${point(label.iscA)} A\nImp: ${point(label.impA)} A`,
    fields: electrical(label),
    torn: ["pmaxW"],
  };
}

function asMarkup(label: SellersLabel): SellersText {
  const item = (name: string, value: string) => `<li><b>${name}:</b> ${value}</li>`;
  return {
    text: `<div><h1>${label.name}</h1><p style="font-size:14px">In stock: 14 pieces</p><ul>${item("Maximum Power (P<sub>max</sub>)", `${label.pmaxW}&nbsp;W`)}${item("Open Circuit Voltage (V<sub>oc</sub>)", `${point(label.vocV)}&nbsp;V`)}${item("Short Circuit Current (I<sub>sc</sub>)", `${point(label.iscA)}&nbsp;A`)}${item("Voltage at Maximum Power (V<sub>mp</sub>)", `${point(label.vmpV)}&nbsp;V`)}${item("Current at Maximum Power (I<sub>mp</sub>)", `${point(label.impA)}&nbsp;A`)}${item("Dimensions", `${label.lengthMm}&times;${label.widthMm}&times;35&nbsp;mm`)}</ul></div>`,
    fields: { ...electrical(label), lengthMm: label.lengthMm, widthMm: label.widthMm },
    torn: [],
  };
}
