import { type Gain, type GainKind, type LossName, type WeatherSource } from "@/core/wiring/year";
import { counted } from "./format";

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
  slant: { name: "Slanting light", help: "Light that glances off the glass when the sun stands low to a panel." },
  skyline: { name: "Skyline", help: "Trees, houses and hills before the sun and the sky." },
  shade: {
    name: "Shade",
    help: "Shadows of what stands on the roof, of panels on one another, and shade by hand in the pose.",
  },
  stowed: { name: "Stowed", help: "Panels put away in the hours of a pose." },
  dirt: { name: "Dirt", help: "Dust, pollen and soot on the glass." },
  haze: { name: "Haze", help: "Air duller than the place usually has." },
  ageing: { name: "Ageing", help: "What panels have lost since they were new." },
  heat: { name: "Heat", help: "Warm cells give less than the label says; below zero cold ones give more." },
  unequal: {
    name: "Unequal panels",
    help: "Panels that hold each other back: unlike labels, ways of facing or light.",
  },
  cable: { name: "Cable", help: "Warmth of the leads." },
  clippedAmps: { name: "Clipped by amps", help: "More current than the port takes." },
  clippedWatts: { name: "Clipped by watts", help: "More watts than the port, or what it shares a limit with, takes." },
  clippedVolts: { name: "Clipped by volts", help: "The best volts lie outside the port’s window." },
  lowPeak: { name: "Lower peak", help: "The tracker stands on a lower peak of a shaded array." },
  pwm: { name: "Held at battery volts", help: "A PWM controller holds the array below its best volts." },
  asleep: { name: "Asleep", help: "Too few volts for the port to wake or stay awake." },
  overVoltage: {
    name: "Too many volts",
    help: "Open-circuit voltage above the input’s max PV voltage: it takes nothing.",
  },
  storing: { name: "Controller and battery", help: "Turned into warmth on the way into the battery and out again." },
  batteryFull: { name: "Battery full", help: "Sun that came when the battery had no room." },
};

/** Where the light of a year comes from, and how far it may be off. */
export function sourceWords(source: WeatherSource): string {
  switch (source.type) {
    case "file":
      return `Weather file “${source.name}”, hour by hour.`;
    case "months":
      return source.kindName === null
        ? "Months as typed for this place; days spread about them as weather does."
        : `Typical months of “${source.kindName}”, confirmed: good to 10 to 15 %.`;
    case "assumed":
      return `Assumed: typical months of “${source.kindName}”${source.latitudeAssumed ? " at 45°, as no place is said" : ", the likeliest kind at this latitude"}. Nobody has confirmed it; good to 10 to 15 % where it fits.`;
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
      return "All panels on each port in one series string (voltages add)";
    case "parallelInstead":
      return "Every panel in parallel (currents add)";
  }
}

/** Days of the year on which the need is met besides, in words; nothing where that is less than one. */
export function metDaysWords({ metDays }: Gain): string {
  if (metDays === null || Math.abs(metDays) < 0.5) return "";
  const days = counted(Math.round(Math.abs(metDays)), "day", "days");
  return metDays > 0 ? `need met on ${days} more` : `need met on ${days} fewer`;
}
