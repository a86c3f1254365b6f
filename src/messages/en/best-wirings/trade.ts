import { type Goal, type WiringFacts } from "@/core/wiring/best-wirings";
import { type Level } from "@/core/checks";
import { type UnitSystem } from "@/core/engine/units";
import { lossNames } from "@/core/wiring/year";
import { goalWords, scoreAmount, scoreWords } from "./sentences";
import { counted, percent } from "../format";
import { findingSentence } from "../rules";
import { lossWords } from "../year/sentences";

/** Differences smaller than these are none. */
const smallest = { sharePct: 0.5, roomPct: 1, minutes: 5, shadePct: 1, money: 1, amps: 0.5 };

/** What speaks for a wiring beside another, and what against it; each goes on after “it”. */
export function tradeOf(facts: WiringFacts, other: WiringFacts, goal: Goal): { less: string[]; more: string[] } {
  const found: { less: string[]; more: string[] } = { less: [], more: [] };
  /** `by` above 0: better than the other. */
  const put = (by: number, least: number, words: (by: number, isBetter: boolean) => string) => {
    if (Math.abs(by) >= least) (by > 0 ? found.more : found.less).push(words(Math.abs(by), by > 0));
  };
  const energy = facts.score - other.score;
  const minEnergy = (smallest.sharePct / 100) * Math.max(facts.score, other.score);
  put(
    energy,
    minEnergy,
    (by, isBetter) => `harvests ${scoreAmount(by, goal)} ${isBetter ? "more" : "less"} ${goalWords(goal)}`,
  );
  if (facts.cold !== null && other.cold !== null)
    put(
      facts.cold.marginPct - other.cold.marginPct,
      smallest.roomPct,
      (by, isBetter) => `has ${percent(by)} ${isBetter ? "more" : "less"} margin at the record low`,
    );
  put(
    other.shadePct - facts.shadePct,
    smallest.shadePct,
    (by, isBetter) =>
      `${isBetter ? "keeps" : "loses"} ${percent(by)} more of the power at noon when a cell group is shaded`,
  );
  put(
    other.money - facts.money,
    smallest.money,
    (by, isBetter) => `needs parts for about ${by.toFixed(0)} ${isBetter ? "less" : "more"}`,
  );
  put(other.year.asleepMinutes - facts.year.asleepMinutes, smallest.minutes, (by, isBetter) =>
    isBetter ? `is awake ${by.toFixed(0)} min a day longer` : `sleeps ${by.toFixed(0)} min a day longer`,
  );
  return found;
}

/** "Compared with the board it harvests 40 kWh more a year, but it needs parts for about 25 more." */
export function tradeSentence(facts: WiringFacts, other: WiringFacts, otherName: string, goal: Goal): string {
  const { less, more } = tradeOf(facts, other, goal);
  if (less.length === 0 && more.length === 0) return `About the same as ${otherName}.`;
  if (less.length === 0) return `Compared with ${otherName} it ${listed(more)}, without a disadvantage.`;
  if (more.length === 0) return `Compared with ${otherName} it ${listed(less)}.`;
  return `Compared with ${otherName} it ${listed(more)}, but it ${listed(less)}.`;
}

function listed(parts: readonly string[]): string {
  const last = parts.at(-1) ?? "";
  return parts.length < 2 ? last : `${parts.slice(0, -1).join(", ")} and ${last}`;
}

export type WhyNot = { readonly level: Level; readonly words: string };

/**
 * Why a wiring is not the best: what rules stop, then what of the energy stays where, then the rest. Lines that speak for it come last.
 */
export function whyNotLines(facts: WiringFacts, best: WiringFacts, goal: Goal, system: UnitSystem): WhyNot[] {
  const stops = facts.remarks
    .filter(({ level }) => level === "stop")
    .map((finding): WhyNot => ({ level: "stop", words: findingSentence(finding, system) }));
  const lines: WhyNot[] = [...stops];
  const { less, more } = tradeOf(facts, best, goal);
  if (facts.score < best.score * (1 - smallest.sharePct / 100)) {
    const share = (100 * (best.score - facts.score)) / best.score;
    lines.push({
      level: "care",
      words: `It harvests ${scoreWords(facts.score, goal)}; the best harvests ${scoreAmount(best.score, goal)}: ${percent(share)} less.`,
    });
    lines.push(...whereItStays(facts, best));
  }
  for (const words of less.slice(facts.score < best.score * (1 - smallest.sharePct / 100) ? 1 : 0))
    lines.push({ level: "note", words: `It ${words}.` });
  const cares = facts.remarks.filter(({ level }) => level === "care" || level === "open");
  for (const finding of cares.slice(0, 3))
    if (!best.remarks.some(({ rule, level }) => rule === finding.rule && level === finding.level))
      lines.push({ level: finding.level, words: findingSentence(finding, system) });
  if (lines.length === 0) lines.push({ level: "good", words: "It is as good as the best wiring." });
  for (const words of more) lines.push({ level: "good", words: `For it: it ${words}.` });
  return lines;
}

/** Of a year's difference, the places where the worse one loses more. */
function whereItStays(facts: WiringFacts, best: WiringFacts): WhyNot[] {
  const least = 0.003 * best.year.takenKwh;
  const fewer = best.year.couldKwh - facts.year.couldKwh;
  const lines: WhyNot[] =
    fewer > least
      ? [
          {
            level: "note",
            words: `${best.panels > facts.panels ? `It leaves ${counted(best.panels - facts.panels, "panel")} more on the shelf` : "Its panels are smaller"}: ${fewer.toFixed(0)}\u00a0kWh less available in a year.`,
          },
        ]
      : [];
  const losses = lossNames
    .filter((name) => !["storing", "batteryFull"].includes(name))
    .map((name) => ({ name, more: facts.year.losses[name] - best.year.losses[name] }))
    .filter(({ more }) => more > least)
    .sort((a, b) => b.more - a.more)
    .slice(0, 3);
  for (const { name, more } of losses)
    lines.push({
      level: "note",
      words: `${lossWords[name].name}: ${more.toFixed(0)}\u00a0kWh more lost in a year. ${lossWords[name].help}`,
    });
  return lines;
}
