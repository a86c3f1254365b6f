import { solveNet } from "../net";
import { type PanelModel, stcIrradianceWm2 } from "../panel";
import { brightNoonAirC, cellTempC, longestClearDay, type Mount } from "../sky";
import { newTile, rowOf } from "../wiring";
import { type Ground, type Kind, type LaneContext, type PanelHour, kindsIn, type SkyState, solveRows } from "./context";
import { type Level } from "./finding";

const daysPerMonth = 30;
/** Leaving more than this of a clear month's energy on the roof is a cost to name. */
const costlyClipPct = 10;
const anyClipPct = 0.1;
/** Irradiance steps at which one panel is solved; between them watts per W/m² is nearly straight. */
const irradianceSteps = 6;

/** What share of a clear month's energy stays on the roof, as a level. */
export function gradeClipping(clippedPct: number): { level: Level; outcome: "clipsMuch" | "clips" | "within" } {
  if (clippedPct > costlyClipPct) return { level: "care", outcome: "clipsMuch" };
  if (clippedPct > anyClipPct) return { level: "note", outcome: "clips" };
  return { level: "good", outcome: "within" };
}

/** What one flat panel makes through the year's longest cloudless day, at its free maximum. */
export function clearDayOfOnePanel(model: PanelModel, site: { latitudeDeg: number; mount: Mount }): PanelHour[] {
  const mostWm2 = 1.2 * stcIrradianceWm2;
  const wattsPerWm2 = Array.from({ length: irradianceSteps + 1 }, (_, k) => {
    const irradianceWm2 = Math.max(1, (k * mostWm2) / irradianceSteps);
    const warm = cellTempC(brightNoonAirC, irradianceWm2, site.mount);
    return solveNet({ type: "panel", model, cellTempC: warm, irradianceWm2: [irradianceWm2] }).mpp.p / irradianceWm2;
  });
  return longestClearDay(site.latitudeDeg).map(({ irradianceWm2, hours }) => {
    const at = (irradianceWm2 / mostWm2) * irradianceSteps;
    const k = Math.min(irradianceSteps - 1, Math.floor(at));
    const low = wattsPerWm2[k] as number;
    const high = wattsPerWm2[k + 1] as number;
    return { panelW: irradianceWm2 * (low + (at - k) * (high - low)), hours };
  });
}

/** A lane's array at bright noon, and where it runs there; null where nobody knows, or nothing is taken. */
export type NoonState = Pick<SkyState, "array" | "operating">;

/**
 * Energy of a month of such days, and what a watt limit over all these lanes together cuts off what they then take, kWh.
 * What unequal panels lose to each other at noon they are taken to lose all day: within about 1 % of solving every hour.
 */
export function clearMonthKwh(
  lanes: readonly LaneContext[],
  limitW: number,
  noonOf: (lane: LaneContext) => NoonState,
): { totalKwh: number; clippedKwh: number } {
  const [first] = lanes;
  if (first === undefined) return { totalKwh: 0, clippedKwh: 0 };
  const days = lanes.map((lane) => {
    const counted = termsById(lane);
    const day = counted.map(({ kind, count }) => ({ count, hours: lane.clearDay(kind) }));
    const ownW = counted.reduce((sum, { kind, count }) => sum + count * panelNoonW(lane, kind), 0);
    const noon = noonOf(lane);
    return { day, joined: ownW > 0 ? noon.array.mpp.p / ownW : 0, taken: takenBy(noon) };
  });
  let totalWh = 0;
  let clippedWh = 0;
  const [sample] = days[0]?.day ?? [];
  for (const [k, { hours }] of (sample?.hours ?? []).entries()) {
    const laneW = days.reduce(
      (sum, { day, joined, taken }) =>
        sum + taken(joined * day.reduce((all, { count, hours: of }) => all + count * (of[k]?.panelW ?? 0), 0)),
      0,
    );
    totalWh += laneW * hours;
    clippedWh += Math.max(0, laneW - limitW) * hours;
  }
  return { totalKwh: (totalWh * daysPerMonth) / 1000, clippedKwh: (clippedWh * daysPerMonth) / 1000 };
}

/** What a port by itself takes of an array's free watts, going by what limits it at noon. */
function takenBy({ array, operating }: NoonState): (freeW: number) => number {
  if (operating === null) return (freeW) => freeW;
  const { p } = operating;
  switch (operating.limitedBy) {
    case "watts":
    case "current":
      return (freeW) => Math.min(freeW, p);
    case "none":
    case "lowPeak":
    case "battery":
    case "window":
    case "asleep":
    case "overVoltage":
      return (freeW) => (array.mpp.p > 0 ? (freeW * p) / array.mpp.p : 0);
  }
}

/** Watts of one panel of a kind alone at bright noon. */
export function panelNoonW(context: Ground, kind: Kind): number {
  return solveRows(context, [rowOf([newTile(kind.id, 1)])], "brightNoon")?.mpp.p ?? 0;
}

function termsById(lane: LaneContext): { kind: Kind; count: number }[] {
  return kindsIn(lane).map((kind) => ({ kind, count: lane.tiles.filter((tile) => tile.panelId === kind.id).length }));
}
