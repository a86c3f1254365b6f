import { dayMs, median } from "../engine/numeric";
import { type LogEntry, type MeasuredRecord, wattsOf } from "../measurements";
import { type Plan } from "../plan";
import { createDue } from "./due";
import { findingsOf } from "./findings";
import { type LogEvent, type LogFinding, type LogPoint, maxShare } from "./point";
import { createTurns, missedTurns, type TiltPoint, type Turns } from "./tilt";
import { type Why, whyOf } from "./why";

/** What an entry should have been for its light, and the share of it that it was. */
export type LogShare = {
  readonly id: string;
  readonly atMs: number;
  /** Due at that moment, W, or in that day, kWh, under the sky of its word. */ readonly due: number;
  readonly share: number;
  readonly unit: "W" | "kWh";
  readonly cloud: LogEntry["cloud"];
  /** The likeliest reason for it. */ readonly why: Why;
  /** More than the sky can give, less than nothing, or in the night: kept, and out of all sums. */ readonly isOdd: boolean;
};
export type LogDay = {
  readonly date: string;
  readonly share: number;
  readonly dueKwh: number;
  /** Clear days tell most. */ readonly isClear: boolean;
};
export type PlanLog = {
  /** Changes of tilt that were not made, by what was read since. */ readonly missedTurns: readonly number[];
  readonly shares: readonly LogShare[];
  readonly days: readonly LogDay[];
  readonly findings: readonly LogFinding[];
};

/** What a word for the clouds leaves of a clear sky's light, in the middle; a sky nobody named is taken as clear. */
export const lightOfWord = { clear: 1, haze: 0.75, broken: 0.65, overcast: 0.25 } as const;
const defaultAirC = 15;

/** All that a plan's log shows of a wiring. Tells the share it has been through. */
export function* planLog(
  plan: Plan,
  wiringId: string,
  records: readonly MeasuredRecord[],
  longitudeDeg: number,
): Generator<{ readonly share: number }, PlanLog, void> {
  const turns = createTurns(plan, records);
  const due = createDue(plan, wiringId, longitudeDeg, turns);
  const entries = records.filter((each): each is LogEntry => each.kind === "log" && each.wiringId === wiringId);
  const held: Held[] = [];
  const days = new Map<string, number>();
  for (const [k, entry] of entries.entries()) {
    if (k % 16 === 0) yield { share: k / entries.length };
    held.push(heldAgainst(entry, due, turns, days));
  }
  const missed = missedTurns(held.flatMap(tiltPoint));
  const points: LogPoint[] = [];
  const byDate = new Map<string, { dueKwh: number; shares: number[]; isClear: boolean }>();
  const told = held.map((each) => {
    const isHeld = each.turnMs !== null && missed.has(each.turnMs);
    return { ...each, isHeld, of: isHeld && each.before !== null ? each.before : each.asMeant };
  });
  for (const { entry, atMs, of, value, clear, sun } of told) {
    const date = due.dateOf(atMs);
    const day = byDate.get(date) ?? { dueKwh: of.dayKwh, shares: [], isClear: false };
    byDate.set(date, day);
    // what a simulated station showed says nothing of these panels
    if (isOddOf(value, of.due, clear) || of.due <= minDue || entry.source === "standIn") continue;
    day.shares.push(value / of.due);
    day.isClear ||= entry.cloud === "clear";
    const { socPct, cloud } = entry;
    points.push({ atMs, share: value / of.due, cloud, socPct, ...sun });
  }
  const findings = findingsOf(points, eventsOf(records), due.array);
  return {
    missedTurns: [...missed],
    shares: told.map(({ entry, atMs, asMeant, value, isHeld, clear, unit }): LogShare => {
      const share = asMeant.due > minDue ? value / asMeant.due : 0;
      const { cloud, socPct } = entry;
      const why = whyOf({ atMs, share, cloud, socPct, takenShare: asMeant.takenShare, isHeld }, findings);
      const isOdd = isOddOf(value, asMeant.due, clear);
      return { id: entry.id, atMs, due: asMeant.due, share, unit, cloud, why, isOdd };
    }),
    days: [...byDate].flatMap(([date, { dueKwh, shares: all, isClear }]) =>
      all.length === 0 ? [] : [{ date, share: median(all), dueKwh, isClear }],
    ),
    findings,
  };
}

type Due = ReturnType<typeof createDue>;
/** What was due by one way the panels lay: of the entry, W or kWh; of its whole day; of what there was, what the input takes. */
type Meant = { readonly due: number; readonly dayKwh: number; readonly takenShare: number | null };
type Held = {
  readonly entry: LogEntry;
  readonly atMs: number;
  readonly value: number;
  readonly unit: "W" | "kWh";
  /** The light its word leaves of a clear sky. */ readonly clear: number;
  readonly sun: { readonly azimuthDeg: number; readonly elevationDeg: number };
  readonly asMeant: Meant;
  /** A change of tilt before it that nobody wrote down, and what was due had it not been made. */
  readonly turnMs: number | null;
  readonly before: Meant | null;
};

function heldAgainst(entry: LogEntry, due: Due, turns: Turns, days: Map<string, number>): Held {
  const atMs = Date.parse(entry.atUtc);
  const watts = wattsOf(entry);
  const clear = entry.cloud === null ? 1 : lightOfWord[entry.cloud];
  const airC = entry.airC ?? defaultAirC;
  const meant = (tiltMs: number | null): Meant => {
    // a day is reckoned once, under the sky of its first entry
    const key = `${due.dateOf(atMs)} ${tiltMs}`;
    const dayKwh = days.get(key) ?? due.dayKwh(atMs, clear, airC, Infinity, tiltMs);
    days.set(key, dayKwh);
    if (watts === null) {
      // a table's kWh is the whole day's; what is read off a display by hand is what it has counted so far
      const kwh = entry.source === "typed" ? due.dayKwh(atMs, clear, airC, atMs, tiltMs) : dayKwh;
      return { due: kwh, dayKwh, takenShare: null };
    }
    const moment = due.at(atMs, clear, airC, tiltMs);
    return { due: moment.watts, dayKwh, takenShare: moment.freeW <= 0 ? null : moment.watts / moment.freeW };
  };
  const turnMs = turns.openTurn(atMs);
  return {
    entry,
    atMs,
    value: watts ?? entry.kwh ?? 0,
    unit: watts === null ? "kWh" : "W",
    clear,
    sun: due.sunAt(watts === null ? due.noonOf(atMs) : atMs),
    asMeant: meant(null),
    turnMs,
    before: turnMs === null ? null : meant(turnMs - dayMs),
  };
}

function tiltPoint({ entry, value, asMeant, before, turnMs }: Held): TiltPoint[] {
  return turnMs === null || before === null || entry.cloud !== "clear" || asMeant.due <= minDue || before.due <= minDue
    ? []
    : [{ turnMs, share: value / asMeant.due, heldShare: value / before.due }];
}

/** What could be under no sky: over a clear one by a quarter, below nothing, or anything in the night. */
function isOddOf(value: number, due: number, clear: number): boolean {
  return due <= minDue ? value > minDue : value < 0 || value > maxShare * (due / clear);
}
const minDue = 1e-3;

function eventsOf(records: readonly MeasuredRecord[]): LogEvent[] {
  return records.flatMap((each): LogEvent[] => {
    if (each.kind !== "event") return [];
    const { what } = each;
    return what === "cleaned" || what === "tilted" || what === "rain" || what === "stormed"
      ? [{ atMs: Date.parse(each.atUtc), what }]
      : [];
  });
}
