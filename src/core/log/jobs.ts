import { dayMs } from "../engine/numeric";
import { type JobKind, type JobRecord, type LogEventRecord } from "../measurements";
import { mountingMethods } from "../mounting";
import { type Plan } from "../plan";
import { type LogFinding } from "./point";

/** A job with when it is due next, by what was done. */
export type JobState = {
  readonly job: JobRecord;
  /** Null: it was to be done once, and is done. */ readonly dueMs: number | null;
  readonly doneMs: number | null;
  readonly isDue: boolean;
};

/** Something done shortly before its day counts for it: half of its round, or so long, days. */
const earlyDays = 14;
/** What comes once a year keeps its day of the year; done later than this after it, it was done for another reason, days. */
const lateDays = 120;
export const yearDays = 365;

/** Jobs as they stand, the most pressing first. An event of a job's kind does it; of `other` one with the same words. */
export function jobStates(
  jobs: readonly JobRecord[],
  events: readonly LogEventRecord[],
  nowMs: number,
): readonly JobState[] {
  return jobs
    .map((job): JobState => {
      const done = events
        .filter((event) => event.what === job.what && (job.what !== "other" || event.note === job.note))
        .map(({ atUtc }) => Date.parse(atUtc));
      const { dueMs, doneMs } = job.everyDays === yearDays ? byTheYear(job, done, nowMs) : byTheRound(job, done);
      return { job, dueMs, doneMs, isDue: dueMs !== null && dueMs <= nowMs };
    })
    .sort((a, b) => (a.dueMs ?? Infinity) - (b.dueMs ?? Infinity));
}

type Due = Pick<JobState, "dueMs" | "doneMs">;

function byTheRound({ atUtc, everyDays }: JobRecord, done: readonly number[]): Due {
  const firstMs = Date.parse(atUtc);
  const early = dayMs * (everyDays === null ? earlyDays : Math.min(earlyDays, everyDays / 2));
  const doneMs = lastOf(done.filter((atMs) => atMs >= firstMs - early));
  if (doneMs === null) return { dueMs: firstMs, doneMs };
  return { dueMs: everyDays === null ? null : doneMs + everyDays * dayMs, doneMs };
}

function byTheYear({ atUtc }: JobRecord, done: readonly number[], nowMs: number): Due {
  const firstMs = Date.parse(atUtc);
  const yearMs = yearDays * dayMs;
  // the last of its days that has come, or is so near that it may be done
  const nth = Math.max(0, Math.floor((nowMs + earlyDays * dayMs - firstMs) / yearMs));
  const dayOfIt = firstMs + nth * yearMs;
  const doneMs = lastOf(
    done.filter((atMs) => atMs >= dayOfIt - earlyDays * dayMs && atMs <= dayOfIt + lateDays * dayMs),
  );
  return { dueMs: doneMs === null ? dayOfIt : dayOfIt + yearMs, doneMs };
}

function lastOf(times: readonly number[]): number | null {
  return times.length === 0 ? null : Math.max(...times);
}

export type ProposedJob = {
  readonly what: JobKind;
  readonly firstMs: number;
  readonly everyDays: number | null;
  /** What asks for it. */ readonly why:
    | { readonly type: "dirt"; readonly lossPct: number }
    | { readonly type: "usual" }
    | { readonly type: "glued" | "screwed" | "stowed" }
    | { readonly type: "tilt"; readonly tiltDeg: number; readonly mountName: string };
};

/** Dust and pollen come in weeks; joints and beds age in seasons. */
const cleanDays = 56;
const lookDays = 182;
/** Wind comes with autumn: October in the north, April in the south. */
const stormMonth = (latitudeDeg: number) => (latitudeDeg >= 0 ? 10 : 4);

/** What this plan and this log ask for and nobody has put down yet. */
export function proposedJobs(
  plan: Pick<Plan, "fixings" | "mounts" | "site">,
  findings: readonly LogFinding[],
  jobs: readonly JobRecord[],
  nowMs: number,
): readonly ProposedJob[] {
  const facts = plan.fixings.list.map(({ method }) => mountingMethods[method]);
  const proposed: ProposedJob[] = [];
  const dirt = findings.find(({ id, untilMs }) => id === "dirt" && untilMs === null);
  proposed.push(
    dirt === undefined
      ? { what: "cleaned", firstMs: nowMs + cleanDays * dayMs, everyDays: cleanDays, why: { type: "usual" } }
      : { what: "cleaned", firstMs: nowMs, everyDays: cleanDays, why: { type: "dirt", lossPct: dirt.lossPct } },
  );
  if (facts.some(({ screwsEach, holdsBy }) => screwsEach > 0 || holdsBy === "standing"))
    proposed.push({
      what: "tightened",
      firstMs: nowMs + lookDays * dayMs,
      everyDays: lookDays,
      why: { type: "screwed" },
    });
  if (facts.some(({ holdsBy }) => holdsBy !== "standing"))
    proposed.push({ what: "resealed", firstMs: nowMs + lookDays * dayMs, everyDays: lookDays, why: { type: "glued" } });
  for (const { name, turning } of plan.mounts)
    if (turning.type === "seasons")
      for (const { fromDay, tiltDeg } of turning.turns)
        proposed.push({
          what: "tilted",
          firstMs: nextDay(fromDay, nowMs),
          everyDays: yearDays,
          why: { type: "tilt", tiltDeg, mountName: name },
        });
  const month = String(stormMonth(plan.site.latitudeDeg ?? 0)).padStart(2, "0");
  if (facts.some(({ comesIn, travels }) => comesIn || travels))
    proposed.push({
      what: "stormed",
      firstMs: nextDay(`${month}-01`, nowMs),
      everyDays: yearDays,
      why: { type: "stowed" },
    });
  // two changes of tilt are two jobs: they differ by their day
  const dayOf = (ms: number) => new Date(ms).toISOString().slice(5, 10);
  const known = new Set(jobs.flatMap(({ what, atUtc }) => [what, `${what} ${dayOf(Date.parse(atUtc))}`]));
  return proposed.filter(({ what, firstMs }) => !known.has(what === "tilted" ? `${what} ${dayOf(firstMs)}` : what));
}

/** The next day of this name, MM-DD, at noon. */
function nextDay(day: string, nowMs: number): number {
  const inYear = (year: number) => Date.parse(`${year}-${day}T12:00:00Z`);
  const year = new Date(nowMs).getUTCFullYear();
  const thisYear = inYear(year);
  return thisYear >= nowMs ? thisYear : inYear(year + 1);
}
