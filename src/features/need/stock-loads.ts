import { type Load, seasons } from "@/core/plan";

/** What one brings into a van, a boat or a shed, with what such a thing usually takes; all of it can be changed afterwards. */
export type StockLoad = Pick<Load, "name" | "supply" | "when"> & Partial<Load>;

const bright = ["spring", "summer", "autumn"] as const;
const cold = ["autumn", "winter", "spring"] as const;

export const stock: readonly { readonly title: string; readonly loads: readonly StockLoad[] }[] = [
  {
    title: "Living",
    loads: [
      { name: "Compressor cooler", supply: "dc", when: "allDay", watts: 45, hoursADay: 9 },
      { name: "Roof fan", supply: "dc", when: "day", watts: 25, hoursADay: 5, seasons: ["summer"] },
      { name: "Lamps", supply: "dc", when: "evening", count: 4, watts: 4, hoursADay: 4 },
      { name: "Water pump", supply: "dc", when: "day", amps: 4, watts: null, hoursADay: 0.3 },
      { name: "Heater’s blower", supply: "dc", when: "night", watts: 20, hoursADay: 8, seasons: [...cold] },
      { name: "Telephone", supply: "dc", when: "night", count: 2, use: "times", timesADay: 1, timesWh: 15 },
    ],
  },
  {
    title: "Work",
    loads: [
      { name: "Laptop", supply: "dc", when: "day", watts: 45, hoursADay: 4 },
      { name: "Router", supply: "dc", when: "allDay", watts: 8, hoursADay: 24 },
      { name: "Tool charger", supply: "mains", when: "day", use: "times", timesADay: 1, timesWh: 90 },
      { name: "Press motor", supply: "mains", when: "day", watts: 300, hoursADay: 2, seasons: [...bright] },
      { name: "Sewing machine", supply: "mains", when: "day", watts: 80, hoursADay: 1 },
      { name: "Electric fence", supply: "dc", when: "allDay", watts: 1.5, hoursADay: 24 },
    ],
  },
  {
    title: "Kitchen",
    loads: [
      { name: "Kettle", supply: "mains", when: "day", use: "times", timesADay: 3, timesWh: 90 },
      { name: "Coffee grinder", supply: "mains", when: "day", use: "times", timesADay: 2, timesWh: 3 },
      { name: "Hot plate", supply: "mains", when: "evening", watts: 1200, hoursADay: 0.4 },
      { name: "Microwave", supply: "mains", when: "evening", watts: 1100, hoursADay: 0.15 },
    ],
  },
  {
    title: "Afloat and afield",
    loads: [
      { name: "Anchor light", supply: "dc", when: "night", watts: 2, hoursADay: 9 },
      { name: "Depth and chart display", supply: "dc", when: "day", watts: 18, hoursADay: 5 },
      { name: "Bilge pump", supply: "dc", when: "allDay", amps: 4, watts: null, hoursADay: 0.1 },
      { name: "Bee-hive scale", supply: "dc", when: "allDay", watts: 0.5, hoursADay: 24 },
    ],
  },
];

/** A load of the stock with all it needs. */
export function loadOf(given: StockLoad): Partial<Load> {
  return { count: 1, use: "hours", seasons: [...seasons], ...given };
}
