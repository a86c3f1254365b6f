import "server-only";
import { type PlanSearch } from "@/api";

/** Plans of one page of the list, and the most that are answered at once. */
const plansAPage = 50;
const maxAtOnce = 500;

type Asked = { readonly get: (name: string) => string | null };

/** Which plans an address asks for; what is no number there counts as if it were not. `most`: where it does not say. */
export function planSearch(asked: Asked, most = plansAPage): PlanSearch {
  const whole = (name: string, otherwise: number, limit: number) => {
    const text = asked.get(name) ?? "";
    return /^\d{1,9}$/.test(text) ? Math.min(limit, Number(text)) : otherwise;
  };
  return {
    find: (asked.get("find") ?? "").slice(0, 80),
    withArchived: asked.get("archived") === "1",
    from: whole("from", 0, 999_999_999),
    most: whole("most", most, maxAtOnce),
  };
}
