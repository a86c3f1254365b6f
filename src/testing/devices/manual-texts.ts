import { createRandom, type Random } from "@/core/engine/random";
import { shuffled } from "../shuffled";
import { amp, controllerOf, type DeviceText, fieldsOf, stationOf, wattsOf } from "./made-device";

/** A made-up text of a third maker, drawn from a seed: none of it was looked at while the reader was made. */
export function deviceManualText(seed: number): DeviceText {
  const draw = createRandom(seed);
  return draw.pick([
    markup,
    bullets,
    spanish,
    germanProse,
    dotted,
    labelOver,
    optional,
    camper,
    kilowatts,
    voltsFirst,
    sentenceController,
    sheet,
  ])(draw);
}

/** A page's source. */
function markup(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  const row = (name: string, value: string) => `<tr><th>${name}</th><td>${value}</td></tr>`;
  const own = row(
    "Solar charging input",
    `${made.minV}&ndash;${made.maxV}&nbsp;V, ${amp(made)}&nbsp;A, max. ${made.maxW}&nbsp;W`,
  );
  const others = [
    row("AC charging input", "220&ndash;240&nbsp;V, 50&nbsp;Hz, max. 1500&nbsp;W"),
    row("AC output", "230&nbsp;V, 2000&nbsp;W"),
    row("Car outlet", "12.6&nbsp;V, 10&nbsp;A"),
    row("Energy", "1,536&nbsp;Wh"),
  ];
  return {
    text: `<h1>${made.name} portable power station</h1><table>${shuffled(draw, [own, ...others]).join("")}</table>`,
    fields: fieldsOf(made),
  };
}

/** Bullets as sellers in the US write them. */
function bullets(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  const own = draw.pick([
    `Max. solar input: ${made.maxW}W (${made.minV}V-${made.maxV}V, ${amp(made)}A)`,
    `Solar recharge: ${made.minV}-${made.maxV}VDC up to ${amp(made)}A / ${made.maxW}W max`,
  ]);
  const lines = shuffled(draw, [
    own,
    "AC recharge: 120VAC, 1200W max",
    "12V car recharge: 8A max",
    "Outlets: 4 x 120VAC, 1800W (3600W surge)",
    "USB-C PD 100W x 2",
    "Weighs 27.5 lbs",
  ]);
  return {
    text: [`${made.name} Solar Generator`, ...lines.map((line) => `• ${line}`)].join("\n"),
    fields: fieldsOf(made),
  };
}

function spanish(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  return {
    text: [
      `Estación de energía ${made.name}`,
      "Capacidad: 1024 Wh",
      "Salida de CA: 230 V, 1800 W",
      `Entrada solar: ${made.minV}-${made.maxV} V, ${String(amp(made)).replace(".", ",")} A máx., ${made.maxW} W máx.`,
      "Entrada de CA: 230 V, 1500 W",
      "Entrada de coche: 12/24 V, 8 A",
    ].join("\n"),
    fields: fieldsOf(made),
  };
}

function germanProse(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  return {
    text: `Die ${made.name} lädt über Solarmodule mit höchstens ${made.maxW} W bei ${made.minV} bis ${made.maxV} V und höchstens ${String(amp(made)).replace(".", ",")} A. An der Steckdose lädt sie mit 1.200 W. Der Wechselrichter liefert 1.800 W, der USB-C-Anschluss 100 W.`,
    fields: fieldsOf(made),
  };
}

/** Dots between a name and its value, as in printed manuals. */
function dotted(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  return {
    text: [
      `${made.name} POWER STATION`,
      "AC output ........ 230 V, 50 Hz, 1800 W",
      "AC input ......... 230 V, 50 Hz, 1200 W",
      `Solar input ...... ${made.minV}-${made.maxV} V, ${amp(made)} A, ${made.maxW} W max.`,
      "DC output ........ 12 V, 10 A",
    ].join("\n"),
    fields: fieldsOf(made),
  };
}

/** Each name on a line above its value. */
function labelOver(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: [
      `${made.name} MPPT charge controller`,
      "Max. PV open-circuit voltage",
      `${made.maxV} V`,
      "Rated charge current",
      `${made.batteryA} A`,
      "Max. PV short-circuit current",
      `${made.shortA} A`,
      "Battery voltage",
      "12 V / 24 V",
      "Self-consumption",
      "25 mA",
    ].join("\n"),
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].batteryMaxA": made.batteryA,
      "ports[0].currentLimits": `${made.shortA} short`,
    },
  };
}

