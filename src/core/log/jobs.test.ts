import { demoPlan } from "@/testing";
import { type JobRecord, type LogEventRecord } from "../measurements";
import { jobStates, proposedJobs } from ".";

const day = (text: string) => Date.parse(`${text}T12:00:00Z`);
const job = (more: Partial<JobRecord>): JobRecord => ({
  id: "j",
  kind: "job",
  atUtc: "2026-03-01T12:00:00Z",
  by: "",
  what: "cleaned",
  everyDays: 56,
  note: "",
  ...more,
});
const done = (what: LogEventRecord["what"], on: string, note = ""): LogEventRecord => ({
  id: `${what} ${on}`,
  kind: "event",
  atUtc: `${on}T10:00:00Z`,
  by: "",
  what,
  note,
});
const dueOf = (jobs: readonly JobRecord[], events: readonly LogEventRecord[], now: string) =>
  jobStates(jobs, events, day(now)).map(({ dueMs, isDue }) => [
    dueMs === null ? null : new Date(dueMs).toISOString().slice(0, 10),
    isDue,
  ]);

test("due on its first day, done it comes again a round after it was done, early is in time, long before is not", () => {
  expect(dueOf([job({})], [], "2026-02-27")).toEqual([["2026-03-01", false]]);
  expect(dueOf([job({})], [], "2026-03-02")).toEqual([["2026-03-01", true]]);
  expect(dueOf([job({})], [done("cleaned", "2026-03-10")], "2026-03-11")).toEqual([["2026-05-05", false]]);
  expect(dueOf([job({})], [done("cleaned", "2026-02-20")], "2026-03-11")).toEqual([["2026-04-17", false]]);
  expect(dueOf([job({})], [done("cleaned", "2026-01-20")], "2026-03-11")).toEqual([["2026-03-01", true]]);
  expect(dueOf([job({})], [done("tightened", "2026-03-10")], "2026-03-11")).toEqual([["2026-03-01", true]]);
});

test("once is once; jobs of one’s own are told apart by their words", () => {
  const once = job({ everyDays: null, what: "other", note: "grease the hinges" });
  expect(dueOf([once], [done("other", "2026-03-10", "look at the mast")], "2026-03-11")).toEqual([
    ["2026-03-01", true],
  ]);
  expect(dueOf([once], [done("other", "2026-03-10", "grease the hinges")], "2026-03-11")).toEqual([[null, false]]);
});

test("two changes of tilt a year do not do each other", () => {
  const spring = job({ id: "s", what: "tilted", everyDays: 365, atUtc: "2025-04-01T12:00:00Z" });
  const autumn = job({ id: "a", what: "tilted", everyDays: 365, atUtc: "2025-10-01T12:00:00Z" });
  const events = [done("tilted", "2025-04-02"), done("tilted", "2025-10-03")];
  expect(dueOf([spring, autumn], events, "2025-12-01")).toEqual([
    ["2026-04-01", false],
    ["2026-10-01", false],
  ]);
  expect(dueOf([spring, autumn], events, "2026-04-05")[0]).toEqual(["2026-04-01", true]);
});

test("a plan asks for what it has: bolts where there are screws, dirt at once where the log shows it; nothing twice", () => {
  const lantern = demoPlan("The Lantern");
  const dirt = { id: "dirt", sinceMs: 0, untilMs: null, lossPct: 11 } as const;
  const now = day("2026-11-20");
  const asked = proposedJobs(lantern, [dirt], [], now);
  expect(asked.find(({ what }) => what === "cleaned")).toMatchObject({ firstMs: now, why: { lossPct: 11 } });
  expect(asked.some(({ what }) => what === "tightened")).toBe(lantern.fixings.list.length > 0);
  expect(proposedJobs(lantern, [dirt], [job({})], now).some(({ what }) => what === "cleaned")).toBe(false);
});
