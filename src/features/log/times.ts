import { format } from "date-fns";

export function dayName(ms: number): string {
  return format(ms, "d MMM yyyy");
}

export function momentName(ms: number): string {
  return format(ms, "d MMM yyyy, HH:mm");
}
