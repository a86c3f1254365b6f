import { type LogFinding } from "@/core/log";
import { type EventKind, type LogEntry } from "@/core/measured";
import { amount, percent } from "./format";

/** The log in words: what an entry says, what the whole of them shows, what was done. */

export const eventWords: Readonly<Record<EventKind, string>> = {
  cleaned: "cleaned",
  tilted: "tilted",
  rain: "rain",
  stormed: "storm",
  tightened: "bolts looked at",
  resealed: "sealant looked at",
  other: "something else",
};

/** What an entry gave: "212 W", "1.31 kWh of the day". */
export function entryWords({ watts, kwh, volts, amps }: Pick<LogEntry, "watts" | "kwh" | "volts" | "amps">): string {
  const power = watts ?? (volts === null || amps === null ? null : volts * amps);
  return [power === null ? null : amount(power, "W"), kwh === null ? null : `${kwh.toFixed(2)}\u00a0kWh of the day`]
    .filter((part) => part !== null)
    .join(", ");
}

/** Two shares nearer than this are alike: what a clear sky is reckoned to. */
const alike = 0.1;

export function shareWords(share: number, isOdd: boolean): string {
  if (isOdd) return "cannot be: kept, and left out of all sums";
  const is = percent(100 * share);
  return share > 1 + alike ? `${is} of what was due` : share < 1 - alike ? `${is} of what was due` : `${is}, as due`;
}

type FindingWords = { readonly what: string; readonly first: string };

/** What a finding says, and what to look at first. */
export function logFindingWords(
  { id, lossPct }: LogFinding,
  since: string,
  until: string | null,
  lostKwhADay: number | null,
): FindingWords {
  const cost = lostKwhADay === null ? "" : `, about ${lostKwhADay.toFixed(2)}\u00a0kWh on a clear day`;
  const loss = percent(lossPct);
  switch (id) {
    case "dirt":
      if (until !== null)
        return {
          what: `Dirt from about ${since} to ${until}: ${loss} less at its end${cost}.`,
          first: "It came back at once when it was washed off.",
        };
      return {
        what: `Dirt since about ${since}: ${loss} less${cost}. It fell slowly.`,
        first: "Wash the panels when they are cool, and write it down: if it comes back at once, it was dirt.",
      };
    case "fault":
      if (until !== null)
        return {
          what: `A fault from ${since} to ${until}: ${loss} less${cost}.`,
          first: "It is mended, by the look of it.",
        };
      return {
        what: `A fault since ${since}: ${loss} less${cost}, from one day to the next, and it stayed.`,
        first: "As much as a row, a panel or a part of one: walk it through at Prove.",
      };
    case "shadeSeason":
      return {
        what: `Shade that comes with the season, since ${since}: ${loss} less${cost} while the sun stands there.`,
        first: "Look from the panels to where the sun stands at that hour: a tree, a mast, a new neighbour.",
      };
    case "taper":
      return {
        what: `Watts fall while the battery is nearly full, since ${since}: ${loss} less then.`,
        first: "No fault: a load brings them back. Read it while the battery is under 85 %.",
      };
    case "fine":
      return { what: "Nothing wrong.", first: "" };
  }
}
