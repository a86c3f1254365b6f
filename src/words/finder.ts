import {
  assumedLifeYears,
  assumedPrices,
  type Bought,
  type BuyTitle,
  type Goal,
  type LeftOut,
  type Offer,
  type Purchase,
  type Title,
  type Trial,
  type WiringFacts,
} from "@/core/finder";
import { type Plan } from "@/core/plan";
import { type Level } from "@/core/rules";
import { type UnitSystem } from "@/core/units";
import { type Lane, tilesOfRows } from "@/core/wiring";
import { lossNames } from "@/core/year";
import { portWords } from "./changes";
import { amount, counted, limit, money, percent } from "./format";
import { headOf } from "./names";
import { findingSentence } from "./rules";
import { lossWords, monthName } from "./year";

/** What a wiring is the best in. */
export const titleWords: Readonly<Record<Title, string>> = {
  mostEnergy: "Most energy",
  safestMargin: "Most room in the cold",
  fewestParts: "Fewest parts",
  bestInShade: "Kindest in shade",
  cheapest: "Least to buy",
};

/** What wirings are ranked by, as the end of a sentence: "a year". */
export function goalWords(goal: Goal): string {
  switch (goal.type) {
    case "year":
      return "a year";
    case "month":
      return `in ${monthName(goal.month)}`;
    case "noon":
      return "at bright noon";
  }
}

/** "1823 kWh a year", "1240.0 W at bright noon". */
export function scoreWords(score: number, goal: Goal): string {
  return `${scoreAmount(score, goal)} ${goalWords(goal)}`;
}

/** The same without when: energy as finely as it is known, within a percent or so. */
export function scoreAmount(score: number, goal: Goal): string {
  if (goal.type === "noon") return amount(score, "W");
  return `${score >= 100 ? score.toFixed(0) : score.toFixed(1)}\u00a0kWh`;
}

/** What a wiring is made of, a line for each port: "Haybarn Loft, high: 3 × MG-195 | 2 × MG-120 + 1 × MG-225". */
export function madeOf(plan: Plan, lanes: readonly Lane[]): { readonly port: string; readonly rows: string }[] {
  return lanes.map((lane) => ({ port: portWords(plan, lane), rows: rowsWords(plan, lane) }));
}

/** Rows that are alike are told together: "2 rows of 3 × MG-195". */
function rowsWords(plan: Plan, { rows }: Lane): string {
  const nameOf = (panelId: string) => headOf(plan.panels.find(({ id }) => id === panelId)?.label.name ?? panelId);
  const counts = new Map<string, number>();
  for (const row of rows) {
    const kinds = new Map<string, number>();
    for (const { panelId } of tilesOfRows([row])) kinds.set(panelId, (kinds.get(panelId) ?? 0) + 1);
    const words = [...kinds].map(([panelId, n]) => `${n} × ${nameOf(panelId)}`).join(" + ");
    counts.set(words, (counts.get(words) ?? 0) + 1);
  }
  return [...counts].map(([words, n]) => (n === 1 ? `a row of ${words}` : `${n} rows of ${words}`)).join(", ");
}

/** Why a wiring is offered: one sentence for what it is the best in. */
export function whySentence({ titles, facts }: Offer, best: WiringFacts, goal: Goal, proved: boolean): string {
  const first = titles[0] ?? "mostEnergy";
  switch (first) {
    case "mostEnergy":
      return `${proved ? "No other wiring of these panels brings" : "Of all that were tried none brings"} more ${goalWords(goal)}.`;
    case "safestMargin":
      return facts.cold === null
        ? "It has the most room."
        : `On the coldest dawn it stands at ${amount(facts.cold.value.value, "V")}, ${percent(facts.cold.marginPct)} under the ${limit(facts.cold.limit.value, "V")} it may reach.`;
    case "fewestParts":
      return `${partsList(facts) === "" ? "Nothing to join but the panels’ own plugs" : `It takes only ${partsList(facts)}`}, and ${counted(facts.parts.ports, "port")}.`;
    case "bestInShade":
      return `One shaded part of a panel takes ${percent(facts.shadePct)} of noon’s watts at most${best.shadePct > facts.shadePct + 0.5 ? `; of the one with most energy ${percent(best.shadePct)}` : ""}.`;
    case "cheapest":
      return `Parts for about ${facts.money.toFixed(0)}: ${partsList(facts) === "" ? "leads to the port" : `${partsList(facts)} and leads to the port`}.`;
  }
}

