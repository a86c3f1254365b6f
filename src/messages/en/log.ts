import {
  type LogFinding,
  type LogShare,
  type MonthReport,
  type ProposedJob,
  type SameHour,
  type Why,
} from "@/core/log";
import { type EventKind, type JobKind, type LogEntry } from "@/core/measurements";
import { amount, counted, kwh, percent } from "./format";

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

const whyWords: Readonly<Record<Why, string>> = {
  asDue: "as due",
  clipped: "as due at the input’s limit",
  taper: "of what was due: the battery was nearly full",
  tilt: "of what was due: the tilt was not changed",
  dirt: "of what was due: dirt",
  fault: "of what was due: the fault",
  shadeSeason: "of what was due: the season’s shade",
  sky: "of what was due: the word for the sky is wide",
  unknown: "of what was due",
};

/** What of its due an entry gave, and why, as far as can be told. */
export function shareWords({ share, why, isOdd }: Pick<LogShare, "share" | "why" | "isOdd">): string {
  if (isOdd) return "cannot be: kept, and left out of all sums";
  return `${percent(100 * share)}${why === "asDue" || why === "clipped" ? "," : ""} ${whyWords[why]}`;
}

export function missedTurnSentence(since: string): string {
  return `The tilt was to change on ${since}, and what was read since fits the tilt of before. Change it, or mark it in the margin if it was.`;
}

type FindingWords = { readonly what: string; readonly first: string };

/** What a finding says, and what to look at first. */
export function logFindingWords(
  { id, lossPct }: LogFinding,
  since: string,
  until: string | null,
  lost: {
    readonly kwhADay: number;
    /** Null: nobody said what a kWh is worth. */ readonly worth: string | null;
  } | null,
): FindingWords {
  const cost =
    lost === null
      ? ""
      : `, about ${lost.kwhADay.toFixed(2)}\u00a0kWh on a clear day${lost.worth === null ? "" : `, ${lost.worth}`}`;
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
        first: "As much as a row, a panel or a part of one: walk it through at Test.",
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

/** What a job is called, and what is looked at. */
export const jobWords: Readonly<Record<JobKind, { readonly name: string; readonly how: string }>> = {
  cleaned: {
    name: "Wash the panels",
    how: "When they are cool, with plain water and a soft cloth; not from a wet ladder.",
  },
  tightened: {
    name: "Look at bolts and clamps",
    how: "Each nut by hand and spanner: what turned once will turn again without thread-lock.",
  },
  resealed: {
    name: "Look at sealant and cables",
    how: "Edges that lift, cracks, water marks below; cables that chafe, connectors that lie in water.",
  },
  tilted: { name: "Change the tilt", how: "Write it down here the same day: what is due follows the tilt." },
  stormed: {
    name: "Storm: stow and check",
    how: "Stow or lay flat what can be, tie down the rest before the wind; afterwards look at feet, frames and glass.",
  },
  other: { name: "Something else", how: "" },
};

export function proposalWords({ why }: ProposedJob): string {
  switch (why.type) {
    case "dirt":
      return `The log shows ${percent(why.lossPct)} lost to dirt.`;
    case "usual":
      return "Dust and pollen cost a few in a hundred in so many weeks.";
    case "screwed":
      return "What is screwed works loose on the road and in the wind.";
    case "glued":
      return "Beds of sealant, tape and leads age in sun and frost.";
    case "stowed":
      return "Before the windy season: what travels or is stowed must hold, or come down.";
    case "tilt":
      return `${why.mountName}: to ${amount(why.tiltDeg, "°")} from this day on, as the plan has it.`;
  }
}

/** A month in a sentence: what came of what was due, and against other months. */
export function monthSentence({ days, takenKwh, dueKwh, share, clearDays, before, yearBefore }: MonthReport): string {
  if (share === null) return "Nothing was written down in this month.";
  const of = clearDays > 0 ? `${counted(clearDays, "clear day")}` : "its days, none of them clear,";
  const against = [
    before === null ? null : `the month before ${percent(100 * before)}`,
    yearBefore === null ? null : `a year ago ${percent(100 * yearBefore)}`,
  ].filter((part) => part !== null);
  return `${counted(days.length, "day")} written down: about ${kwh(takenKwh)} of ${kwh(dueKwh)} due under those skies. On ${of} ${percent(100 * share)} of what was due${against.length === 0 ? "" : `; ${against.join(", ")}`}.`;
}

/** Less than this between two readings of a month apart is within what two skies differ by. */
const alikeApart = 0.08;

/** Today against the same hour last month: the sun's part, and what is left. */
export function sameHourWords(
  { now, then, wattsRatio, dueRatio, ownRatio }: SameHour,
  nowAt: string,
  thenAt: string,
): string {
  const watts = ({ due, share }: SameHour["now"]) => amount(due * share, "W");
  const change = (ratio: number) => `${percent(Math.abs(100 * (ratio - 1)))} ${ratio < 1 ? "less" : "more"}`;
  const rest =
    Math.abs(ownRatio - 1) <= alikeApart
      ? "For its light it gives what it gave."
      : ownRatio < 1
        ? `For its light it gives ${change(ownRatio)} than then: dirt, shade or a fault.`
        : `For its light it gives ${change(ownRatio)} than then.`;
  return `${watts(now)} ${nowAt}; ${watts(then)} ${thenAt}: ${change(wattsRatio)}. The sun and its sky alone make ${change(dueRatio)}. ${rest}`;
}

export const logCautions: readonly string[] = [
  "Roofs and ladders: three points of hold, someone below, never in wind or on wet glass.",
  "Panels are live whenever there is light. Never disconnect a connector while current flows; disconnect the array before the battery.",
  "Cold water on hot glass may crack it: wash in the morning or under cloud.",
  "Lithium cells must not be charged below freezing.",
];
