import { lightOn, skylineOf } from "../../engine/light";
import { type Plan } from "../../plan";
import { type Mount, rossCPerWm2 } from "../../engine/sky";
import { daysIn, type WeatherYear } from "../../engine/weather";
import { createTrackerCache, type Facing } from "./facing";
import { sharesOf } from "./shares";
import { skyOf } from "./sky-of";

/** Power lost with each degree above 25 °C by a usual crystalline panel, as a share: what labels that are silent get too. */
const defaultTempCo = 0.0036;
/** Kinds of day of a month: light on a plane is all but straight in clearness, so a few are enough. */
const kinds = 4;

/** What a watt of usual panel facing so brings at the port, Wh a day by month: light, slant, skyline, dirt, age, heat and cable counted. */
export type Yield = readonly number[];

/** Hours of a year made ready, so that many ways of facing can be asked about. */
export function createYields(plan: Pick<Plan, "site">, weather: WeatherYear | null) {
  const sky = skyOf(plan, weather, kinds);
  const hours = [...sky.hours()];
  const shares = sharesOf(plan.site);
  const skyline = skylineOf(plan.site.horizon);
  const turn = createTrackerCache();
  const left = (1 - shares.dirt) * (1 - shares.haze) * (1 - shares.ageing);
  return {
    source: sky.source,
    of: (facing: Facing, mount: Mount): Yield => {
      const rossK = rossCPerWm2[mount];
      const whPerW = Array.from({ length: 12 }, () => 0);
      for (const hour of hours) {
        const stay = sky.stays[hour.month - 1];
        if (stay === undefined) continue;
        const { sun } = hour.light;
        const plane = turn(facing, { ...hour, sun }, stay);
        const insideWm2 = left * lightOn(plane, hour.light, shares.ground, skyline.seenFrom(plane, sun)).insideWm2;
        const suns = insideWm2 / 1000;
        const heat = 1 - defaultTempCo * (hour.airTempC + rossK * insideWm2 - 25);
        // at half the amps cables lose half the share
        whPerW[hour.month - 1] = (whPerW[hour.month - 1] ?? 0) + suns * heat * (1 - shares.cable * suns) * hour.hours;
      }
      return whPerW.map((wh, k) => wh / daysIn(k + 1));
    },
  };
}

/** kWh a year of a watt. */
export function yearOf(whADay: Yield): number {
  return whADay.reduce((sum, wh, k) => sum + wh * daysIn(k + 1), 0) / 1000;
}
