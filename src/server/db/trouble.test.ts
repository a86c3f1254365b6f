import { copyFileSync, mkdirSync, mkdtempSync, renameSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import Database from "better-sqlite3";
import { sql } from "kysely";
import { emptyPlan } from "@/core/plan";
import { createPlan, databaseFileName, type DatabaseProblem, listPlans, withDatabase } from ".";

/** What befalls a disk or a folder while the program runs: named, nothing acknowledged that is not there, and over when it is over. */
let home: string;
let dir: string;
const file = () => path.join(dir, databaseFileName);
let made = 0;
const save = () =>
  withDatabase((db) => createPlan(db, { id: `plan-${(made += 1)}`, plan: emptyPlan("Van"), now: "2026-05-01" }));
const plans = () => withDatabase(listPlans);

beforeEach(async () => {
  home = mkdtempSync(path.join(os.tmpdir(), "golden-array-trouble-"));
  dir = path.join(home, "data");
  process.env["GOLDEN_ARRAY_DATA"] = dir;
  made = 0;
  await save();
});
afterEach(async () => {
  const holder = globalThis as { goldenArrayDatabase?: Promise<{ destroy: () => Promise<void> }> | null };
  await (await holder.goldenArrayDatabase)?.destroy();
  holder.goldenArrayDatabase = null;
  rmSync(home, { recursive: true, force: true });
});

async function problem(work: () => Promise<unknown>): Promise<Pick<DatabaseProblem, "kind" | "message">> {
  const error: unknown = await work().catch((thrown: unknown) => thrown);
  const { kind, message } = error as DatabaseProblem;
  return { kind, message };
}

test("a folder that is moved away is named, and saving goes on once it is back", async () => {
  renameSync(dir, `${dir}-away`);
  expect(await problem(save)).toMatchObject({ kind: "vanished", message: expect.stringContaining(dir) as string });
  expect(await problem(plans)).toMatchObject({ kind: "vanished" });
  renameSync(`${dir}-away`, dir);
  await save();
  expect((await plans()).length).toBe(2);
});

test("a database put back from a copy is opened afresh, and the one it replaced no longer written", async () => {
  await withDatabase((db) => sql`pragma wal_checkpoint(truncate)`.execute(db));
  const copy = path.join(home, "copy.db");
  copyFileSync(file(), copy);
  await save();
  rmSync(dir, { recursive: true });
  mkdirSync(dir);
  copyFileSync(copy, file());
  expect(await problem(save)).toMatchObject({ kind: "vanished" });
  expect((await plans()).length).toBe(1);
  await save();
  expect((await plans()).length).toBe(2);
});

test("another program's lock is waited for a moment without holding up anything else, then named", async () => {
  const other = new Database(file());
  other.exec("begin immediate");
  let turns = 0;
  const turning = setInterval(() => (turns += 1), 10);
  const found = await problem(save);
  clearInterval(turning);
  expect(found).toMatchObject({
    kind: "locked",
    message: expect.stringContaining("saving then resumes by itself") as string,
  });
  expect(turns).toBeGreaterThan(3);
  expect((await plans()).length).toBe(1);
  const waiting = save();
  setTimeout(() => other.exec("rollback"), 200);
  await waiting;
  other.close();
  expect((await plans()).length).toBe(2);
});

test("a full disk is named, loses nothing, and saving goes on when there is room", async () => {
  const pages = async (most: number) =>
    withDatabase((db) => sql`pragma max_page_count = ${sql.raw(String(most))}`.execute(db));
  await pages(1);
  const large = {
    ...emptyPlan("Large"),
    notes: { ...emptyPlan("x").notes, need: "n".repeat(5000), wire: "n".repeat(5000) },
  };
  const saveLarge = (id: string) => withDatabase((db) => createPlan(db, { id, plan: large, now: "2026-05-01" }));
  const filling = async () => {
    for (let k = 0; k < 40; k++) await saveLarge(`large-${k}`);
  };
  expect(await problem(filling)).toMatchObject({
    kind: "full",
    message: expect.stringMatching(/disk .* is full/) as string,
  });
  const before = (await plans()).length;
  await pages(100_000);
  await saveLarge("after");
  expect((await plans()).length).toBe(before + 1);
});
