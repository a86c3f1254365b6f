import { createRandom } from "@/core/engine/random";
import { labelOf, type SellersLabel, type SellersText } from "./sellers-texts";

/** A made-up flyer's text on a panel, drawn from a seed: a third maker, to judge by. */
export function flyerText(seed: number): SellersText {
  const draw = createRandom(seed);
  return draw.pick([
    labelOver,
    semicolons,
    valuesFirst,
    bold,
    spanish,
    sentence,
    definitions,
    conditionsBelow,
    dutch,
    abbreviated,
  ])(labelOf(draw));
}

const electrical = ({ pmaxW, vmpV, impA, vocV, iscA }: SellersLabel) => ({ pmaxW, vmpV, impA, vocV, iscA });
const two = (value: number) => Number(value.toFixed(2)).toString();
const comma = (value: number) => two(value).replace(".", ",");

/** Each name on a line above its value. */
function labelOver(label: SellersLabel): SellersText {
  const lines = [
    ["Maximum power", `${label.pmaxW} W`],
    ["Open-circuit voltage", `${two(label.vocV)} V`],
    ["Short-circuit current", `${two(label.iscA)} A`],
    ["Voltage at maximum power", `${two(label.vmpV)} V`],
    ["Current at maximum power", `${two(label.impA)} A`],
    ["Weight", `${two(label.weightKg)} kg`],
  ];
  return {
    text: [`${label.name} solar panel`, ...lines.flat()].join("\n"),
    fields: { ...electrical(label), weightKg: label.weightKg },
    torn: [],
  };
}

function semicolons(label: SellersLabel): SellersText {
  return {
    text: [
      "name;pmax [W];voc [V];isc [A];vmp [V];imp [A];weight [kg]",
      [
        label.name,
        label.pmaxW,
        two(label.vocV),
        two(label.iscA),
        two(label.vmpV),
        two(label.impA),
        two(label.weightKg),
      ].join(";"),
    ].join("\n"),
    fields: { ...electrical(label), weightKg: label.weightKg },
    torn: [],
  };
}

function valuesFirst(label: SellersLabel): SellersText {
  return {
    text: `${label.name}\n${label.pmaxW} W Pmax\n${two(label.vocV)} V Voc\n${two(label.iscA)} A Isc\n${two(label.vmpV)} V Vmp\n${two(label.impA)} A Imp\n${label.lengthMm} × ${label.widthMm} mm`,
    fields: { ...electrical(label), lengthMm: label.lengthMm, widthMm: label.widthMm },
    torn: [],
  };
}

function bold(label: SellersLabel): SellersText {
  return {
    text: [
      `# ${label.name} – rigid solar panel`,
      `- **Pmax:** ${label.pmaxW} W`,
      `- **Voc:** ${two(label.vocV)} V`,
      `- **Isc:** ${two(label.iscA)} A`,
      `- **Vmp:** ${two(label.vmpV)} V`,
      `- **Imp:** ${two(label.impA)} A`,
      `- **Temperature coefficient (Voc):** ${two(label.betaPct)} %/°C`,
      `- **Size:** ${label.lengthMm / 10} x ${label.widthMm / 10} x 3.5 cm`,
    ].join("\n"),
    fields: { ...electrical(label), tempCoVocPctPerC: label.betaPct, lengthMm: label.lengthMm, widthMm: label.widthMm },
    torn: [],
  };
}

function spanish(label: SellersLabel): SellersText {
  return {
    text: [
      `Panel solar ${label.name}`,
      `Potencia máxima (Pmax): ${label.pmaxW} W`,
      `Tensión en circuito abierto (Voc): ${comma(label.vocV)} V`,
      `Corriente de cortocircuito (Isc): ${comma(label.iscA)} A`,
      `Tensión a potencia máxima (Vmp): ${comma(label.vmpV)} V`,
      `Corriente a potencia máxima (Imp): ${comma(label.impA)} A`,
      `Peso: ${comma(label.weightKg)} kg`,
    ].join("\n"),
    fields: { ...electrical(label), weightKg: label.weightKg },
    torn: [],
  };
}

function sentence(label: SellersLabel): SellersText {
  return {
    text: `The ${label.name} gives ${label.pmaxW} W (Vmp ${two(label.vmpV)} V, Imp ${two(label.impA)} A). Its open-circuit voltage is ${two(label.vocV)} V and its short-circuit current ${two(label.iscA)} A. It measures ${label.lengthMm} x ${label.widthMm} x 30 mm and weighs ${two(label.weightKg)} kg.`,
    fields: { ...electrical(label), lengthMm: label.lengthMm, widthMm: label.widthMm, weightKg: label.weightKg },
    torn: [],
  };
}

function definitions(label: SellersLabel): SellersText {
  const item = (name: string, value: string) => `<dt>${name}</dt><dd>${value}</dd>`;
  return {
    text: `<h2>${label.name}</h2><dl>${item("Peak power (P<sub>mpp</sub>)", `${label.pmaxW}&nbsp;Wp`)}${item("V<sub>oc</sub>", `${two(label.vocV)}&nbsp;V`)}${item("I<sub>sc</sub>", `${two(label.iscA)}&nbsp;A`)}${item("V<sub>mpp</sub>", `${two(label.vmpV)}&nbsp;V`)}${item("I<sub>mpp</sub>", `${two(label.impA)}&nbsp;A`)}</dl>`,
    fields: electrical(label),
    torn: [],
  };
}

/** STC first, everyday conditions under a heading of their own. */
function conditionsBelow(label: SellersLabel): SellersText {
  const lines = (k: number, v: number) => [
    `Pmax ${two(label.pmaxW * k * v)} W`,
    `Vmp ${two(label.vmpV * v)} V`,
    `Imp ${two(label.impA * k)} A`,
    `Voc ${two(label.vocV * v)} V`,
    `Isc ${two(label.iscA * k)} A`,
  ];
  return {
    text: [
      label.name,
      "Electrical characteristics at STC",
      ...lines(1, 1),
      "",
      "Electrical characteristics at NMOT",
      ...lines(0.8, 0.94),
    ].join("\n"),
    fields: electrical(label),
    torn: [],
  };
}

function dutch(label: SellersLabel): SellersText {
  return {
    text: [
      `Zonnepaneel ${label.name}`,
      `Vermogen (Pmax): ${label.pmaxW} Wp`,
      `Openklemspanning (Voc): ${comma(label.vocV)} V`,
      `Kortsluitstroom (Isc): ${comma(label.iscA)} A`,
      `Spanning bij Pmax (Vmp): ${comma(label.vmpV)} V`,
      `Stroom bij Pmax (Imp): ${comma(label.impA)} A`,
      `Gewicht: ${comma(label.weightKg)} kg`,
    ].join("\n"),
    fields: { ...electrical(label), weightKg: label.weightKg },
    torn: [],
  };
}

function abbreviated(label: SellersLabel): SellersText {
  return {
    text: `${label.name}: Pm=${label.pmaxW}W Vm=${two(label.vmpV)}V Im=${two(label.impA)}A Voc=${two(label.vocV)}V Isc=${two(label.iscA)}A`,
    fields: electrical(label),
    torn: [],
  };
}
