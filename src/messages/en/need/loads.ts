import { loadWh } from "@/core/need";
import { type DayTime, type EnergySource, type Load, type Need, type Season, seasons } from "@/core/plan";
import { amount, given } from "../format";

export const seasonWords: Readonly<Record<Season, string>> = {
  winter: "Winter",
  spring: "Spring",
  summer: "Summer",
  autumn: "Fall (autumn)",
};

export const dayTimeWords: Readonly<Record<DayTime, string>> = {
  allDay: "all day and night",
  day: "by day",
  evening: "in the evening",
  night: "at night",
};

export const sourceWords: Readonly<Record<EnergySource["kind"], string>> = {
  alternator: "Alternator",
  shore: "Shore power",
  generator: "Generator",
};

export function seasonsWords(of: readonly Season[]): string {
  if (of.length === seasons.length) return "all year";
  return of.length === 0
    ? "never"
    : seasons
        .filter((each) => of.includes(each))
        .map((each) => seasonWords[each].toLowerCase())
        .join(", ");
}

/** "4 × 4 W, 4 h a day, DC, all year". */
export function loadDetail(load: Load): string {
  const { count, watts, amps, use, hoursADay, timesADay, timesWh, supply } = load;
  const power = watts !== null ? given(watts, "W") : amps !== null ? given(amps, "A") : "? W";
  const what =
    use === "hours"
      ? `${power}, ${hoursADay === null ? "? h" : given(hoursADay, "h")} a day`
      : `${timesADay ?? "?"} × a day, ${timesWh === null ? "? Wh" : given(timesWh, "Wh")}`;
  return `${count > 1 ? `${count} × ` : ""}${what}, ${supply === "dc" ? "DC" : "AC (mains)"}, ${seasonsWords(load.seasons)}`;
}

/** A load's day, or what is missing. */
export function loadDayWords(need: Need, load: Load): string {
  const wh = loadWh(need, load);
  return wh === null ? "not entered yet" : amount(wh, "Wh");
}
