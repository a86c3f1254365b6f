import { assumedNeed, computedW, dailyNeed, filledBattery, monthsOf, otherSourcesWh, quickRuleW } from "@/core/need";
import { type Plan, type Season, seasons } from "@/core/plan";
import { assumedLatitudeDeg } from "@/core/plan-model";
import { type PlaceYields, type WeatherSource } from "@/core/wiring/year";

/** What a season wants and what panels it asks for, by both methods. */
export type SeasonGoal = {
  readonly season: Season;
  readonly dcWh: number;
  readonly mainsWh: number;
  readonly inverterWh: number;
  readonly standingWh: number;
  readonly totalWh: number;
  readonly ah: number;
  readonly sourcesWh: number;
  /** What is left for the sun. */ readonly sunWh: number;
  readonly quickW: number;
  /** For the darkest month of the season: its number, Wh a day of each watt flat and at the best tilt, watts asked for. */
  readonly darkest: { readonly month: number; readonly flatWhPerW: number; readonly tiltedWhPerW: number };
  readonly flatW: number | null;
  readonly tiltedW: number | null;
};

export type Goals = {
  readonly seasons: readonly SeasonGoal[];
  readonly tiltDeg: number;
  readonly source: WeatherSource;
  /** Watts of the panels of the plan by their labels. */ readonly ownedW: number;
  /** Of all batteries together. */ readonly usableWh: number;
  readonly wantedWh: number;
};

/** The need by season, and the array it asks for: by the quick rule, and computed for the place, its darkest month and the mount. */
export function goalsOf(plan: Pick<Plan, "site" | "need" | "panels">, yields: PlaceYields): Goals {
  const { site, need } = plan;
  const { flat, tilted, tiltDeg } = yields;
  const latitudeDeg = site.latitudeDeg ?? assumedLatitudeDeg;
  const batteryIds = need.batteries.length === 0 ? [null] : need.batteries.map(({ id }) => id);
  const each = seasons.map((season): SeasonGoal => {
    const parts = batteryIds.map((batteryId) => dailyNeed(need, season, batteryId));
    const sum = (of: (part: (typeof parts)[number]) => number) => parts.reduce((all, part) => all + of(part), 0);
    const totalWh = sum((part) => part.totalWh);
    const sourcesWh = otherSourcesWh(need, season);
    const sunWh = Math.max(0, totalWh - sourcesWh);
    const month = monthsOf(season, latitudeDeg).reduce((least, one) =>
      (flat[one - 1] ?? 0) < (flat[least - 1] ?? 0) ? one : least,
    );
    const darkest = { month, flatWhPerW: flat[month - 1] ?? 0, tiltedWhPerW: tilted[month - 1] ?? 0 };
    return {
      season,
      dcWh: sum(({ dcWh }) => dcWh),
      mainsWh: sum(({ mainsWh }) => mainsWh),
      inverterWh: sum(({ inverterWh }) => inverterWh),
      standingWh: sum(({ standingWh }) => standingWh),
      totalWh,
      ah: sum(({ ah }) => ah),
      sourcesWh,
      sunWh,
      quickW: quickRuleW(sunWh),
      darkest,
      flatW: computedW(sunWh, darkest.flatWhPerW),
      tiltedW: computedW(sunWh, darkest.tiltedWhPerW),
    };
  });
  const most = each.reduce((all, { totalWh }) => Math.max(all, totalWh), 0);
  return {
    seasons: each,
    tiltDeg,
    source: yields.source,
    ownedW: plan.panels.reduce((sum, { label, pieces }) => sum + (label.pmaxW ?? 0) * pieces.length, 0),
    usableWh: need.batteries.reduce((sum, battery) => sum + filledBattery(battery).usableWh, 0),
    wantedWh: most * (need.autonomyDays ?? assumedNeed.autonomyDays),
  };
}
