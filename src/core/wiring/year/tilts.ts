import { type Plan } from "../../plan";
import { type Mount } from "../../engine/sky";
import { daysIn, type WeatherYear } from "../../engine/weather";
import { sharesOf } from "./shares";
import { type WeatherSource } from "./weather-of";
import { createYields, type Yield, yearOf } from "./yield";

/** A tilt towards the noon sun and what a watt of panel makes of a year with it, kWh. */
export type Tilted = { readonly tiltDeg: number; readonly kwhPerW: number };

export type BestTilts = {
  readonly flat: Tilted;
  readonly fixed: Tilted;
  /** Tilts that lose less than 2 % against the best one: from, to. */
  readonly within2Pct: readonly [number, number];
  /** Two tilts, each from the first of a month on. */
  readonly two: {
    readonly turns: readonly [
      { readonly fromMonth: number; readonly tiltDeg: number },
      { readonly fromMonth: number; readonly tiltDeg: number },
    ];
    readonly kwhPerW: number;
  };
  readonly following: Tilted["kwhPerW"];
};

const stepDeg = 5;
const maxDeg = 75;
const near = 0.98;

/** The best fixed tilt and the best two with their months, by trying all of them in steps of 5°. */
export function bestTilts(plan: Pick<Plan, "site">, weather: WeatherYear | null, mount: Mount): BestTilts {
  const yields = createYields(plan, weather);
  const towardsNoon = { azimuthDeg: null, azimuthFrom: "north" } as const;
  const tried = Array.from({ length: maxDeg / stepDeg + 1 }, (_, k) => {
    const tiltDeg = k * stepDeg;
    const whADay = yields.of({ tiltDeg, ...towardsNoon, turning: { type: "fixed" } }, mount);
    return { tiltDeg, whADay, kwhPerW: yearOf(whADay) };
  });
  const best = <T extends { readonly kwhPerW: number }>(all: readonly T[]): T =>
    all.reduce((most, each) => (each.kwhPerW > most.kwhPerW ? each : most));
  const fixed = best(tried);
  const close = tried.filter(({ kwhPerW }) => kwhPerW >= near * fixed.kwhPerW).map(({ tiltDeg }) => tiltDeg);
  const parts = Array.from({ length: 12 }, (_, from) =>
    Array.from({ length: 11 }, (_length, k) => splitAt(tried, from + 1, k + 1)),
  ).flat();
  const two = best(parts);
  const [flat = fixed] = tried;
  const following = yearOf(yields.of({ tiltDeg: 0, ...towardsNoon, turning: { type: "following" } }, mount));
  const plain = ({ tiltDeg, kwhPerW }: Tilted): Tilted => ({ tiltDeg, kwhPerW });
  return {
    flat: plain(flat),
    fixed: plain(fixed),
    within2Pct: [Math.min(...close), Math.max(...close)],
    two,
    following,
  };
}

/** The best tilt for so many months from one on, and the best for the rest. */
function splitAt(
  tried: readonly { readonly tiltDeg: number; readonly whADay: Yield }[],
  fromMonth: number,
  months: number,
): BestTilts["two"] {
  const isFirst = (month: number) => (month - fromMonth + 12) % 12 < months;
  const best = (first: boolean) =>
    tried
      .map(({ tiltDeg, whADay }) => ({
        tiltDeg,
        kwh: whADay.reduce((sum, wh, k) => (isFirst(k + 1) === first ? sum + (wh * daysIn(k + 1)) / 1000 : sum), 0),
      }))
      .reduce((most, each) => (each.kwh > most.kwh ? each : most));
  const [first, second] = [best(true), best(false)];
  return {
    turns: [
      { fromMonth, tiltDeg: first.tiltDeg },
      { fromMonth: ((fromMonth - 1 + months) % 12) + 1, tiltDeg: second.tiltDeg },
    ],
    kwhPerW: first.kwh + second.kwh,
  };
}

/** What a watt of panel on the usual mount brings at a place, Wh a day by month, lying flat and at the best fixed tilt, after storing. */
export type PlaceYields = {
  readonly flat: Yield;
  readonly tilted: Yield;
  readonly tiltDeg: number;
  readonly source: WeatherSource;
};

export function placeYields(plan: Pick<Plan, "site">, weather: WeatherYear | null): PlaceYields {
  const mount = plan.site.mount ?? "roofGap";
  const yields = createYields(plan, weather);
  const { tiltDeg } = bestTilts(plan, weather, mount).fixed;
  const { storing } = sharesOf(plan.site);
  const at = (tilt: number) =>
    yields
      .of({ tiltDeg: tilt, azimuthDeg: null, azimuthFrom: "north", turning: { type: "fixed" } }, mount)
      .map((wh) => wh * (1 - storing));
  return { flat: at(0), tilted: at(tiltDeg), tiltDeg, source: yields.source };
}
