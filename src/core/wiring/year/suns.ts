import { type PanelLight, skylineOf } from "../../engine/light";
import { type SolvableWiring } from "../../plan-model";
import { keyOf, type PanelRef } from "../../engine/array";
import { type SkyHour, type WeatherYear } from "../../engine/weather";
import { createAlike } from "./grouping";
import { createTrackerCache } from "./facing";
import { panelHour, type Surroundings } from "./panel-hour";
import { positionsByHour } from "./positions-by-hour";
import { createRoofShade } from "./roof-shade";
import { sharesOf } from "./shares";
import { skyOf } from "./sky-of";

/** One hour that stands for many. */
export type SunHour = {
  /** How many hours of the year it stands for. */ readonly hours: number;
  readonly month: number;
  /** Whether another day begins with it: all ports are asleep. */ readonly isNewDay: boolean;
};

/** What falls on panels in a few hours that stand for a year, or for a month of it. */
export type Suns = {
  readonly hours: readonly SunHour[];
  /** What falls on a panel in each of them. Panels that are alike in all share one list. */
  readonly lightOn: (tile: PanelRef) => readonly PanelLight[];
  /** Of the volts, what cables lose at the amps of full sun: a share. */ readonly cable: number;
};

/** Kinds of day of a month, and hours between looks: those of a quick year. */
const kinds = 2;
const stepH = 2;

/**
 * The hours of a quick year as every panel sees them, in the positions a wiring is used in: with them wirings can be compared without
 * going through the year of each. Of a weather file two days of each month stand for its duller and its brighter half.
 */
export function createSuns(
  { plan, common }: Pick<SolvableWiring, "plan" | "common">,
  positionIds: readonly string[],
  weather: WeatherYear | null,
  month: number | null = null,
): Suns {
  const sky = skyOf(plan, weather, kinds, stepH);
  const positions = positionsByHour(plan, positionIds);
  const shares = sharesOf(plan.site);
  const around: Surroundings = {
    shares,
    skyline: skylineOf(plan.site.horizon),
    turn: createTrackerCache(),
    shade: createRoofShade(plan),
  };
  const all = weather === null ? [...sky.hours()] : halves([...sky.hours()]);
  const hours = month === null ? all : all.filter((hour) => hour.month === month);
  const alikeIn = new Map(positionIds.map((positionId) => [positionId, createAlike({ plan, common }, positionId)]));
  const known = new Map<string, readonly PanelLight[]>();
  let before = -1;
  const told = hours.map((hour): SunHour => {
    const key = sky.keyOf(hour);
    const isNewDay = key !== before;
    before = key;
    return { hours: hour.hours, month: hour.month, isNewDay };
  });

  function lightOn(tile: PanelRef): readonly PanelLight[] {
    const each = positionIds.map((positionId) => alikeIn.get(positionId)?.(tile));
    const name = each.map((alike) => alike?.name ?? "").join();
    const made = known.get(name);
    if (made !== undefined) return made;
    const panels = new Map(positionIds.map((positionId, k) => [positionId, each[k]?.make()]));
    const lights = hours.map((hour): PanelLight => {
      const positionId = positions[Math.floor(hour.atHour)] ?? "";
      const [panel, stay] = [panels.get(positionId), sky.stays[hour.month - 1]];
      if (panel === undefined || stay === undefined) throw new Error(`no position "${positionId}" for ${keyOf(tile)}`);
      const { cellTempC, irradianceWm2 } = panelHour(panel, hour, stay, positionId, around);
      return { cellTempC, irradianceWm2 };
    });
    known.set(name, lights);
    return lights;
  }

  return { hours: told, lightOn, cable: shares.cable };
}

/** Of each month the days in the middle of its duller and of its brighter half, each standing for all light of its half. */
function halves(hours: readonly SkyHour[]): SkyHour[] {
  const days = new Map<string, SkyHour[]>();
  for (const hour of hours) {
    const key = `${hour.month} ${hour.dayOfYear}`;
    const day = days.get(key);
    if (day === undefined) days.set(key, [hour]);
    else day.push(hour);
  }
  const lightOf = (day: readonly SkyHour[]) => day.reduce((sum, hour) => sum + hour.light.globalWm2 * hour.hours, 0);
  return Array.from({ length: 12 }, (_, k) => k + 1).flatMap((month) => {
    const sorted = [...days.values()].filter(([first]) => first?.month === month);
    sorted.sort((a, b) => lightOf(a) - lightOf(b));
    const middle = Math.ceil(sorted.length / 2);
    return [sorted.slice(0, middle), sorted.slice(middle)].flatMap((half) => {
      const day = half[Math.floor(half.length / 2)];
      if (day === undefined || !(lightOf(day) > 0)) return [];
      const stands = half.reduce((sum, each) => sum + lightOf(each), 0) / lightOf(day);
      return day.map((hour) => ({ ...hour, hours: hour.hours * stands }));
    });
  });
}
