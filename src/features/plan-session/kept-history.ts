import { differences, type History, type Plan, readPlanText, startHistory } from "@/core/plan";

/** Most text kept of a plan's history, characters: browsers allow about five million for a whole site. */
const maxKept = 1_500_000;

type Kept = { readonly present: string; readonly past: readonly string[]; readonly future: readonly string[] };

/** A history as text, its oldest steps left out when it grows too long. */
export function packHistory({ past, present, future }: History): string {
  const texts = (plans: readonly Plan[]) => plans.map((plan) => JSON.stringify(plan));
  const kept = { present: JSON.stringify(present), past: texts(past), future: texts(future) };
  let room = maxKept - kept.present.length;
  const newest = (list: readonly string[]): string[] => {
    const taken: string[] = [];
    for (const text of list) {
      room -= text.length;
      if (room < 0) break;
      taken.push(text);
    }
    return taken;
  };
  // steps nearest to the present are worth most
  const pastKept = newest([...kept.past].reverse()).reverse();
  return JSON.stringify({ present: kept.present, past: pastKept, future: newest(kept.future) } satisfies Kept);
}

/** The history a text holds, if it ends in this very plan and every step of it still reads; otherwise a new one. */
export function unpackHistory(text: string | null, plan: Plan): History {
  const fresh = startHistory(plan);
  const kept = text === null ? null : parsed(text);
  const ended = kept === null ? null : readPlanText(kept.present);
  // compared as documents: the order of keys may differ after a round over the server
  if (kept === null || ended?.type !== "plan" || differences(ended.plan, plan, 1).length > 0) return fresh;
  const plans = (texts: readonly string[]) =>
    texts.map((each) => readPlanText(each)).flatMap((reading) => (reading.type === "plan" ? [reading.plan] : []));
  const [past, future] = [plans(kept.past), plans(kept.future)];
  return past.length === kept.past.length && future.length === kept.future.length ? { ...fresh, past, future } : fresh;
}

function parsed(text: string): Kept | null {
  try {
    const value: unknown = JSON.parse(text);
    if (
      typeof value !== "object" ||
      value === null ||
      !("present" in value) ||
      !("past" in value) ||
      !("future" in value)
    )
      return null;
    const { present, past, future } = value;
    const areTexts = (list: unknown): list is string[] =>
      Array.isArray(list) && list.every((each) => typeof each === "string");
    return typeof present === "string" && areTexts(past) && areTexts(future) ? { present, past, future } : null;
  } catch {
    return null;
  }
}
