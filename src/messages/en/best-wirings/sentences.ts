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
import { type PortArray, tilesOfStrings } from "@/core/engine/array";
import { portWords } from "../wiring/changes";
import { amount, counted, limit, percent } from "../format";
import { shortName } from "../names";
import { monthName } from "../year/sentences";

/** What a wiring is the best in. */
export const titleWords: Readonly<Record<Title, string>> = {
  maxEnergy: "Most energy",
  safestMargin: "Largest voltage margin in the cold",
  fewestParts: "Fewest parts to wire",
  bestInShade: "Loses least in shade",
  cheapest: "Cheapest parts",
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
export function madeOf(
  plan: Plan,
  portArrays: readonly PortArray[],
): { readonly port: string; readonly strings: string }[] {
  return portArrays.map((portArray) => ({ port: portWords(plan, portArray), strings: stringsWords(plan, portArray) }));
}

/** Strings that are alike are told together: "2 strings of 3 × MG-195". */
function stringsWords(plan: Plan, { strings }: PortArray): string {
  const nameOf = (panelId: string) => shortName(plan.panels.find(({ id }) => id === panelId)?.label.name ?? panelId);
  const counts = new Map<string, number>();
  for (const string of strings) {
    const kinds = new Map<string, number>();
    for (const { panelId } of tilesOfStrings([string])) kinds.set(panelId, (kinds.get(panelId) ?? 0) + 1);
    const words = [...kinds].map(([panelId, n]) => `${n} × ${nameOf(panelId)}`).join(" + ");
    counts.set(words, (counts.get(words) ?? 0) + 1);
  }
  return [...counts].map(([words, n]) => (n === 1 ? `1 string of ${words}` : `${n} strings of ${words}`)).join(", ");
}

/** Why a wiring is offered: one sentence for what it is the best in. */
export function whySentence({ titles, facts }: Offer, best: WiringFacts, goal: Goal, proved: boolean): string {
  const first = titles[0] ?? "maxEnergy";
  switch (first) {
    case "maxEnergy":
      return `${proved ? "No other wiring of these panels harvests" : "No other wiring that was tried harvests"} more ${goalWords(goal)}.`;
    case "safestMargin":
      return facts.cold === null
        ? "It has the largest margin."
        : `Voc on the coldest dawn is ${amount(facts.cold.value.value, "V")}, ${percent(facts.cold.marginPct)} below the limit of ${limit(facts.cold.limit.value, "V")}.`;
    case "fewestParts":
      return `${partsList(facts) === "" ? "Needs only the panels’ own connectors" : `Needs only ${partsList(facts)}`}, and ${counted(facts.parts.ports, "PV input")}.`;
    case "bestInShade":
      return `One shaded cell group costs at most ${percent(facts.shadePct)} of the power at noon${best.shadePct > facts.shadePct + 0.5 ? `; in the wiring with the highest harvest ${percent(best.shadePct)}` : ""}.`;
    case "cheapest":
      return `Parts for about ${facts.money.toFixed(0)}: ${partsList(facts) === "" ? "leads to the PV input" : `${partsList(facts)} and leads to the PV input`}.`;
  }
}

function partsList({ parts: { branchPairs, fuses, blockingDiodes } }: WiringFacts): string {
  return [
    branchPairs > 0 ? counted(branchPairs, "pair of branch connectors", "pairs of branch connectors") : null,
    fuses > 0 ? counted(fuses, "string fuse") : null,
    blockingDiodes > 0 ? counted(blockingDiodes, "blocking diode") : null,
  ]
    .filter((part) => part !== null)
    .join(", ");
}

/** What is not among what was tried. */
export function leftOutSentence(left: LeftOut): string {
  switch (left.type) {
    case "panel":
      return `“${left.name}”: its label is incomplete, so it stays on the shelf.`;
    case "tooMany":
      return `“${left.name}”: too many different kinds of panel at once; it stays on the shelf.`;
    case "port":
      return `${left.name}: no max PV voltage is entered, so no panels are put there.`;
    case "addOn":
      return `${left.name}: needs an add-on that no wiring uses yet.`;
  }
}

export function trialWords(trial: Trial): string {
  switch (trial.type) {
    case "planned":
      return "As planned";
    case "dirty":
      return `One ${shortName(trial.panelName)} dirty (${trial.lightPct}\u00a0% of its light)`;
    case "dead":
      return `One ${shortName(trial.panelName)} without any output`;
    case "haze":
      return `Haze: ${trial.pct}\u00a0% less light`;
    case "short":
      return `${shortName(trial.panelName)} weak by ${trial.pct}\u00a0%`;
    case "colder":
      return `A colder record low: ${amount(trial.recordLowC, "°C")}`;
    case "heading":
      return `Parked with the front to ${trial.headingDeg.toFixed(0)}°`;
  }
}

/** How a wiring stands after so many trials: "safe in all, first in 5 of 7". */
export function robustWords(first: number, stopped: number, trials: number): string {
  const safe = stopped === 0 ? "safe in all" : `do not connect in ${stopped} of ${trials}`;
  return `${safe}, first in ${first === trials ? "all" : first === 0 ? "none" : `${first} of ${trials}`}`;
}

/** What parts are taken to cost. */
export const pricesSentence = `Assumed prices: ${assumedPrices.branchPair} for a pair of branch connectors, ${assumedPrices.fuse} for a fuse with its holder, ${assumedPrices.port} for the leads to a PV input, in your currency. Cables are sized at Protection.`;
