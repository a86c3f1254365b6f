"use client";

import { type Plan } from "@/core/plan";
import { type BestTilts, lossNames, type PlanYear, type Reminder, remindersOf } from "@/core/wiring/year";
import { csvText, newId, downloadFile } from "@/ui";
import { lossWords, monthName } from "@/messages/en";
import { saveFilesTexts } from "@/messages/en/year/view";

/** The year as rows, a month each: for the table's file. */
function rowsOf({ months }: PlanYear): Record<string, string | number>[] {
  const kwh = (value: number) => Number(value.toFixed(3));
  return months.map((month, k) => ({
    month: monthName(k + 1),
    "light on the flat, kWh/m2 a day": kwh(month.ghiKwhM2),
    "could be had, kWh": kwh(month.couldKwh),
    ...Object.fromEntries(lossNames.map((name) => [`${lossWords[name].name}, kWh`, kwh(month.losses[name])])),
    "offered, kWh": kwh(month.offeredKwh),
    "taken, kWh": kwh(month.takenKwh),
    "used, kWh": kwh(month.usedKwh),
    "need, kWh": kwh(month.needKwh),
    "other sources, kWh": kwh(month.sourcesKwh),
    "days missed, %": month.missedPct === null ? "" : Number(month.missedPct.toFixed(1)),
  }));
}

export async function saveYearCsv(year: PlanYear): Promise<void> {
  downloadFile("year.csv", "text/csv", await csvText(rowsOf(year)));
}

/** The whole answer with its assumptions, for other programs. */
export function saveYearJson(year: PlanYear, plan: Plan, wiringName: string): void {
  const document = { format: "golden-array-year", version: 1, plan: plan.name, wiring: wiringName, year };
  downloadFile("year.json", "application/json", `${JSON.stringify(document, null, 2)}\n`);
}

/** Changes of tilt and cleaning as days of a calendar that come every year. */
export async function saveReminders(plan: Plan, tilts: BestTilts | null, now: Date): Promise<void> {
  const { default: ical, ICalEventRepeatingFreq } = await import("ical-generator");
  const calendar = ical({ name: plan.name, prodId: { company: "Golden Array", product: "reminders", language: "EN" } });
  for (const reminder of remindersOf(plan, tilts))
    calendar.createEvent({
      id: newId(),
      start: nextDay(reminder, now),
      allDay: true,
      summary: summaryOf(reminder),
      repeating: { freq: ICalEventRepeatingFreq.YEARLY },
    });
  downloadFile("reminders.ics", "text/calendar", calendar.toString());
}

/** The next such day from a day on. */
function nextDay({ month, day }: Reminder, now: Date): Date {
  const inYear = (year: number) => new Date(year, month - 1, day, 12);
  const thisYear = inYear(now.getFullYear());
  return thisYear >= now ? thisYear : inYear(now.getFullYear() + 1);
}

function summaryOf(reminder: Reminder): string {
  if (reminder.type === "clean") return saveFilesTexts.solarPanelsCleanTheGlass;
  const { mountName, tiltDeg } = reminder;
  return `Solar panels${mountName === null ? "" : ` (${mountName})`}: tilt to ${tiltDeg}°`;
}
