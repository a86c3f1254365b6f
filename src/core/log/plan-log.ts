import { operate } from "../input";
import { type PanelLight } from "../light";
import { lightOn } from "../light";
import { type LogEntry, type MeasuredRecord, wattsOf } from "../measured";
import { createBulkSolver, substringCount } from "../net";
import { type Plan } from "../plan";
import { kindOf, type LaneContext, netIn, readyById } from "../rules";
import { rossCPerWm2 } from "../sky";
import { keyOf, standOf } from "../wiring";
import { clearHour } from "../weather";
import { createPlanes } from "../year";
import { findingsOf } from "./findings";
import { dayMs, type LogEvent, type LogFinding, type LogPoint, median, mostShare } from "./point";

/** What an entry should have been for its light, and the share of it that it was. */
export type LogShare = {
  readonly id: string;
  readonly atMs: number;
  /** Due at that moment, W, or in that day, kWh, under the sky of its word. */ readonly due: number;
  readonly share: number;
  readonly unit: "W" | "kWh";
  readonly cloud: LogEntry["cloud"];
  /** More than the sky can give, less than nothing, or in the night: kept, and out of all sums. */ readonly isOdd: boolean;
};
export type LogDay = {
  readonly date: string;
  readonly share: number;
  readonly dueKwh: number;
  /** Clear days tell most. */ readonly isClear: boolean;
};
export type PlanLog = {
  readonly shares: readonly LogShare[];
  readonly days: readonly LogDay[];
  readonly findings: readonly LogFinding[];
};

/** What a word for the clouds leaves of a clear sky's light, in the middle; a sky nobody named is taken as clear. */
export const lightOfWord = { clear: 1, haze: 0.75, broken: 0.65, overcast: 0.25 } as const;
const usualAirC = 15;
const albedo = 0.2;
/** A day is looked at so often, h. */
const stepH = 1.5;
const hourMs = 3_600_000;

/** All that a plan's log shows of a wiring. Tells the share it has been through. */
export function* planLog(
  plan: Plan,
  wiringId: string,
  records: readonly MeasuredRecord[],
  longitudeDeg: number,
): Generator<{ readonly share: number }, PlanLog, void> {
  const due = createDue(plan, wiringId, longitudeDeg);
  const entries = records.filter((each): each is LogEntry => each.kind === "log" && each.wiringId === wiringId);
  const shares: LogShare[] = [];
  const points: LogPoint[] = [];
  const byDate = new Map<string, { dueKwh: number; shares: number[]; isClear: boolean }>();
  for (const [k, entry] of entries.entries()) {
    if (k % 16 === 0) yield { share: k / entries.length };
    const atMs = Date.parse(entry.atUtc);
    const date = due.dateOf(atMs);
    const light = entry.cloud === null ? 1 : lightOfWord[entry.cloud];
    const airC = entry.airC ?? usualAirC;
    const day = byDate.get(date) ?? { dueKwh: due.dayKwh(atMs, light, airC), shares: [], isClear: false };
    byDate.set(date, day);
    const watts = wattsOf(entry);
    const moment = due.at(watts === null ? due.noonOf(atMs) : atMs, light, airC);
    const most = watts === null ? dueKwhOf(entry, due, day.dueKwh, light, airC) : moment.watts;
    const share = most > leastDue ? (watts ?? entry.kwh ?? 0) / most : 0;
    // what could be under no sky: over a clear one by a quarter, or below nothing
    const ofClear = most / light;
    const value = watts ?? entry.kwh ?? 0;
    const isOdd = most <= leastDue ? value > leastDue : value < 0 || value > mostShare * ofClear;
    shares.push({
      id: entry.id,
      atMs,
      due: most,
      share,
      unit: watts === null ? "kWh" : "W",
      cloud: entry.cloud,
      isOdd,
    });
    // what a simulated station showed says nothing of these panels
    if (isOdd || most <= leastDue || entry.source === "standIn") continue;
    day.shares.push(share);
    day.isClear ||= entry.cloud === "clear";
    points.push({
      atMs,
      share,
      cloud: entry.cloud,
      socPct: entry.socPct,
      azimuthDeg: moment.azimuthDeg,
      elevationDeg: moment.elevationDeg,
    });
  }
  return {
    shares,
    days: [...byDate].flatMap(([date, { dueKwh, shares: all, isClear }]) =>
      all.length === 0 ? [] : [{ date, share: median(all), dueKwh, isClear }],
    ),
    findings: findingsOf(points, eventsOf(records), due.array),
  };
}
const leastDue = 1e-3;

