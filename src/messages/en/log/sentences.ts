import {
  type LogFinding,
  type LogShare,
  type MonthReport,
  type ProposedJob,
  type SameHour,
  type Why,
} from "@/core/log";
import { type EventKind, type JobKind, type LogEntry } from "@/core/measurements";
import { amount, counted, kwh, percent } from "../format";

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
  return [power === null ? null : amount(power, "W"), kwh === null ? null : `${kwh.toFixed(2)}\u00a0kWh on that day`]
    .filter((part) => part !== null)
    .join(", ");
}

const whyWords: Readonly<Record<Why, string>> = {
  asDue: "as expected",
  clipped: "as expected, clipped by the controller",
  taper: "of what was expected: the battery was nearly full",
  tilt: "of what was expected: the tilt was not changed",
  dirt: "of what was expected: dirt",
  fault: "of what was expected: the fault",
  shadeSeason: "of what was expected: seasonal shade",
  sky: "of what was expected: within the range of this sky",
  unknown: "of what was expected",
};

/** What of its due an entry gave, and why, as far as can be told. */
export function shareWords({ share, why, isOdd }: Pick<LogShare, "share" | "why" | "isOdd">): string {
  if (isOdd) return "not possible: saved, but not counted";
  return `${percent(100 * share)}${why === "asDue" || why === "clipped" ? "," : ""} ${whyWords[why]}`;
}

export function missedTurnSentence(since: string): string {
  return `The tilt should have changed on ${since}, but the readings since then fit the old tilt. Change the tilt, or add the event if you have changed it.`;
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
          what: `Dirt from about ${since} to ${until}: ${loss} less at the end${cost}.`,
          first: "The power came back at once when the panels were washed.",
        };
      return {
        what: `Dirt since about ${since}: ${loss} less${cost}. The power fell slowly.`,
        first:
          "Wash the panels when they are cool, and add the event here: if the power comes back at once, it was dirt.",
      };
    case "fault":
      if (until !== null)
        return {
          what: `A fault from ${since} to ${until}: ${loss} less${cost}.`,
          first: "It seems to be fixed.",
        };
      return {
        what: `A fault since ${since}: ${loss} less${cost}, from one day to the next, and it stays.`,
        first: "Possibly a string, a panel or a cell group: do the guided test at Test.",
      };
    case "shadeSeason":
      return {
        what: `Seasonal shade since ${since}: ${loss} less${cost} while the sun is at that height.`,
        first: "Look from the panels towards the sun at that hour: a tree, a mast, a new building.",
      };
    case "taper":
      return {
        what: `Watts fall while the battery is nearly full, since ${since}: ${loss} less then.`,
        first: "Not a fault: a load brings the watts back. Take readings while the battery is below 85 %.",
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
    name: "Check bolts and clamps",
    how: "Check each nut with a wrench (spanner). A nut that has turned once needs thread-lock.",
  },
  resealed: {
    name: "Check sealant and cables",
    how: "Look for lifting edges, cracks, water marks below, chafed cables, and connectors in standing water.",
  },
  tilted: { name: "Change the tilt", how: "Add the event here on the same day: expected values follow the tilt." },
  stormed: {
    name: "Storm: stow and check",
    how: "Before the wind: stow panels or lay them flat, and tie down the rest. Afterwards: check feet, frames and glass.",
  },
  other: { name: "Other", how: "" },
};

export function proposalWords({ why }: ProposedJob): string {
  switch (why.type) {
    case "dirt":
      return `The log shows ${percent(why.lossPct)} lost to dirt.`;
    case "usual":
      return "Dust and pollen cost a few percent in this time.";
    case "screwed":
      return "Screws work loose on the road and in the wind.";
    case "glued":
      return "Sealant, tape and cables age in sun and frost.";
    case "stowed":
      return "Before the windy season: check everything that moves or folds, or take it down.";
    case "tilt":
      return `${why.mountName}: to ${amount(why.tiltDeg, "°")} from this day on, as planned.`;
  }
}

/** A month in a sentence: what came of what was due, and against other months. */
export function monthSentence({ days, takenKwh, dueKwh, share, clearDays, before, yearBefore }: MonthReport): string {
  if (share === null) return "No entries in this month.";
  const of = clearDays > 0 ? `${counted(clearDays, "clear day")}` : "its days, none of them clear,";
  const against = [
    before === null ? null : `the month before ${percent(100 * before)}`,
    yearBefore === null ? null : `a year ago ${percent(100 * yearBefore)}`,
  ].filter((part) => part !== null);
  return `${counted(days.length, "day")} with entries: about ${kwh(takenKwh)} of ${kwh(dueKwh)} expected in that weather. On ${of} ${percent(100 * share)} of what was expected${against.length === 0 ? "" : `; ${against.join(", ")}`}.`;
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
      ? "In the same light the power is the same."
      : ownRatio < 1
        ? `In the same light the power is ${change(ownRatio)}: dirt, shade or a fault.`
        : `In the same light the power is ${change(ownRatio)}.`;
  return `${watts(now)} ${nowAt}; ${watts(then)} ${thenAt}: ${change(wattsRatio)}. Sun and weather alone explain ${change(dueRatio)}. ${rest}`;
}

export const logCautions: readonly string[] = [
  "Roofs and ladders: keep three points of contact, have someone below, never work in wind or on wet glass.",
  "Panels are live whenever there is light. Never disconnect a connector while current flows; disconnect the array before the battery.",
  "Cold water can crack hot glass: wash in the morning or under cloud.",
  "Lithium cells must not be charged below freezing.",
];
