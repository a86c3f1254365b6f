import { type Gain, type GainKind, type LossName, type WeatherSource } from "@/core/wiring/year";
import { counted } from "../format";

export const monthNames = [
  "January",
  "February",
  "March",
  "April",
  "May",
  "June",
  "July",
  "August",
  "September",
  "October",
  "November",
  "December",
] as const;

export function monthName(month: number): string {
  return monthNames[month - 1] ?? "";
}

/** What each loss of the year is called, and a sentence on it. */
export const lossWords: Readonly<Record<LossName, { readonly name: string; readonly help: string }>> = {
  slant: { name: "Low sun angle", help: "Light reflected off the glass when the sun is at a low angle to the panel." },
  skyline: { name: "Skyline", help: "Trees, houses and hills in front of the sun and the sky." },
  shade: {
    name: "Shade",
    help: "Shadows of objects on the roof and of panels on each other, and shade set in the position.",
  },
  stowed: { name: "Stowed", help: "Panels stowed in the hours of a position." },
  dirt: { name: "Dirt", help: "Dust, pollen and soot on the glass." },
  haze: { name: "Haze", help: "Air that is hazier than usual at the location." },
  ageing: { name: "Aging", help: "What panels have lost since they were new." },
  heat: {
    name: "Heat",
    help: "Cells warmer than 25 °C deliver less than the label states. Negative: colder cells deliver more.",
  },
  unequal: {
    name: "Mismatch",
    help: "Panels that limit each other: different labels, directions or light.",
  },
  cable: { name: "Cable", help: "Voltage drop in the cables." },
  clippedAmps: { name: "Clipped by amps", help: "More current than the max PV current." },
  clippedWatts: {
    name: "Clipped by watts",
    help: "More watts than the max PV power, of this PV input or of a shared limit.",
  },
  clippedVolts: { name: "Clipped by volts", help: "The best voltage is outside the MPPT range." },
  lowPeak: { name: "Lower peak", help: "The tracker stays at a lower peak of a shaded array." },
  pwm: { name: "Battery voltage (PWM)", help: "A PWM controller pulls the array down to battery voltage." },
  asleep: { name: "Asleep", help: "Voltage below the start-up voltage, or too low to stay awake." },
  overVoltage: {
    name: "Over-voltage",
    help: "Open-circuit voltage (Voc) above the max PV voltage: no harvest.",
  },
  storing: { name: "Conversion losses", help: "Lost as heat in the controller and the battery." },
  batteryFull: { name: "Battery full", help: "Energy available while the battery was full." },
};

/** Where the light of a year comes from, and how far it may be off. */
export function sourceWords(source: WeatherSource): string {
  switch (source.type) {
    case "file":
      return `Weather file “${source.name}”, hour by hour.`;
    case "months":
      return source.kindName === null
        ? "Months as entered for this location, with typical day-to-day weather."
        : `Typical months of “${source.kindName}”, confirmed; accurate to 10 to 15 %.`;
    case "assumed":
      return `Assumed: typical months of “${source.kindName}”${source.latitudeAssumed ? " at 45°, because no location is entered" : ", the most likely climate at this latitude"}. Not confirmed; accurate to 10 to 15 % if it fits.`;
  }
}

export function gainName(kind: GainKind): string {
  switch (kind.type) {
    case "onePanel":
      return `One more ${kind.panelName}, in ${kind.joined} (${kind.joined === "series" ? "volts" : "amps"} add)`;
    case "tilt":
      return `Flat panels tilted ${kind.tiltDeg}° to the noon sun all year`;
    case "clean":
      return "Panels always clean";
    case "thickerCable":
      return "Cables twice as thick";
    case "battery":
      return kind.times === 2 ? "A battery twice as large" : `A battery ${kind.times} times as large`;
    case "otherWiring":
      return `The wiring “${kind.name}”`;
    case "seriesInstead":
      return "All panels on each PV input in one string (volts add)";
    case "parallelInstead":
      return "All panels in parallel (amps add)";
  }
}

/** Days of the year on which the need is met besides, in words; nothing where that is less than one. */
export function metDaysWords({ metDays }: Gain): string {
  if (metDays === null || Math.abs(metDays) < 0.5) return "";
  const days = counted(Math.round(Math.abs(metDays)), "day", "days");
  return metDays > 0 ? `need met on ${days} more` : `need met on ${days} fewer`;
}