/** A table's kWh is the whole day's; what is read off a display by hand is what it has counted so far. */
function dueKwhOf(
  { source, atUtc }: LogEntry,
  due: ReturnType<typeof createDue>,
  wholeDayKwh: number,
  light: number,
  airC: number,
): number {
  const atMs = Date.parse(atUtc);
  return source === "typed" ? due.dayKwh(atMs, light, airC, atMs) : wholeDayKwh;
}

function eventsOf(records: readonly MeasuredRecord[]): LogEvent[] {
  return records.flatMap((each): LogEvent[] => {
    if (each.kind !== "event") return [];
    const { what } = each;
    return what === "cleaned" || what === "tilted" || what === "rain" || what === "stormed"
      ? [{ atMs: Date.parse(each.atUtc), what }]
      : [];
  });
}

/** What the ports of a wiring take under a share of a cloudless sky's light; limits that ports share are left out. */
function createDue(plan: Plan, wiringId: string, longitudeDeg: number) {
  const ready = readyById(plan, wiringId);
  const { lanes, common } = ready;
  const latitudeDeg = common.site.latitudeDeg;
  const longitude = common.site.longitudeDeg ?? longitudeDeg;
  const planeOf = createPlanes(plan, ready.poses[0]?.id ?? "", longitudeDeg);
  const solve = createBulkSolver();
  const offsetMs = Math.round(longitude / 15) * hourMs;
  const taken = (context: LaneContext, atMs: number, share: number, airC: number): number => {
    const hour = clearHour(atMs, latitudeDeg, longitude);
    if (hour === null) return 0;
    const net = netIn(
      common,
      context.lane.rows,
      (tile): PanelLight => {
        const wm2 = share * lightOn(planeOf(keyOf(tile), atMs), hour, albedo).insideWm2;
        const stand = standOf(context.pose, tile);
        if (stand.stance === "stowed") return { cellTempC: airC, irradianceWm2: [0] };
        return { cellTempC: airC + rossCPerWm2[stand.mount ?? common.site.mount] * wm2, irradianceWm2: [wm2] };
      },
      context.copper.cables,
    );
    if (net === null) return 0;
    const array = solve(net);
    return context.window === null
      ? array.mpp.p
      : Math.min(array.mpp.p, operate(array, context.window, context.tracking).p);
  };
  const at = (atMs: number, share: number, airC: number) => {
    const sun = clearHour(atMs, latitudeDeg, longitude)?.sun ?? { azimuthDeg: 0, elevationDeg: -1 };
    return { watts: lanes.reduce((sum, lane) => sum + taken(lane, atMs, share, airC), 0), ...sun };
  };
  const dawnOf = (atMs: number) => Math.floor((atMs + offsetMs) / dayMs) * dayMs - offsetMs;
  const tiles = lanes.flatMap((lane) => lane.tiles.map((tile) => kindOf(lane, tile)));
  return {
    at,
    dateOf: (atMs: number) => new Date(atMs + offsetMs).toISOString().slice(0, 10),
    noonOf: (atMs: number) => dawnOf(atMs) + dayMs / 2,
    /** Of the day a moment is in, until `untilMs`. */
    dayKwh: (atMs: number, share: number, airC: number, untilMs = Infinity) => {
      const dawnMs = dawnOf(atMs);
      const endH = Math.min(24, (untilMs - dawnMs) / hourMs);
      let kwh = 0;
      for (let hour = 0; hour < endH; hour += stepH) {
        const lengthH = Math.min(stepH, endH - hour);
        kwh += (at(dawnMs + (hour + lengthH / 2) * hourMs, share, airC).watts * lengthH) / 1000;
      }
      return kwh;
    },
    array: {
      panels: Math.max(1, tiles.length),
      partsOfPanel: Math.max(1, ...tiles.map(({ model }) => substringCount(model))),
    },
  };
}
