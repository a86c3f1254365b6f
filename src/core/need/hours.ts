import { type DayTime, type EnergySource, type Load, type Need, type Season } from "../plan";
import { batteryOf, dailyNeed, loadWh } from "./daily";

/** Hours of a day in which things of each kind run, by the sun's clock: from, and how many. */
const spans: Readonly<Record<DayTime, readonly [number, number]>> = {
  allDay: [0, 24],
  day: [9, 8],
  evening: [17, 6],
  night: [22, 8],
};
/** When other sources begin: under way in the morning, plugged in at the evening, the generator before supper. */
const begins: Readonly<Record<EnergySource["kind"], number>> = { alternator: 9, shore: 19, generator: 16 };

/** What a battery gives in each hour of a day of a season, W: the day's need, spread as its loads run. */
export function needByHour(need: Need, season: Season, batteryId: string | null): number[] {
  const { totalWh } = dailyNeed(need, season, batteryId);
  const hours = Array.from({ length: 24 }, () => 0);
  if (need.by === "line") return hours.map(() => totalWh / 24);
  let named = 0;
  for (const load of need.loads) {
    if (batteryOf(need, load) !== batteryId || !load.seasons.includes(season)) continue;
    const wh = loadWh(need, load) ?? 0;
    named += wh;
    spread(hours, wh, spanOf(load));
  }
  // what inverter and controllers take runs through the day
  spread(hours, totalWh - named, spans.allDay);
  return hours;
}

/** What the other sources bring in each hour of a day of a season, W, averaged over the week. */
export function sourcesByHour({ sources }: Pick<Need, "sources">, season: Season): number[] {
  const hours = Array.from({ length: 24 }, () => 0);
  for (const { kind, watts, hoursADay, daysAWeek, seasons } of sources)
    if (seasons.includes(season))
      spread(hours, ((watts ?? 0) * (hoursADay ?? 0) * (daysAWeek ?? 7)) / 7, [begins[kind], hoursADay ?? 0]);
  return hours;
}

/** Something that runs longer than its part of the day has runs on into the next. */
function spanOf({ when, use, hoursADay }: Load): readonly [number, number] {
  const [from, hours] = spans[when];
  return [from, use === "hours" ? Math.max(hours, hoursADay ?? 0) : hours];
}

function spread(into: number[], wh: number, [from, hours]: readonly [number, number]): void {
  if (!(hours > 0)) return;
  for (let k = 0; k < Math.ceil(hours); k++) {
    const hour = (from + k) % 24;
    into[hour] = (into[hour] ?? 0) + (wh / hours) * Math.min(1, hours - k);
  }
}
