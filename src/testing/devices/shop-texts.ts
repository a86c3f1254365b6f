import { createRandom, type Random } from "@/core/engine/random";
import { shuffled } from "../shuffled";
import { amp, controllerOf, type DeviceText, fieldsOf, stationOf, wattsOf } from "./made-device";

/** A made-up seller's text on a controller or a station, drawn from a seed: what the reader was made with. */
export function deviceShopText(seed: number): DeviceText {
  const draw = createRandom(seed);
  return draw.pick([
    plate,
    page,
    german,
    tiersApart,
    twoInputs,
    prose,
    openController,
    rangeController,
    inline,
    hybrid,
    pwm,
    pair,
  ])(draw);
}

const noise = (draw: Random) =>
  shuffled(draw, [
    `Capacity: ${draw.pick([512, 768, 1024, 2048])} Wh, ${draw.pick([22.4, 25.6, 51.2])} V LiFePO4`,
    "AC output: 2 × 230 V~, 1800 W (3600 W surge), pure sine wave",
    "DC output: 12.6 V⎓10 A car socket, 2 × 5.5 mm round 12.6 V⎓3 A",
    "USB-C: 5/9/12/15/20 V⎓5 A, 100 W max",
    "AC input: 220–240 V~, 50/60 Hz, 10 A, 1200 W",
    "Car charging: 12 V / 24 V, 8 A",
    "Operating temperature: −10–45 °C (charging 0–45 °C)",
    "Net weight: 15.9 kg",
    "UPS mode: switches within 20 ms",
    "Cycle life: 3500 cycles to 80 %",
    "Warranty: 5 years",
  ]);

/** Lines of other things before and after what is to be read. */
function among(draw: Random, head: string, own: readonly string[]): string {
  const lines = noise(draw).slice(0, draw.whole(2, 8));
  const at = draw.whole(0, lines.length);
  return [head, ...lines.slice(0, at), ...own, ...lines.slice(at)].join("\n");
}

/** A page of a station or a controller that says nothing of its sockets for panels. */
export function withoutSockets(draw: Random): string {
  return draw.chance(0.5)
    ? [`${stationOf(draw).name} portable power station`, ...noise(draw)].join("\n")
    : [
        `${controllerOf(draw).name} charge controller`,
        draw.pick(batteryLines),
        ...shuffled(draw, controllerNoise),
      ].join("\n");
}

function plate(draw: Random): DeviceText {
  const made = stationOf(draw);
  const mark = draw.pick(["⎓", " ", " DC "]);
  const lines = made.tiers.map(({ fromV, toV, amps }) => `${fromV}-${toV}V${mark}${amps}A`);
  return {
    text: [made.name, draw.pick(["INPUT", "DC INPUT", "Solar input"]), ...lines, `${made.maxW}W Max`].join("\n"),
    fields: fieldsOf(made),
  };
}

function page(draw: Random): DeviceText {
  const made = stationOf(draw);
  const v = draw.pick(["V", " V"]);
  const tiers = made.tiers.map(
    ({ fromV, toV, amps }) =>
      `${fromV}–${toV}${v}${draw.pick([", ", " / ", "⎓"])}${amps}${draw.pick(["A", " A", "A Max"])}`,
  );
  const own = `${draw.pick(["Solar charging", "Solar input", "PV input", "Max solar input"])}: ${tiers.join(draw.pick([", ", "; "]))}${draw.pick([", ", "; "])}${made.maxW}${draw.pick([" W max", "W max", "W"])}`;
  return { text: among(draw, `${made.name} portable power station`, [own]), fields: fieldsOf(made) };
}

