import { mkdtempSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { maxReadings, type ReadingRecord, unsaidSky } from "@/core/measurements";
import { emptyPlan } from "@/core/plan";
import {
  createPlan,
  type Db,
  deletePlan,
  deleteReading,
  NotFound,
  openDatabase,
  putReading,
  putReadings,
  TooManyReadings,
} from ".";
import { listReadings } from "./readings";

let dir: string;
let db: Db;
const now = "2026-05-01T10:00:00.000Z";

beforeEach(async () => {
  dir = mkdtempSync(path.join(os.tmpdir(), "golden-array-test-"));
  db = await openDatabase(dir);
  for (const id of ["a", "b"]) await createPlan(db, { id, plan: emptyPlan(`Plan ${id}`), now });
});
afterEach(async () => {
  await db.destroy();
  rmSync(dir, { recursive: true, force: true });
});

function reading(id: string, more: Partial<ReadingRecord> = {}): ReadingRecord {
  return {
    id,
    kind: "prove",
    atUtc: now,
    wiringId: "w",
    inputId: "i",
    portId: "p",
    place: { type: "array" },
    quantity: "openV",
    value: 41.2,
    sky: unsaidSky,
    due: { low: 39, due: 41, high: 43 },
    lightWm2: 700,
    by: "Tam",
    source: "typed",
    ...more,
  };
}

test("readings come back as they were, oldest first, each plan its own", async () => {
  const late = reading("1", { atUtc: "2026-05-01T11:00:00Z" });
  const early = reading("2", { atUtc: "2026-05-01T09:00:00Z", place: { type: "string", stringId: null, n: 2 } });
  await putReading(db, "a", late, now);
  await putReading(db, "a", early, now);
  await putReading(db, "b", reading("1", { value: 1 }), now);
  expect(await listReadings(db, "a")).toEqual([early, late]);
  expect(await listReadings(db, "b")).toMatchObject([{ value: 1 }]);
});

test("sent again it is the same one, taken out it is gone, and taken out again nothing happens", async () => {
  for (let k = 0; k < 3; k++) await putReading(db, "a", reading("1"), now);
  expect(await listReadings(db, "a")).toHaveLength(1);
  for (let k = 0; k < 2; k++) await deleteReading(db, "a", "1");
  expect(await listReadings(db, "a")).toEqual([]);
});

test("they go with their plan, and none comes to a plan that is not there", async () => {
  await putReading(db, "a", reading("1"), now);
  await deletePlan(db, "a", 1);
  expect((await db.selectFrom("reading").selectAll().execute()).length).toBe(0);
  await expect(putReading(db, "a", reading("1"), now)).rejects.toThrow(NotFound);
  await expect(listReadings(db, "a")).rejects.toThrow(NotFound);
});

test("many come all or none, and no more than a plan may have", async () => {
  const many = Array.from({ length: maxReadings }, (_, k) => reading(`r${k}`));
  await putReadings(db, "a", many, now);
  await expect(putReadings(db, "a", [reading("x"), reading("y")], now)).rejects.toThrow(TooManyReadings);
  const kept = await listReadings(db, "a");
  expect(kept).toHaveLength(maxReadings);
  expect(kept.some(({ id }) => id === "x")).toBe(false);
});

test("one that no longer reads is left out, and stays where it is", async () => {
  await putReading(db, "a", reading("1"), now);
  await db.updateTable("reading").set({ body: '{"kind":"of tomorrow"}' }).execute();
  expect(await listReadings(db, "a")).toEqual([]);
  expect((await db.selectFrom("reading").selectAll().execute()).length).toBe(1);
});
