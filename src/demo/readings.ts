import { dayMs } from "@/core/engine/numeric";
import { xoroshiro128plus } from "pure-rand/generator/xoroshiro128plus";
import { planLog } from "@/core/log";
import { type EventKind, type JobKind, type LogEntry, type MeasuredRecord } from "@/core/measurements";
import { type Plan } from "@/core/plan";
import { demoProved } from "./proved";

const firstMs = Date.UTC(2025, 10, 20);
const days = 366;
/** What each word leaves of a clear sky against what is reckoned for it: at least and at most. */
const spread = { clear: [0.97, 1.02], haze: [0.75, 1.2], broken: [0.4, 1.4], overcast: [0.5, 1.4] } as const;

/** Pollen from April on, washed off in June; a panel of the roof that gives nothing since a wet night in August. */
const pollen = { from: Date.UTC(2026, 3, 12), washed: Date.UTC(2026, 5, 20), most: 0.11 };
const gone = { from: Date.UTC(2026, 7, 12), share: 0.17 };

/** What was read of the Lantern: the day it was wired, and its log since. */
export function demoReadings(plan: Plan, wiringId: string): readonly MeasuredRecord[] {
  return [...demoProved(plan, wiringId), ...demoLog(plan, wiringId)];
}

/** A year of the Lantern's log, in which something went wrong: simulated, and the same each time. */
export function demoLog(plan: Plan, wiringId: string): readonly MeasuredRecord[] {
  const dice = xoroshiro128plus(1857);
  const roll = () => (dice.next() >>> 0) / 2 ** 32;
  const event = (id: string, atMs: number, what: EventKind, note: string): MeasuredRecord => ({
    id,
    kind: "event",
    atUtc: new Date(atMs).toISOString(),
    by: "Tam",
    what,
    note,
  });
  const job = (id: string, atMs: number, what: JobKind, everyDays: number): MeasuredRecord => ({
    id,
    kind: "job",
    atUtc: new Date(atMs).toISOString(),
    by: "Tam",
    what,
    everyDays,
    note: "",
  });
  let word: keyof typeof spread = "broken";
  const rains: MeasuredRecord[] = [];
  const blank: LogEntry[] = [];
  for (let day = 0; day < days; day++) {
    if (roll() > 0.45) {
      const chance = roll();
      word = chance < 0.3 ? "clear" : chance < 0.5 ? "haze" : chance < 0.78 ? "broken" : "overcast";
    }
    const dawnMs = firstMs + day * dayMs;
    if (word === "overcast" && roll() < 0.4) rains.push(event(`rain-${day}`, dawnMs + 5 * 3_600_000, "rain", ""));
    if (roll() < 0.2) continue;
    const season = Math.cos((2 * Math.PI * (day + 120)) / 365.25);
    blank.push({
      id: `log-${day}`,
      kind: "log",
      atUtc: new Date(dawnMs + 12 * 3_600_000 + Math.round(roll() * 90) * 60_000).toISOString(),
      wiringId,
      watts: 1,
      kwh: null,
      volts: null,
      amps: null,
      socPct: 40 + Math.round(roll() * 42),
      cloud: word,
      airC: Math.round(9 - 9 * season + 6 * (roll() - 0.5)),
      by: roll() < 0.5 ? "Ines" : "Tam",
      source: "typed",
      note: "",
    });
  }
  // what was due first, then what was read of it
  const steps = planLog(plan, wiringId, blank, 0);
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  const due = new Map(step.value.shares.map((each) => [each.id, each]));
  const entries = blank.flatMap((entry): LogEntry[] => {
    const of = due.get(entry.id);
    if (of === undefined || of.due < 2) return [];
    const [low, high] = spread[entry.cloud ?? "clear"];
    const dirty =
      of.atMs > pollen.from && of.atMs < pollen.washed
        ? (pollen.most * (of.atMs - pollen.from)) / (pollen.washed - pollen.from)
        : 0;
    const left = (1 - dirty) * (of.atMs > gone.from ? 1 - gone.share : 1);
    const watts = of.due * (low + (high - low) * roll()) * left * (0.985 + 0.03 * roll());
    return [{ ...entry, watts: Math.round(watts) }];
  });
  return [
    ...entries,
    ...rains,
    event("storm", Date.UTC(2026, 1, 3, 20), "stormed", "stowed in time"),
    event("bolts", Date.UTC(2026, 2, 1, 10), "tightened", "two nuts on the canal side"),
    event("wash", pollen.washed, "cleaned", "yellow water"),
    job("wash-job", Date.UTC(2026, 3, 1, 12), "cleaned", 56),
    job("bolts-job", Date.UTC(2026, 2, 1, 12), "tightened", 182),
    job("storm-job", Date.UTC(2026, 9, 1, 12), "stormed", 365),
  ];
}