function german(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  const amps = amp(made);
  const comma = (value: number) => String(value).replace(".", ",");
  return {
    text: [
      `${made.name} Powerstation`,
      "Preis: 1.099,00 €",
      "Kapazität: 768 Wh, 25,6 V LiFePO4",
      "AC-Ausgang: 2 × 230 V~, 1.000 W (Spitze 2.000 W), reiner Sinus",
      `${draw.pick(["Solar-Eingang (Buchse hinten)", "Solareingang", "PV-Eingang"])}: ${made.minV} ${draw.pick(["…", "bis", "–"])} ${made.maxV} V DC⎓${comma(amps)} A, ${draw.pick(["bis", "max."])} ${made.maxW >= 1000 ? made.maxW.toLocaleString("de") : made.maxW} W`,
      "DC-Ausgang: 12,6 V, 10 A (Kfz-Dose)",
      "USB-C: 5/9/12/15/20 V, 5 A, max. 100 W",
      "AC-Eingang: 220–240 V~, 50 Hz, 10 A, 1.200 W",
      "Betriebstemperatur: −10 bis 45 °C",
    ].join("\n"),
    fields: fieldsOf(made),
  };
}

function tiersApart(draw: Random): DeviceText {
  const made = stationOf(draw, 2);
  const own = [
    `Solar input voltage: ${made.minV}~${made.maxV} Vdc`,
    `Max solar current: ${made.tiers.map(({ fromV, toV, amps }) => `${amps} A (${fromV}~${toV} Vdc)`).join(", ")}`,
    `Max solar input power: ${made.maxW} W`,
  ];
  return { text: among(draw, `${made.name} power station`, own), fields: fieldsOf(made) };
}

function twoInputs(draw: Random): DeviceText {
  const made = stationOf(draw, 1, 2);
  const amps = amp(made);
  const own = draw.pick([
    `Solar input: 2 × 2-pole, each ${made.minV} – ${made.maxV}V DC, ${amps}A, ${made.maxW}W max; ${made.togetherW}W max in total`,
    `Solar inputs: two, ${made.minV}-${made.maxV} V, ${amps} A, ${made.maxW} W each, ${made.togetherW} W combined`,
  ]);
  return {
    text: among(draw, `${made.name} portable power station`, [own]),
    fields: { ...fieldsOf(made), ...fieldsOf(made, 1), "groups[0].maxW": made.togetherW },
  };
}

function prose(draw: Random): DeviceText {
  const made = stationOf(draw, 1);
  const amps = amp(made);
  return {
    text: `The ${made.name} charges from the sun through one socket on its side. It ${draw.pick(["accepts", "takes"])} anything ${draw.chance(0.5) ? `from ${made.minV} to` : `between ${made.minV} and`} ${made.maxV} volts, draws at most ${amps} amps and never takes more than ${made.maxW} watts. Its inverter gives 1,500 W from 230 V sockets, and a 100 W USB-C port charges a laptop. From the wall it is full in 80 minutes (1,200 W).`,
    fields: fieldsOf(made),
  };
}

const batteryLines: readonly [string, ...string[]] = [
  "Battery voltage: 12/24 V auto select",
  "System voltage: 12V/24V",
  "Nominal battery voltage: 12 V / 24 V",
];
const controllerNoise = [
  "Maximum efficiency: 98 %",
  "Self-consumption: 12 V: 30 mA, 24 V: 20 mA",
  "Charge voltage 'absorption': 14.4 V / 28.8 V (adjustable)",
  "Charge voltage 'float': 13.8 V / 27.6 V",
  "Operating temperature: -30 to +60 °C",
  "Power terminals: 16 mm² / AWG6",
  "Load output: 12V/24V, 20A",
  "Weight: 1.3 kg",
  "IP rating: IP32",
  "Battery types: LiFePO4, AGM, GEL, flooded",
];

function openController(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: [
      `${made.name} solar charge controller`,
      draw.pick(batteryLines),
      `${draw.pick(["Rated charge current", "Max. charge current"])}: ${made.batteryA} A`,
      `Nominal PV power, 12 V: ${made.wattsAt12} W`,
      `Nominal PV power, 24 V: ${2 * made.wattsAt12} W`,
      `${draw.pick(["Maximum PV open circuit voltage", "Max. PV voltage (Voc)"])}: ${made.maxV} V`,
      `Max. PV short circuit current: ${made.shortA} A`,
      ...shuffled(draw, controllerNoise).slice(0, 5),
    ].join("\n"),
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].batteryMaxA": made.batteryA,
      "ports[0].currentLimits": `${made.shortA} short`,
      ...wattsOf(made),
    },
  };
}

