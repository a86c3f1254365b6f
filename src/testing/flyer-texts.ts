import { createRandom } from "@/core/engine/random";
import { comma, electrical, labelOf, type SellersLabel, type SellersText, point } from "./sellers-texts";

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

/** Each name on a line above its value. */
function labelOver(label: SellersLabel): SellersText {
  const lines = [
    ["Maximum power", `${label.pmaxW} W`],
    ["Open-circuit voltage", `${point(label.vocV)} V`],
    ["Short-circuit current", `${point(label.iscA)} A`],
    ["Voltage at maximum power", `${point(label.vmpV)} V`],
    ["Current at maximum power", `${point(label.impA)} A`],
    ["Weight", `${point(label.weightKg)} kg`],
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
        point(label.vocV),
        point(label.iscA),
        point(label.vmpV),
        point(label.impA),
        point(label.weightKg),
      ].join(";"),
    ].join("\n"),
    fields: { ...electrical(label), weightKg: label.weightKg },
    torn: [],
  };
}

function valuesFirst(label: SellersLabel): SellersText {
  return {
    text: `${label.name}\n${label.pmaxW} W Pmax\n${point(label.vocV)} V Voc\n${point(label.iscA)} A Isc\n${point(label.vmpV)} V Vmp\n${point(label.impA)} A Imp\n${label.lengthMm} × ${label.widthMm} mm`,
    fields: { ...electrical(label), lengthMm: label.lengthMm, widthMm: label.widthMm },
    torn: [],
  };
}

function bold(label: SellersLabel): SellersText {
  return {
    text: [
      `# ${label.name} – rigid solar panel`,
      `- **Pmax:** ${label.pmaxW} W`,
      `- **Voc:** ${point(label.vocV)} V`,
      `- **Isc:** ${point(label.iscA)} A`,
      `- **Vmp:** ${point(label.vmpV)} V`,
      `- **Imp:** ${point(label.impA)} A`,
      `- **Temperature coefficient (Voc):** ${point(label.betaPct)} %/°C`,
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
    text: `The ${label.name} gives ${label.pmaxW} W (Vmp ${point(label.vmpV)} V, Imp ${point(label.impA)} A). Its open-circuit voltage is ${point(label.vocV)} V and its short-circuit current ${point(label.iscA)} A. It measures ${label.lengthMm} x ${label.widthMm} x 30 mm and weighs ${point(label.weightKg)} kg.`,
    fields: { ...electrical(label), lengthMm: label.lengthMm, widthMm: label.widthMm, weightKg: label.weightKg },
    torn: [],
  };
}

function definitions(label: SellersLabel): SellersText {
  const item = (name: string, value: string) => `<dt>${name}</dt><dd>${value}</dd>`;
  return {
    text: `<h2>${label.name}</h2><dl>${item("Peak power (P<sub>mpp</sub>)", `${label.pmaxW}&nbsp;Wp`)}${item("V<sub>oc</sub>", `${point(label.vocV)}&nbsp;V`)}${item("I<sub>sc</sub>", `${point(label.iscA)}&nbsp;A`)}${item("V<sub>mpp</sub>", `${point(label.vmpV)}&nbsp;V`)}${item("I<sub>mpp</sub>", `${point(label.impA)}&nbsp;A`)}</dl>`,
    fields: electrical(label),
    torn: [],
  };
}

/** STC first, everyday conditions under a heading of their own. */
function conditionsBelow(label: SellersLabel): SellersText {
  const lines = (k: number, v: number) => [
    `Pmax ${point(label.pmaxW * k * v)} W`,
    `Vmp ${point(label.vmpV * v)} V`,
    `Imp ${point(label.impA * k)} A`,
    `Voc ${point(label.vocV * v)} V`,
    `Isc ${point(label.iscA * k)} A`,
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
    text: `${label.name}: Pm=${label.pmaxW}W Vm=${point(label.vmpV)}V Im=${point(label.impA)}A Voc=${point(label.vocV)}V Isc=${point(label.iscA)}A`,
    fields: electrical(label),
    torn: [],
  };
}
