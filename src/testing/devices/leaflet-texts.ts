import { createRandom, type Random } from "@/core/engine/random";
import { shuffled } from "../shuffled";
import {
  amp,
  controllerOf,
  type DeviceText,
  fieldsOf,
  type MadeController,
  type MadeDevice,
  stationOf,
  wattsOf,
} from "./made-device";

/** A made-up leaflet, manual or advert of a controller or a station, drawn from a seed: other words and layouts than the reader was made with. */
export function deviceLeafletText(seed: number): DeviceText {
  const draw = createRandom(seed);
  return draw.pick([
    manualTable,
    shouting,
    underHeadings,
    numberedInputs,
    french,
    advert,
    rows,
    datasheet,
    germanController,
    americanPlate,
    letter,
    pipes,
    dutch,
  ])(draw);
}

/** A manual's table in tabs, inputs and outputs under headings of their own. */
function manualTable(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  return {
    text: [
      `${made.name} user manual`,
      "Specifications",
      "Item\tValue",
      "Battery energy\t1075 Wh (22.4 V / 48 Ah)",
      "Inputs",
      "AC charging\t100-240 V~, 50/60 Hz, 1000 W max",
      `PV charging\t${made.minV}V - ${made.maxV}V, ${amp(made)}A max, ${made.maxW}W max`,
      "Car charging\t12/24 V, 8 A, 100 W max",
      "Outputs",
      "AC (x4)\t230 V~, 1800 W total",
      "USB-A (x2)\t5 V, 2.4 A, 12 W",
      "Barrel DC (x2)\t12.6 V, 5 A",
    ].join("\n"),
    fields: fieldsOf(made),
  };
}

/** All in capitals, as on the back of a box. */
function shouting(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  return {
    text: [
      made.name.toUpperCase(),
      "AC INPUT: 120V~ 60HZ 12A",
      `SOLAR INPUT: DC ${made.minV}V-${made.maxV}V ${draw.pick(["/ ", "", "MAX "])}${amp(made)}A ${made.maxW}W MAX`,
      "AC OUTPUT: 120V~ 60HZ 15A 1800W",
      "DC OUTPUT: 12V 10A",
      "MADE FOR INDOOR USE. READ THE MANUAL FIRST.",
    ].join("\n"),
    fields: fieldsOf(made),
  };
}

/** A heading for each side, plain names of figures under them. */
function underHeadings(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  const solar = shuffled(draw, [
    `Voltage range: ${made.minV} to ${made.maxV} V DC`,
    `${draw.pick(["Max. current", "Maximum current", "Current"])}: ${amp(made)} A`,
    `${draw.pick(["Max. power", "Maximum power", "Power"])}: ${made.maxW} W`,
  ]);
  const mains = ["AC input", "Voltage: 230 V", "Power: 1100 W", "Current: 5 A"];
  const out = ["AC output", "Rated power: 1500 W", "Voltage: 230 V"];
  const sides = shuffled(draw, [mains.join("\n"), ["Solar input", ...solar].join("\n"), out.join("\n")]);
  return { text: [`${made.name} power station`, "", sides.join("\n\n")].join("\n"), fields: fieldsOf(made) };
}

/** Two inputs with a name each, one of them smaller. */
function numberedInputs(draw: Random): DeviceText {
  const [one, other] = [stationOf(draw, 1), stationOf(draw, 1)];
  const way = draw.pick(["PV1", "Solar input 1", "MPPT 1"]);
  const line = (name: string, made: MadeDevice) =>
    `${name}: ${made.minV}-${made.maxV} V, ${amp(made)} A, ${made.maxW} W`;
  return {
    text: [
      `${one.name} home battery and power station`,
      line(way, one),
      line(way.replace("1", "2"), other),
      `Max. solar input in total: ${one.maxW + other.maxW - 50} W`,
      "Max. AC input: 3000 W",
    ].join("\n"),
    fields: { ...fieldsOf(one), ...fieldsOf(other, 1), "groups[0].maxW": one.maxW + other.maxW - 50 },
  };
}

function french(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  return {
    text: [
      `Station électrique ${made.name}`,
      "Capacité : 1024 Wh",
      "Sortie CA : 230 V, 1800 W",
      `Entrée solaire : ${made.minV} à ${made.maxV} V, ${String(amp(made)).replace(".", ",")} A max, ${made.maxW} W max`,
      "Entrée CA : 230 V, 1500 W max",
      "Entrée voiture : 12/24 V, 8 A",
      "Poids : 14,2 kg",
    ].join("\n"),
    fields: fieldsOf(made),
  };
}

/** An advert's sentences. */
function advert(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  const text = draw.pick([
    `Meet the ${made.name}: 1 kWh in your boot. Solar charging with up to ${made.maxW} W (${made.minV}-${made.maxV} V, ${amp(made)} A max). Mains charging with up to 1,300 W. Four 230 V sockets deliver 1,800 W.`,
    `${made.name}. Charge it from the mains (1,300 W), from the car (12 V, 8 A) or from solar panels: ${made.minV} V to ${made.maxV} V, at most ${amp(made)} A, at most ${made.maxW} W.`,
  ]);
  return { text, fields: fieldsOf(made) };
}

