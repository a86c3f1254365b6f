import { format } from "date-fns";
import { timesTexts } from "@/messages/en/log/view";

export function dayName(ms: number): string {
  return format(ms, "d MMM yyyy");
}

export function momentName(ms: number): string {
  return format(ms, "d MMM yyyy, HH:mm");
}

/** What a date field of the browser holds. */
export function fieldDay(ms: number): string {
  return format(ms, "yyyy-MM-dd");
}

/** A month as YYYY-MM by its name. */
export function monthName(month: string): string {
  return format(new Date(`${month}-15T12:00`), "MMMM yyyy");
}

export function roundName(everyDays: number | null): string {
  if (everyDays === null) return "once";
  if (everyDays === 365) return "every year";
  if (everyDays === 182) return timesTexts.twiceAYear;
  return everyDays % 7 === 0 ? timesTexts.everyWeeksWeeks(everyDays / 7) : timesTexts.everyEveryDaysDays(everyDays);
}
