import {
  assumedPrices,
  type Goal,
  type LeftOut,
  type Offer,
  type Title,
  type Trial,
  type WiringFacts,
} from "@/core/wiring/best-wirings";
import { type Plan } from "@/core/plan";
import { type PortArray, tilesOfRows } from "@/core/engine/array";
import { portWords } from "./changes";
import { amount, counted, limit, percent } from "./format";
import { shortName } from "./names";
import { monthName } from "./year";

/** What a wiring is the best in. */
export const titleWords: Readonly<Record<Title, string>> = {
  maxEnergy: "Most energy",
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
export function madeOf(plan: Plan, lanes: readonly PortArray[]): { readonly port: string; readonly rows: string }[] {
  return lanes.map((lane) => ({ port: portWords(plan, lane), rows: rowsWords(plan, lane) }));
}

/** Rows that are alike are told together: "2 rows of 3 × MG-195". */
function rowsWords(plan: Plan, { rows }: PortArray): string {
  const nameOf = (panelId: string) => shortName(plan.panels.find(({ id }) => id === panelId)?.label.name ?? panelId);
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
  const first = titles[0] ?? "maxEnergy";
  switch (first) {
    case "maxEnergy":
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

/** What is not among what was tried. */
export function leftOutSentence(left: LeftOut): string {
  switch (left.type) {
    case "panel":
      return `“${left.name}”: its label cannot be read yet, so it stays on the shelf.`;
    case "tooMany":
      return `“${left.name}”: more kinds than can be told apart at once; it stays on the shelf.`;
    case "port":
      return `${left.name}: no max PV voltage is stated, so nothing can be put there.`;
    case "addOn":
      return `${left.name}: needs an add-on that no wiring uses yet.`;
  }
}

export function trialWords(trial: Trial): string {
  switch (trial.type) {
    case "planned":
      return "All goes as planned";
    case "dirty":
      return `One ${shortName(trial.panelName)} dirty (${trial.lightPct}\u00a0% of its light)`;
    case "dead":
      return `One ${shortName(trial.panelName)} dark: under a leaf bag, or dead`;
    case "haze":
      return `Haze: ${trial.pct}\u00a0% less light`;
    case "short":
      return `${shortName(trial.panelName)} a weak batch, ${trial.pct}\u00a0% short`;
    case "colder":
      return `A colder record: ${amount(trial.recordLowC, "°C")}`;
    case "heading":
      return `Parked to ${trial.headingDeg.toFixed(0)}° instead`;
  }
}

/** How a wiring stands after so many trials: "safe in all, first in 5 of 7". */
export function robustWords(first: number, stopped: number, trials: number): string {
  const safe = stopped === 0 ? "safe in all" : `must not be connected in ${stopped} of ${trials}`;
  return `${safe}, first in ${first === trials ? "all" : first === 0 ? "none" : `${first} of ${trials}`}`;
}

/** What parts are taken to cost. */
export const pricesSentence = `Parts are taken at ${assumedPrices.branchPair} a pair of branch connectors, ${assumedPrices.fuse} a fuse with its holder and ${assumedPrices.port} the leads to a port, in your currency; cables are sized at Protection.`;
