import { type Load, type Need, type Season } from "../plan";
import { assumedNeed, filledBattery } from "./assumed";

/** What a day of a season takes from a battery, Wh. The parts add up to `totalWh`. */
export type DailyNeed = {
  readonly dcWh: number;
  /** What the mains appliances themselves take. */ readonly mainsWh: number;
  /** What making mains costs: its losses under load, and the inverter's own use while it is on. */
  readonly inverterWh: number;
  readonly standingWh: number;
  readonly totalWh: number;
  /** The same at the volts of the battery. */ readonly ah: number;
};

/** The battery a load runs from: its own, or the first of the plan; null where the plan has none. */
export function batteryOf(
  { batteries }: Pick<Need, "batteries">,
  { batteryId }: Pick<Load, "batteryId">,
): string | null {
  return batteryId ?? batteries[0]?.id ?? null;
}

/** Volts a load given in amps is reckoned at: those of its battery. */
function voltsOf({ batteries }: Pick<Need, "batteries">, batteryId: string | null): number {
  return batteries.find(({ id }) => id === batteryId)?.volts ?? assumedNeed.volts;
}

/** Wh a load itself takes on a day on which it is used; null while something of it is not said. */
export function loadWh(need: Pick<Need, "batteries">, load: Load): number | null {
  if (load.use === "times")
    return load.timesADay === null || load.timesWh === null ? null : load.count * load.timesADay * load.timesWh;
  const watts = load.watts ?? (load.amps === null ? null : load.amps * voltsOf(need, batteryOf(need, load)));
  return watts === null || load.hoursADay === null ? null : load.count * watts * load.hoursADay;
}

/** Hours the inverter is on for these loads unless it is said: as long as the longest of them, an hour for what runs by times. */
export function assumedInverterH(loads: readonly Load[]): number {
  const hours = loads
    .filter(({ supply }) => supply === "mains")
    .map(({ use, hoursADay }) => (use === "times" ? 1 : (hoursADay ?? 0)));
  return Math.max(0, ...hours);
}

/** A day's use of one battery (null: of a plan without one), by the list of loads or by the one line. */
export function dailyNeed(need: Need, season: Season, batteryId: string | null): DailyNeed {
  const battery = need.batteries.find(({ id }) => id === batteryId);
  const volts = battery?.volts ?? assumedNeed.volts;
  const isFirst = batteryId === (need.batteries[0]?.id ?? null);
  if (need.by === "line") {
    // what someone measured as a day's use has all losses in it already
    const totalWh = isFirst ? (need.line.wh ?? (need.line.ah ?? 0) * volts) : 0;
    return { dcWh: totalWh, mainsWh: 0, inverterWh: 0, standingWh: 0, totalWh, ah: totalWh / volts };
  }
  const loads = need.loads.filter((load) => batteryOf(need, load) === batteryId && load.seasons.includes(season));
  const sum = (supply: Load["supply"]) =>
    loads.filter((load) => load.supply === supply).reduce((all, load) => all + (loadWh(need, load) ?? 0), 0);
  const [dcWh, mainsWh] = [sum("dc"), sum("mains")];
  const { efficiencyPct, standingW, hoursADay } = need.inverter;
  const lostWh = mainsWh * (100 / (efficiencyPct ?? assumedNeed.inverterEfficiencyPct) - 1);
  const onH = mainsWh > 0 ? (hoursADay ?? assumedInverterH(loads)) : 0;
  const inverterWh = lostWh + onH * (standingW ?? assumedNeed.inverterStandingW);
  const standingWh = battery === undefined ? 0 : 24 * filledBattery(battery).standingW;
  const totalWh = dcWh + mainsWh + inverterWh + standingWh;
  return { dcWh, mainsWh, inverterWh, standingWh, totalWh, ah: totalWh / volts };
}

/** Wh a day of a season that alternator, shore and generator bring, averaged over the week; before any loss. */
export function otherSourcesWh({ sources }: Pick<Need, "sources">, season: Season): number {
  return sources
    .filter(({ seasons }) => seasons.includes(season))
    .reduce(
      (sum, { watts, hoursADay, daysAWeek }) => sum + ((watts ?? 0) * (hoursADay ?? 0) * (daysAWeek ?? 7)) / 7,
      0,
    );
}