function partsList({ parts: { branchPairs, fuses, blockingDiodes } }: WiringFacts): string {
  return [
    branchPairs > 0 ? counted(branchPairs, "pair of branch connectors", "pairs of branch connectors") : null,
    fuses > 0 ? counted(fuses, "row fuse") : null,
    blockingDiodes > 0 ? counted(blockingDiodes, "blocking diode") : null,
  ]
    .filter((part) => part !== null)
    .join(", ");
}

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
  const leastEnergy = (smallest.sharePct / 100) * Math.max(facts.score, other.score);
  put(
    energy,
    leastEnergy,
    (by, isBetter) => `brings ${scoreAmount(by, goal)} ${isBetter ? "more" : "less"} ${goalWords(goal)}`,
  );
  if (facts.cold !== null && other.cold !== null)
    put(
      facts.cold.marginPct - other.cold.marginPct,
      smallest.roomPct,
      (by, isBetter) => `has ${percent(by)} ${isBetter ? "more" : "less"} room in the cold`,
    );
  put(
    other.shadePct - facts.shadePct,
    smallest.shadePct,
    (by, isBetter) => `${isBetter ? "keeps" : "loses"} ${percent(by)} more of noon when a part is shaded`,
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

/** "Against the board it brings 40 kWh more a year, but it needs parts for about 25 more." */
export function tradeSentence(facts: WiringFacts, other: WiringFacts, otherName: string, goal: Goal): string {
  const { less, more } = tradeOf(facts, other, goal);
  if (less.length === 0 && more.length === 0) return `About the same as ${otherName}.`;
  if (less.length === 0) return `Against ${otherName} it ${listed(more)}, and gives nothing up.`;
  if (more.length === 0) return `Against ${otherName} it ${listed(less)}.`;
  return `Against ${otherName} it ${listed(more)}, but it ${listed(less)}.`;
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
      words: `It brings ${scoreWords(facts.score, goal)}, the best ${scoreAmount(best.score, goal)}: ${percent(share)} less.`,
    });
    lines.push(...whereItStays(facts, best));
  }
  for (const words of less.slice(facts.score < best.score * (1 - smallest.sharePct / 100) ? 1 : 0))
    lines.push({ level: "note", words: `It ${words}.` });
  const cares = facts.remarks.filter(({ level }) => level === "care" || level === "open");
  for (const finding of cares.slice(0, 3))
    if (!best.remarks.some(({ rule, level }) => rule === finding.rule && level === finding.level))
      lines.push({ level: finding.level, words: findingSentence(finding, system) });
  if (lines.length === 0) lines.push({ level: "good", words: "It is as good as the best: nothing speaks against it." });
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
            words: `${best.panels > facts.panels ? `It leaves ${counted(best.panels - facts.panels, "panel")} more on the shelf` : "Its panels are smaller"}: ${fewer.toFixed(0)}\u00a0kWh of light less in a year.`,
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

/** What is not among what was tried. */
export function leftOutSentence(left: LeftOut): string {
  switch (left.type) {
    case "panel":
      return `“${left.name}”: its label cannot be read yet, so it stays on the shelf.`;
    case "tooMany":
      return `“${left.name}”: more kinds than can be told apart at once; it stays on the shelf.`;
    case "port":
      return `${left.name}: no ceiling in volts is stated, so nothing can be put there.`;
    case "addOn":
      return `${left.name}: needs an add-on that no wiring uses yet.`;
  }
}

export function trialWords(trial: Trial): string {
  switch (trial.type) {
    case "planned":
      return "All goes as planned";
    case "dirty":
      return `One ${headOf(trial.panelName)} dirty (${trial.lightPct}\u00a0% of its light)`;
    case "dead":
      return `One ${headOf(trial.panelName)} dark: under a leaf bag, or dead`;
    case "haze":
      return `Haze: ${trial.pct}\u00a0% less light`;
    case "short":
      return `${headOf(trial.panelName)} a weak batch, ${trial.pct}\u00a0% short`;
    case "colder":
      return `A colder record: ${amount(trial.recordLowC, "°C")}`;
    case "heading":
      return `Parked to ${trial.headingDeg.toFixed(0)}° instead`;
  }
}

/** What parts are taken to cost. */
export const pricesSentence = `Parts are taken at ${assumedPrices.branchPair} a pair of branch connectors, ${assumedPrices.fuse} a fuse with its holder and ${assumedPrices.port} the leads to a port, in your currency; cables are sized at Protect.`;

/** What a purchase is the best in. */
export const buyTitleWords: Readonly<Record<BuyTitle, string>> = {
  meetsNeed: "Meets the need",
  mostEnergy: "Most energy",
  leastPerKwh: "Least money a kWh",
  longestWorth: "Worth longest",
  lightest: "Lightest",
};

/** "6 × BR-120 on a new Lodestone Long". */
export function purchaseName({ count, panel, input }: Purchase): string {
  return `${count} × ${headOf(panel.sheet.name)}${input === null ? "" : ` and ${headOf(input.sheet.name)}`}`;
}

/** Why it is offered: one sentence for what it is the best in. */
export function buySentence(
  title: BuyTitle,
  { perYearKwh, perLifeKwh, currency, kg, moreKwh, panel }: Purchase,
): string {
  switch (title) {
    case "meetsNeed":
      return "Brings what is needed in every month, for the least money.";
    case "mostEnergy":
      return "Nothing that fits and can be paid brings more.";
    case "leastPerKwh":
      return perYearKwh === null
        ? "Least to pay for what it brings."
        : `${money(perYearKwh, currency)} for each kWh of a year: nothing brings it for less.`;
    case "longestWorth":
      return perLifeKwh === null
        ? "Lasts longest for its money."
        : `${money(perLifeKwh, currency)} a kWh over the ${assumedLifeYears[panel.sheet.kind]} years that such panels are taken to last.`;
    case "lightest":
      return kg === null
        ? "Weighs least."
        : `${amount(kg, "kg")} for ${scoreAmount(moreKwh, { type: "year" })}: the least weight for its energy.`;
  }
}

/** Whether something meets the need in the dark months, and what would. */
export function needSentence({ needKwh, offers, would }: Bought): string {
  if (needKwh === null)
    return "No need is stated yet: say at Need what you use, and whether it is met in the dark months is told here.";
  const meets = offers.find(({ titles }) => titles.includes("meetsNeed"));
  if (meets !== undefined) return `${purchaseName(meets.purchase)} meets the need in every month, the darkest too.`;
  if (would === null) return "Nothing that fits meets the need in every month.";
  return `Nothing that fits and can be paid meets the need in every month. ${monthName(would.month)} is the darkest: about ${would.count} × ${headOf(would.name)} would do, room and money aside${would.count > 12 ? "; another source for those weeks, or fewer loads, may be wiser" : ""}.`;
}
