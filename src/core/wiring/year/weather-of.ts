import { type ClimateKind, climateKinds, climatesAt } from "../../site/climate";
import { assumedLatitudeDeg } from "../../plan-model";
import { type Halt, type Plan, type Site } from "../../plan";
import { daysIn, outsideMonthWhM2, type TypicalMonths, type WeatherYear } from "../../engine/weather";
import { type Stay } from "./facing";

/** What the light of a year comes from, and how sure that is. */
export type WeatherSource =
  | { readonly type: "file"; readonly name: string }
  /** Months of the plan, typed or of a kind of climate somebody confirmed. */
  | { readonly type: "months"; readonly kindName: string | null }
  /** Nobody confirmed any: the likeliest kind of the latitude. */
  | { readonly type: "assumed"; readonly kindName: string; readonly latitudeAssumed: boolean };

/** Heading of a vehicle nobody stated: north, so that its front and north are the same. */
const assumedHeadingDeg = 0;

/** A climate as the months of a plan at a latitude: what one press confirms. */
export function monthsOfKind(kind: ClimateKind, latitudeDeg: number): NonNullable<Site["climate"]> {
  return {
    kind: kind.id,
    months: kind.airTempC.map((meanC, k) => ({
      meanC,
      dayHighC: meanC + kind.dailyRangeK / 2,
      nightLowC: meanC - kind.dailyRangeK / 2,
      ghiKwhM2: ((kind.clearness[k] ?? 0) * outsideMonthWhM2(latitudeDeg, k + 1)) / 1000,
      source: "climateKind",
    })),
  };
}

/** The likeliest kind of climate at a latitude; outside all bands the one whose band is nearest. */
export function likeliestKind(latitudeDeg: number): ClimateKind {
  const [likeliest] = climatesAt(latitudeDeg);
  const outside = ({ latitudeBandDeg: [south, north] }: ClimateKind) =>
    Math.max(0, south - latitudeDeg, latitudeDeg - north);
  const nearest = climateKinds.reduce((best, kind) => (outside(kind) < outside(best) ? kind : best));
  return likeliest ?? nearest;
}

/** Typical months of a plan: its own, or those of the likeliest kind of climate there. Light is told by its clearness, so that it moves with the latitude. */
export function typicalMonthsOf({ site }: Pick<Plan, "site">): {
  readonly months: TypicalMonths;
  readonly source: WeatherSource;
} {
  const latitudeDeg = site.latitudeDeg ?? assumedLatitudeDeg;
  if (site.climate === null) {
    const kind = likeliestKind(latitudeDeg);
    const { clearness, airTempC, dailyRangeK, name } = kind;
    return {
      months: { clearness, airTempC, dailyRangeK: airTempC.map(() => dailyRangeK) },
      source: { type: "assumed", kindName: name, latitudeAssumed: site.latitudeDeg === null },
    };
  }
  const { months, kind } = site.climate;
  return {
    months: {
      clearness: months.map(({ ghiKwhM2 }, k) => clearnessOf(ghiKwhM2, latitudeDeg, k + 1)),
      airTempC: months.map(({ meanC }) => meanC),
      dailyRangeK: months.map(({ dayHighC, nightLowC }) => Math.max(0, dayHighC - nightLowC)),
    },
    source: { type: "months", kindName: climateKinds.find(({ id }) => id === kind)?.name ?? null },
  };
}

/** Clearest a month can be: no air lets more through, whatever somebody typed. */
const maxClearness = 0.8;

/** Share of the light outside the air; 0 in the polar night. */
export function clearnessOf(ghiKwhM2: number, latitudeDeg: number, month: number): number {
  const outside = outsideMonthWhM2(latitudeDeg, month);
  return outside > 0 ? Math.min(maxClearness, (1000 * ghiKwhM2) / outside) : 0;
}

/** Where the plan is in each month, and which way it points. A journey is where it spends most days of the month. */
export function staysOf({ site }: Pick<Plan, "site">): readonly Stay[] {
  const home = stayAt(site.latitudeDeg ?? assumedLatitudeDeg, site.longitudeDeg ?? 0, site.headingDeg);
  return Array.from({ length: 12 }, (_, k) => {
    const days = daysIn(k + 1);
    const spent = site.route.map((halt) => ({ halt, days: daysOfHalt(halt, k + 1) }));
    const away = spent.reduce((sum, each) => sum + each.days, 0);
    const longest = spent.reduce<(typeof spent)[number] | null>(
      (best, each) => (each.days > (best?.days ?? 0) ? each : best),
      null,
    );
    if (longest === null || longest.days < days - away) return home;
    const { latitudeDeg, longitudeDeg, headingDeg } = longest.halt;
    return stayAt(latitudeDeg, longitudeDeg, headingDeg ?? site.headingDeg);
  });
}

/** The clock is the sun's own: noon is when it stands highest, but for the equation of time. */
function stayAt(latitudeDeg: number, longitudeDeg: number, headingDeg: number | null): Stay {
  return { latitudeDeg, longitudeDeg, utcOffsetH: longitudeDeg / 15, headingDeg: headingDeg ?? assumedHeadingDeg };
}

/** Days of a month of whatever year that a halt lasts, at most all of them. */
function daysOfHalt({ fromDate, toDate }: Halt, month: number): number {
  const from = Date.parse(fromDate);
  const to = Date.parse(toDate);
  if (to - from >= 365 * 86_400_000) return 31;
  let days = 0;
  for (let day = from; day <= to; day += 86_400_000) if (new Date(day).getUTCMonth() + 1 === month) days += 1;
  return days;
}

/** The stay of a weather file: its own clock and place, the vehicle's heading. */
export function stayOfFile({ place }: WeatherYear, { headingDeg }: Stay): Stay {
  const { latitudeDeg, longitudeDeg, utcOffsetH } = place;
  return { latitudeDeg, longitudeDeg, utcOffsetH, headingDeg };
}