/** Three sockets for panels of one kind, a vehicle's beside them. */
function optional(draw: Random): DeviceText {
  const made = stationOf(draw, 1, 3);
  return {
    text: [
      `${made.name} battery box`,
      `3 × PV input: ${made.minV}-${made.maxV} V / ${amp(made)} A / ${made.maxW} W per input`,
      `Total PV power: max. ${made.togetherW} W`,
      "Vehicle input: 12-14.4 V, 40 A",
      "Inverter: 230 V, 3000 W",
    ].join("\n"),
    fields: { ...fieldsOf(made), ...fieldsOf(made, 1), ...fieldsOf(made, 2), "groups[0].maxW": made.togetherW },
  };
}

/** Recommendations of panels around what the input takes. */
function camper(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  return {
    text: [
      `${made.name} mobile power station`,
      "Recommended panels: 2 × 100 W (Voc 22 V, Isc 6 A) in series",
      `PV input voltage: ${made.minV}-${made.maxV} VDC`,
      `PV input current: ${amp(made)} A max`,
      `PV input power: ${made.maxW} W max`,
      "Recharge time by 200 W of panels: 6 h",
      "Grid input power: 1000 W",
      "Rated output: 230 V, 1500 W",
    ].join("\n"),
    fields: fieldsOf(made),
  };
}

/** Watts in kW, volts with their unit twice. */
function kilowatts(draw: Random): DeviceText {
  const made = controllerOf(draw);
  const watts = draw.pick([3000, 4500, 6000]);
  return {
    text: [
      `${made.name} hybrid inverter`,
      "Nominal output power: 5 kW",
      `Max. PV input power: ${watts / 1000} kW`,
      `Max. PV input voltage: ${made.maxV + 300} V`,
      `MPPT voltage range: 90 V ~ ${made.maxV + 280} V`,
      `Start-up voltage: 120 V`,
      `Max. PV input current: ${made.inputA} A`,
      `Max. PV short-circuit current: ${made.shortA} A`,
      "Battery voltage range: 40-60 V",
      "Max. charging current: 100 A",
    ].join("\n"),
    fields: {
      "ports[0].maxV": made.maxV + 300,
      "ports[0].minV": 90,
      "ports[0].mpptToV": made.maxV + 280,
      "ports[0].startV": 120,
      "ports[0].currentLimits": `${made.inputA}, ${made.shortA} short`,
      "ports[0].maxW": watts,
      "ports[0].batteryMaxA": 100,
    },
  };
}

/** Battery volts first, then what goes with them. */
function voltsFirst(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: [
      `${made.name} solar charger`,
      `Max PV input: ${made.maxV} V (open circuit)`,
      `Max PV power: 12V/${made.wattsAt12}W, 24V/${2 * made.wattsAt12}W`,
      `Charging current: ${made.batteryA} A max`,
      "Equalisation: 14.8 V / 29.6 V",
      "Display: LCD",
    ].join("\n"),
    fields: { "ports[0].maxV": made.maxV, "ports[0].batteryMaxA": made.batteryA, ...wattsOf(made) },
  };
}

function sentenceController(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: `The ${made.name} is a charge controller for 12 V and 24 V batteries. The open-circuit voltage of the array must not exceed ${made.maxV} V. It charges the battery with up to ${made.batteryA} A. The short-circuit current of the array must not exceed ${made.shortA} A.`,
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].batteryMaxA": made.batteryA,
      "ports[0].currentLimits": `${made.shortA} short`,
    },
  };
}

/** Units in the names, bare numbers as values. */
function sheet(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: [
      `${made.name} MPPT solar charge controller`,
      `Maximum PV open circuit voltage (V)\t${made.maxV}`,
      `Maximum charge current (A)\t${made.batteryA}`,
      `Maximum PV short circuit current (A)\t${made.shortA}`,
      "Battery voltage (V)\t12/24",
      "Weight (kg)\t1.3",
    ].join("\n"),
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].batteryMaxA": made.batteryA,
      "ports[0].currentLimits": `${made.shortA} short`,
    },
  };
}
