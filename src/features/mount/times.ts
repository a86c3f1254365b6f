import { format } from "date-fns";
import { type Fixing } from "@/core/plan";

const minuteMs = 60_000;

/** A moment as one says it on the ladder: the day by its name. */
export function clockTime(ms: number): string {
  return format(ms, "EEE HH:mm");
}

/** When a job begins: as it was said, or with its first step done, or now. */
export function startOf({ startsAtUtc, ticks }: Pick<Fixing, "startsAtUtc" | "ticks">, nowMs: number): number {
  const first = ticks.map(({ atUtc }) => Date.parse(atUtc));
  if (startsAtUtc !== null && ticks.length === 0) return Date.parse(startsAtUtc);
  return first.length === 0 ? Math.ceil(nowMs / minuteMs) * minuteMs : Math.max(nowMs, Math.min(...first));
}

/** What a date field of the browser holds, in the clock's own time; and back. */
export function fieldTime(ms: number): string {
  return format(ms, "yyyy-MM-dd'T'HH:mm");
}
