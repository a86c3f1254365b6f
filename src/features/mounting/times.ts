import { dayMs, minuteMs } from "@/core/engine/numeric";
import { format } from "date-fns";
import { type Fixing } from "@/core/plan";

/** A moment as one says it on the ladder: the day by its name, or by its date where that name could be another week's. */
export function clockTime(ms: number, nowMs: number): string {
  return format(ms, Math.abs(ms - nowMs) < 5 * dayMs ? "EEE HH:mm" : "d MMM HH:mm");
}

/** When what is not done yet begins at the soonest: as it was said, once something is done now. */
export function startOf({ startsAtUtc, ticks }: Pick<Fixing, "startsAtUtc" | "ticks">, nowMs: number): number {
  const now = Math.ceil(nowMs / minuteMs) * minuteMs;
  return startsAtUtc === null || ticks.length > 0 ? now : Date.parse(startsAtUtc);
}

/** What a date field of the browser holds, in the clock's own time; and back. */
export function fieldTime(ms: number): string {
  return format(ms, "yyyy-MM-dd'T'HH:mm");
}
