import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import { causesOfLoss, createRandom, runs, logYear, type LogYear } from "@/testing";
import { createBulkSolver, type Net } from "../core/engine/net";
import { fitLabel, type PanelLabel, type PanelModel } from "../core/engine/panel";
import { lightOn } from "../core/engine/light";
import { clearHour } from "../core/engine/weather";
import { answerLogbookCase, type LogbookAnswer } from "./logbook";

function answerOf(given: unknown): LogbookAnswer {
  const found = answerLogbookCase(given);
  if (found.type !== "answer") throw new Error(`${found.path}: ${found.problem}`);
  return found.answer;
}

const folder = path.join(__dirname, "../core/fixtures/logbook");
type Wanted = { id: string; sinceFromUtc: string; sinceToUtc: string; lossPctFrom: number; lossPctTo: number };

test.each(readdirSync(folder))(
  "of a year simulated elsewhere, what went wrong, since when, and nothing else: %s",
  (file) => {
    const { case: given, answer } = JSON.parse(readFileSync(path.join(folder, file), "utf8")) as {
      case: unknown;
      answer: { findings: Wanted[]; never: string[] };
    };
    const { findings, days } = answerOf(given);
    expect(findings.filter(({ id }) => answer.never.includes(id))).toEqual([]);
    for (const wanted of answer.findings) {
      const found = findings.find(({ id }) => id === wanted.id);
      expect(found?.lossPct).toBeGreaterThan(wanted.lossPctFrom);
      expect(found?.lossPct).toBeLessThan(wanted.lossPctTo);
      expect(found?.sinceUtc.localeCompare(wanted.sinceFromUtc)).toBe(1);
      expect(found?.sinceUtc.localeCompare(wanted.sinceToUtc)).toBe(-1);
    }
    for (const { expectedKwh, share } of days) expect(expectedKwh > 0 && share >= 0).toBe(true);
  },
);

const solve = createBulkSolver();
const models = new Map<object, PanelModel>();
const unsaid = { maxSeriesFuseA: null, maxSystemV: null, cellType: "mono" };
function modelOf(label: object): PanelModel {
  const known = models.get(label) ?? fitLabel({ ...unsaid, ...label } as PanelLabel).model;
  models.set(label, known);
  return known;
}
type Open = {
  site: { latitudeDeg: number; longitudeDeg: number };
  panels: { p: object };
  net: { parallel: { series: { tiltDeg: number; azimuthDeg: number; rossK: number }[] }[] };
};
/** What a simulated array gives: through the same engine, its light told here. */
function wattsAt(given: object, atMs: number, share: number, airC: number) {
  const { site, panels, net } = given as Open;
  const hour = clearHour(atMs, site.latitudeDeg, site.longitudeDeg);
  if (hour === null) return null;
  const model = modelOf(panels.p);
  const lit: Net = {
    type: "parallel",
    members: net.parallel.map(({ series }) => ({
      type: "series",
      members: series.map(({ rossK, ...plane }): Net => {
        const wm2 = share * lightOn(plane, hour, 0.2).insideWm2;
        return { type: "panel", model, cellTempC: airC + rossK * wm2, irradianceWm2: [wm2] };
      }),
    })),
  };
  return { watts: solve(lit).mpp.p, ...hour.sun };
}

const dayMs = 86_400_000;
/** The log as it stood at some moment. */
function until(year: LogYear, endMs: number): object {
  const before = ({ atUtc }: { atUtc: string }) => Date.parse(atUtc) <= endMs;
  const { readings, events } = year.case as unknown as { readings: { atUtc: string }[]; events: { atUtc: string }[] };
  return { ...year.case, readings: readings.filter(before), events: events.filter(before) };
}
function sunnyDayAfter({ case: { readings }, sinceMs }: LogYear, count: number): number {
  const sunny = readings.filter(({ atUtc, cloud }) => cloud === "clear" && Date.parse(atUtc) >= sinceMs);
  return Date.parse(sunny[count - 1]?.atUtc ?? "2026-01-01T00:00:00Z");
}

test("simulated years: a lost row within five sunny days, dirt of a tenth within three weeks, and no fault where there is none", () => {
  const count = runs(2);
  const wrong: string[] = [];
  for (const cause of causesOfLoss)
    for (let seed = 1; seed <= count; seed++) {
      const year = logYear(createRandom(1000 * causesOfLoss.indexOf(cause) + seed), cause, wattsAt);
      const whole = answerOf(year.case).findings;
      const name = `${cause} ${seed}`;
      const ids = whole.map(({ id }) => id);
      if (ids.includes("fault") && cause !== "fault") wrong.push(`${name}: a fault where none is`);
      if (cause === "fine") {
        if (ids.some((id) => id !== "fine")) wrong.push(`${name}: ${ids.join()}`);
        continue;
      }
      if (!ids.includes(cause)) wrong.push(`${name}: ${ids.join() || "nothing"} told`);
      const endMs = cause === "fault" ? sunnyDayAfter(year, 5) : cause === "dirt" ? year.sinceMs + 21 * dayMs : null;
      if (endMs === null) continue;
      const early = answerOf(until(year, endMs)).findings.find(({ id }) => id === cause);
      if (early === undefined) wrong.push(`${name}: not told in time`);
      else if (cause === "fault") {
        if (Math.abs(early.lossPct - year.lossPct) > 8) wrong.push(`${name}: ${early.lossPct} of ${year.lossPct} %`);
        if (Date.parse(early.sinceUtc) < year.sinceMs - dayMs) wrong.push(`${name}: since before it was`);
      }
    }
  if (process.env["GOLDEN_ARRAY_COUNTS"] !== undefined) process.stdout.write(`${wrong.join("\n")}\n`);
  expect(wrong.filter((each) => each.includes("a fault where none is"))).toEqual([]);
  expect(wrong.length).toBeLessThanOrEqual(0.1 * count * causesOfLoss.length);
});

test.each<[string, object, string]>([
  ["a reading of nothing", { readings: [{ atUtc: "2025-05-01T10:00:00Z" }] }, "$.readings[0].watts"],
  [
    "a word for no sky",
    { readings: [{ atUtc: "2025-05-01T10:00:00Z", watts: 1, cloud: "purple" }] },
    "$.readings[0].cloud",
  ],
  ["an event nobody knows", { events: [{ atUtc: "2025-05-01T10:00:00Z", what: "danced" }] }, "$.events[0].what"],
])("%s is refused where it stands", (_, more, at) => {
  const year = logYear(createRandom(1), "fine", wattsAt);
  expect(answerLogbookCase({ ...year.case, ...more })).toMatchObject({ type: "malformed", path: at });
});
