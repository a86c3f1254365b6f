import { median } from "../engine/numeric";
import { type LogEventRecord } from "../measurements";
import { type LogFinding } from "./point";
import { type LogDay, type PlanLog } from "./plan-log";

/** What a month of the log comes to. */
export type MonthReport = {
  /** YYYY-MM. */ readonly month: string;
  readonly days: readonly LogDay[];
  readonly clearDays: number;
  /** Of the days written down: what was due, and what came of it by their shares, kWh. */
  readonly dueKwh: number;
  readonly takenKwh: number;
  /** The middle share of clear days, or of all where there is no clear one; null: nothing written. */
  readonly share: number | null;
  readonly best: { readonly date: string; readonly kwh: number } | null;
  readonly events: readonly LogEventRecord[];
  /** What was there in it. */ readonly findings: readonly LogFinding[];
  /** The same of the month before, and of this month a year before. */
  readonly before: number | null;
  readonly yearBefore: number | null;
};

/** All months from the first written day or event to the last, newest first. */
export function monthsOf({ days }: PlanLog, events: readonly LogEventRecord[]): readonly string[] {
  const known = [...days.map(({ date }) => date.slice(0, 7)), ...events.map(({ atUtc }) => atUtc.slice(0, 7))].sort();
  const [first, last] = [known[0], known.at(-1)];
  if (first === undefined || last === undefined) return [];
  const months: string[] = [];
  for (let month = last; month >= first; month = monthBefore(month)) months.push(month);
  return months;
}

export function monthReport(log: PlanLog, events: readonly LogEventRecord[], month: string): MonthReport {
  const days = log.days.filter(({ date }) => date.startsWith(month));
  const kwhOf = ({ share, dueKwh }: LogDay) => share * dueKwh;
  const best = days.reduce<LogDay | null>((top, day) => (top === null || kwhOf(day) > kwhOf(top) ? day : top), null);
  const [fromMs, toMs] = [Date.parse(`${month}-01`), Date.parse(`${monthAfter(month)}-01`)];
  return {
    month,
    days,
    clearDays: days.filter(({ isClear }) => isClear).length,
    dueKwh: days.reduce((sum, { dueKwh }) => sum + dueKwh, 0),
    takenKwh: days.reduce((sum, day) => sum + kwhOf(day), 0),
    share: shareOf(log, month),
    best: best === null ? null : { date: best.date, kwh: kwhOf(best) },
    events: events.filter(({ atUtc }) => atUtc.startsWith(month)),
    findings: log.findings.filter(({ sinceMs, untilMs }) => sinceMs < toMs && (untilMs ?? Infinity) >= fromMs),
    before: shareOf(log, monthBefore(month)),
    yearBefore: shareOf(log, `${Number(month.slice(0, 4)) - 1}${month.slice(4)}`),
  };
}

function shareOf({ days }: PlanLog, month: string): number | null {
  const ours = days.filter(({ date }) => date.startsWith(month));
  const clear = ours.filter(({ isClear }) => isClear);
  const told = clear.length > 0 ? clear : ours;
  return told.length === 0 ? null : median(told.map(({ share }) => share));
}

function monthAfter(month: string, by = 1): string {
  const at = new Date(`${month}-15T00:00:00Z`);
  at.setUTCMonth(at.getUTCMonth() + by);
  return at.toISOString().slice(0, 7);
}
function monthBefore(month: string): string {
  return monthAfter(month, -1);
}
