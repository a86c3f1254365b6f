import { demoLog } from "@/demo";
import { type LogEntry, type MeasuredRecord } from "../measurements";
import { type Plan } from "../plan";
import { changed, demoPlan } from "@/testing";
import { monthReport, monthsOf, planLog, type PlanLog, sameHour } from ".";

const lantern = demoPlan("The Lantern");

function logOf(records: readonly MeasuredRecord[], plan: Plan = lantern): PlanLog {
  const steps = planLog(plan, "everyday", records, 0);
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value;
}
function sharesOf(steps: ReturnType<typeof planLog>): PlanLog["shares"] {
  let step = steps.next();
  while (step.done !== true) step = steps.next();
  return step.value.shares;
}
const entry = (id: string, more: Partial<LogEntry>): LogEntry => ({
  id,
  kind: "log",
  atUtc: "2026-06-21T12:10:00Z",
  wiringId: "everyday",
  watts: null,
  kwh: null,
  volts: null,
  amps: null,
  socPct: null,
  cloud: "clear",
  airC: 18,
  by: "",
  source: "typed",
  note: "",
  ...more,
});

test("the demo’s year shows the pollen that was washed off and the panel that was lost, and when", () => {
  const { findings } = logOf(demoLog(lantern, "everyday"));
  expect(findings.map(({ id }) => id)).toEqual(["dirt", "fault"]);
  const [dirt, fault] = findings;
  expect(new Date(dirt?.sinceMs ?? 0).getUTCMonth()).toBeGreaterThanOrEqual(3);
  expect(new Date(dirt?.sinceMs ?? 0).getUTCMonth()).toBeLessThanOrEqual(4);
  expect(new Date(fault?.sinceMs ?? 0).toISOString().slice(0, 10)).toBe("2026-08-12");
  expect(fault?.lossPct).toBeGreaterThan(13);
  expect(fault?.lossPct).toBeLessThan(21);
});

test("volts and amps are watts; a day’s kWh is held against the whole day; dull words expect less", () => {
  const { shares, days } = logOf([
    entry("a", { watts: 600 }),
    entry("b", { volts: 80, amps: 7.5 }),
    entry("c", { watts: 600, cloud: "overcast" }),
    entry("d", { kwh: 4, source: "csv" }),
    entry("e", { kwh: 4 }),
    entry("f", { kwh: 4, atUtc: "2026-06-21T23:10:00Z" }),
  ]);
  const [a, b, c, d, e, f] = shares;
  expect(b?.share).toBeCloseTo(a?.share ?? 0, 9);
  expect((c?.share ?? 0) / (a?.share ?? 1)).toBeGreaterThan(2.5);
  expect(d?.due).toBeCloseTo(days[0]?.dueKwh ?? 0, 9);
  // a display read at noon has counted half of it, late in the evening all
  expect((e?.due ?? 0) / (d?.due ?? 1)).toBeGreaterThan(0.4);
  expect((e?.due ?? 0) / (d?.due ?? 1)).toBeLessThan(0.6);
  expect(f?.due).toBeCloseTo(d?.due ?? 0, 6);
  // eleven hundred watts of panels in full sun for as long as a midsummer day at 57° north is worth
  expect(d?.due).toBeGreaterThan(5);
  expect(d?.due).toBeLessThan(11);
});

test("what cannot be is marked and kept out of all sums, never dropped", () => {
  const { shares, days } = logOf([
    entry("a", { watts: 5000 }),
    entry("b", { watts: -40 }),
    entry("c", { watts: 200, atUtc: "2026-06-21T23:50:00Z" }),
    entry("d", { watts: 0, atUtc: "2026-06-22T00:30:00Z" }),
    entry("e", { watts: 700 }),
  ]);
  expect(shares.map(({ id, isOdd }) => [id, isOdd])).toEqual([
    ["a", true],
    ["b", true],
    ["c", true],
    ["d", false],
    ["e", false],
  ]);
  expect(days).toHaveLength(1);
});

test("against the same hour last month the sun’s part is taken out, and what is left is the array’s", () => {
  const at = (id: string, atUtc: string, watts: number) => entry(id, { atUtc, watts });
  const read = logOf([
    at("june", "2026-06-21T12:05:00Z", 600),
    at("morning", "2026-07-20T07:05:00Z", 200),
    at("july", "2026-07-21T12:10:00Z", 600),
  ]);
  const found = sameHour(read.shares);
  expect(found?.then.id).toBe("june");
  // the same watts under a lower sun are more for their light
  expect(found?.wattsRatio).toBeCloseTo(1, 9);
  expect(found?.dueRatio).toBeLessThan(1);
  expect((found?.ownRatio ?? 0) * (found?.dueRatio ?? 0)).toBeCloseTo(1, 9);
  expect(sameHour(logOf([at("a", "2026-06-21T12:05:00Z", 600)]).shares)).toBeNull();
});