/** A table with a device a row. */
function rows(draw: Random): DeviceText {
  const [one, other] = [stationOf(draw, 1), stationOf(draw, 1)];
  const row = (made: MadeDevice, name: string) =>
    `| ${name} | ${made.minV}-${made.maxV} V | ${amp(made)} A | ${made.maxW} W | 1800 W |`;
  return {
    text: [
      "| Model | Solar input voltage | Max. solar input current | Max. solar input power | AC output |",
      "|---|---|---|---|---|",
      row(one, one.name),
      row(other, `${other.name} Plus`),
    ].join("\n"),
    fields: fieldsOf(one),
    devices: 2,
  };
}

/** A controller's data sheet with names in long words. */
function datasheet(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: [
      `${made.name} charge controller with maximum power point tracking`,
      "Technical data",
      "Battery: 12 V or 24 V, recognised automatically",
      `Maximum charging current to battery: ${made.batteryA} A`,
      `Maximum solar array power: ${made.wattsAt12} W (12 V), ${2 * made.wattsAt12} W (24 V)`,
      `Absolute maximum solar array voltage: ${made.maxV} V`,
      `Maximum solar array short-circuit current: ${made.shortA} A`,
      `Array voltage must be 5 V above battery voltage to start, and 1 V above battery voltage afterwards`,
      "Idle consumption: 1 W",
      "Maximum wire size: 16 mm2",
    ].join("\n"),
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].batteryMaxA": made.batteryA,
      "ports[0].currentLimits": `${made.shortA} short`,
      "ports[0].startOverBatteryV": 5,
      "ports[0].stayOverBatteryV": 1,
      ...wattsOf(made),
    },
  };
}

function germanController(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: [
      `MPPT-Laderegler ${made.name}`,
      "Batteriespannung: 12/24 V automatisch",
      `Nennladestrom: ${made.batteryA} A`,
      `Max. PV-Leerlaufspannung: ${made.maxV} V`,
      `Max. PV-Kurzschlussstrom: ${made.shortA} A`,
      `Max. PV-Leistung: ${made.wattsAt12} W bei 12 V, ${2 * made.wattsAt12} W bei 24 V`,
      "Eigenverbrauch: 20 mA",
      "Ladeschlussspannung: 14,4 V / 28,8 V",
      "Anschlüsse: 16 mm²",
    ].join("\n"),
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].batteryMaxA": made.batteryA,
      "ports[0].currentLimits": `${made.shortA} short`,
      ...wattsOf(made),
    },
  };
}

/** The plate of a controller. */
function americanPlate(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: [
      made.name,
      "SOLAR CHARGE CONTROLLER",
      "BATTERY 12/24 VDC",
      `PV INPUT ${made.maxV} VDC MAX`,
      `PV INPUT CURRENT ${made.inputA} A MAX`,
      `CHARGE CURRENT ${made.batteryA} A`,
      "ENCLOSURE TYPE 1",
    ].join("\n"),
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].batteryMaxA": made.batteryA,
      "ports[0].currentLimits": `${made.inputA}`,
    },
  };
}

/** What a friend writes. */
function letter(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: `Hi, I have the ${made.name} controller here. Its sheet says max PV voltage ${made.maxV} V, max charge current ${made.batteryA} A and MPPT range ${made.minV} V to ${made.mpptToV} V. It starts at ${made.startV} V. My battery is 12 V 100 Ah.`,
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].minV": made.minV,
      "ports[0].mpptToV": made.mpptToV,
      "ports[0].startV": made.startV,
      "ports[0].batteryMaxA": made.batteryA,
    },
  };
}

/** Two tiers in one cell of a table in pipes. */
function pipes(draw: Random): DeviceText {
  const made = stationOf(draw, 2);
  const [low, high] = made.tiers;
  return {
    text: [
      `# ${made.name}`,
      "",
      "| Feature | Value |",
      "| --- | --- |",
      "| Capacity | 2,048 Wh |",
      "| AC charging | 2,200 W |",
      `| Solar | ${made.maxW} W max, ${low?.fromV}–${low?.toV} V at ${low?.amps} A, ${high?.fromV}–${high?.toV} V at ${high?.amps} A |`,
      "| Outlets | 6 × 230 V |",
      "| Weight | 23 kg |",
    ].join("\n"),
    fields: fieldsOf(made),
  };
}

function dutch(draw: Random): DeviceText {
  const made: MadeController = controllerOf(draw);
  return {
    text: [
      `${made.name} MPPT laadregelaar`,
      "Accuspanning: 12/24 V",
      `Nominale laadstroom: ${made.batteryA} A`,
      `Maximale PV open spanning: ${made.maxV} V`,
      `Max. PV kortsluitstroom: ${made.shortA} A`,
      `Nominaal PV-vermogen: 12 V: ${made.wattsAt12} W / 24 V: ${2 * made.wattsAt12} W`,
    ].join("\n"),
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].batteryMaxA": made.batteryA,
      "ports[0].currentLimits": `${made.shortA} short`,
      ...wattsOf(made),
    },
  };
}