function rangeController(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: [
      `${made.name} MPPT solar charge controller`,
      ...[
        draw.pick(batteryLines),
        `Max PV open circuit voltage: ${made.maxV}VDC`,
        `MPPT voltage range: ${made.minV}~${made.mpptToV}VDC`,
        `Start-up voltage: ${made.startV}VDC`,
        `Max. PV input current: ${made.inputA}A`,
        `Rated charge current: ${made.batteryA}A`,
        `Max. PV input power: ${made.wattsAt12}W at 12V / ${2 * made.wattsAt12}W at 24V`,
        ...shuffled(draw, controllerNoise).slice(0, 4),
      ].map((line) => `* ${line}`),
    ].join("\n"),
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].minV": made.minV,
      "ports[0].mpptToV": made.mpptToV,
      "ports[0].startV": made.startV,
      "ports[0].currentLimits": `${made.inputA}`,
      "ports[0].batteryMaxA": made.batteryA,
      ...wattsOf(made),
    },
  };
}

function inline(draw: Random): DeviceText {
  const made = controllerOf(draw);
  return {
    text: `${made.name}: 12/24 V, ${made.batteryA} A, PV max. ${made.maxV} V, ${made.wattsAt12} W at 12 V / ${2 * made.wattsAt12} W at 24 V, IP65`,
    fields: { "ports[0].maxV": made.maxV, "ports[0].batteryMaxA": made.batteryA, ...wattsOf(made) },
  };
}

function hybrid(draw: Random): DeviceText {
  const made = controllerOf(draw);
  const watts = draw.pick([4000, 5000, 6500]);
  return {
    text: [
      `${made.name.replace(/\/.*/, "")} All-in-One Solar Charge Inverter, 120/240V Split Phase`,
      `- Max PV Array Power: ${watts.toLocaleString("en-US")}W`,
      `- Max PV Open Circuit Voltage: ${made.maxV}VDC`,
      `- PV Operating Range: ${made.minV}-${made.mpptToV}VDC`,
      `- Max PV Input Current: ${made.inputA}A`,
      `- Max Solar Charge Current: ${made.batteryA}A`,
      "- Battery: 48V",
      '- Dimensions: 17.3" x 11.8" x 4.5"',
      "- Weight: 33.1 lbs",
    ].join("\n"),
    fields: {
      "ports[0].maxV": made.maxV,
      "ports[0].minV": made.minV,
      "ports[0].mpptToV": made.mpptToV,
      "ports[0].currentLimits": `${made.inputA}`,
      "ports[0].batteryMaxA": made.batteryA,
      "ports[0].maxW": watts,
    },
  };
}

function pwm(draw: Random): DeviceText {
  const made = controllerOf(draw);
  const volts = draw.pick([23, 25, 30]);
  return {
    text: [
      `${made.name} PWM solar controller`,
      "12/24 V automatic",
      `Max. solar input voltage: ${volts} V (12 V battery), ${2 * volts} V (24 V battery)`,
      `Rated current: ${made.batteryA} A`,
      "USB output 5 V 2 A",
      "Self consumption < 10 mA",
    ].join("\n"),
    fields: { "ports[0].maxV": volts, "ports[0].batteryMaxA": made.batteryA },
    torn: ["ports[0].maxV"],
  };
}

function pair(draw: Random): DeviceText {
  const [one, other] = [stationOf(draw, 1), stationOf(draw, 1)];
  const input = ({ minV, maxV, tiers, maxW }: typeof one) => `${minV}-${maxV} V, ${tiers[0]?.amps} A, ${maxW} W max`;
  return {
    text: [
      "Which one for the van?",
      "",
      `|  | ${one.name} | ${other.name} X |`,
      "|---|---|---|",
      "| Battery | 512 Wh | 1,024 Wh |",
      "| AC output | 500 W | 1,800 W |",
      `| Solar input | ${input(one)} | ${input(other)} |`,
      "| Weight | 6.4 kg | 12.9 kg |",
    ].join("\n"),
    fields: fieldsOf(one),
    devices: 2,
  };
}