test("a month sums its days by their shares, and stands beside the month and the year before", () => {
  const read = logOf(demoLog(lantern, "everyday"));
  const months = monthsOf(read, []);
  expect(months[0]).toBe("2026-11");
  const august = monthReport(read, [], "2026-09");
  expect(august.takenKwh).toBeCloseTo(
    august.days.reduce((sum, { share, dueKwh }) => sum + share * dueKwh, 0),
    9,
  );
  expect(august.findings.map(({ id }) => id)).toEqual(["fault"]);
  expect(monthReport(read, [], "2026-05").findings.map(({ id }) => id)).toEqual(["dirt"]);
  // what the panel took is seen against the month before it went
  expect((monthReport(read, [], "2026-09").share ?? 1) / (monthReport(read, [], "2026-07").share ?? 1)).toBeLessThan(
    0.9,
  );
  expect(monthReport(read, [], "2026-11").yearBefore).not.toBeNull();
});

test("what a simulated station showed stands in the log and in no sum", () => {
  const read = logOf([entry("s", { watts: 500, source: "standIn" })]);
  expect(read.shares).toHaveLength(1);
  expect(read.days).toEqual([]);
});

/** The Lantern's roof on a mount whose tilt changes in October, or that stays as it was. */
function tilted(turns: boolean): Plan {
  return changed(lantern, {
    type: "setMount",
    mount: {
      id: "m",
      name: "Roof",
      kind: "tilted",
      tiltDeg: 10,
      azimuthDeg: 180,
      azimuthFrom: "north",
      turning: turns
        ? {
            type: "seasons",
            turns: [
              { fromDay: "03-20", tiltDeg: 10 },
              { fromDay: "10-01", tiltDeg: 60 },
            ],
          }
        : { type: "fixed" },
      pieces: [1, 2, 3, 4].map((piece) => ({ panelId: "roof", piece })),
    },
  });
}

test("a tilt that was to change and was not is told as that, and not as a fault; written down, it is none", () => {
  const days = Array.from({ length: 40 }, (_, k) => new Date(Date.UTC(2026, 8, 12 + k, 12)).toISOString());
  const blank = days.map((atUtc, k) => entry(`d${k}`, { atUtc, watts: 1 }));
  const asItLay = new Map(logOf(blank, tilted(false)).shares.map(({ id, due }) => [id, due]));
  const read = blank.map((each) => ({ ...each, watts: asItLay.get(each.id) ?? 0 }));
  const told = logOf(read, tilted(true));
  expect(told.missedTurns.map((ms) => new Date(ms).toISOString().slice(0, 10))).toEqual(["2026-10-01"]);
  expect(told.findings).toEqual([]);
  expect(new Set(told.shares.map(({ why }) => why))).toEqual(new Set(["asDue", "tilt"]));
  const done: MeasuredRecord = {
    id: "t",
    kind: "event",
    atUtc: "2026-10-02T10:00:00Z",
    by: "",
    what: "tilted",
    note: "",
  };
  expect(logOf([...read, done], tilted(true)).missedTurns).toEqual([]);
});

test("each entry has its reason: the input’s limit, a nearly full battery, a word for the sky, what the log shows", () => {
  const full = logOf([entry("a", { watts: 200, socPct: 96 }), entry("b", { watts: 200, cloud: "broken" })]);
  expect(full.shares.map(({ why }) => why)).toEqual(["taper", "sky"]);
  const year = logOf(demoLog(lantern, "everyday"));
  const clearAutumn = year.shares.filter(({ atMs, cloud }) => cloud === "clear" && atMs > Date.UTC(2026, 7, 13));
  expect(clearAutumn.filter(({ why }) => why === "fault").length).toBeGreaterThan(0.9 * clearAutumn.length);
  // the shed's port takes 13.5 A of some 25
  const shed = demoPlan("Bee-keeper");
  const wiringId = shed.wirings[0]?.id ?? "";
  const [most] = sharesOf(planLog(shed, wiringId, [entry("c", { wiringId, watts: 1 })], 0));
  const [clipped] = sharesOf(planLog(shed, wiringId, [entry("c", { wiringId, watts: most?.due ?? 0 })], 0));
  expect(clipped?.why).toBe("clipped");
});
