import { spawnSync } from "node:child_process";
import { chownSync, mkdtempSync, readdirSync, rmSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { Kysely, Migrator, PostgresDialect } from "kysely";
import { Pool } from "pg";
import { demoInputs, demoPanels, demoPlans, demoReadings } from "@/demo";
import { type Plan } from "@/core/plan";
import {
  addPhoto,
  addWeather,
  archivePlan,
  createPlan,
  type Db,
  deletePlan,
  deleteReading,
  findPlans,
  importPlan,
  inputShelf,
  keptReadings,
  openDatabase,
  panelShelf,
  putReadings,
  readPhoto,
  readPlanRecord,
  readWeather,
  replacePlan,
  rescuePlan,
} from ".";
import { migrations } from "./migrations";
import { type Tables } from "./tables";

/**
 * The same repositories on a server for many: every one of them is asked the same on both databases, and answers the same. The file
 * stays what the application uses.
 */
const now = "2026-05-01T10:00:00.000Z";
const later = "2026-05-01T10:00:05.000Z";
let dir: string;
let postgres: Db;

/** Programs of the server, as the account they insist on where this one may do everything. */
function run(program: string, ...args: readonly string[]): void {
  const versions = readdirSync("/usr/lib/postgresql").sort();
  const file = path.join("/usr/lib/postgresql", versions.at(-1) ?? "", "bin", program);
  const isRoot = process.getuid?.() === 0;
  const [command = "", ...all] = isRoot ? ["runuser", "-u", "postgres", "--", file, ...args] : [file, ...args];
  const { status, stderr } = spawnSync(command, all, { encoding: "utf8", stdio: ["ignore", "ignore", "pipe"] });
  if (status !== 0) throw new Error(`${program}: ${stderr}`);
}

beforeAll(async () => {
  dir = mkdtempSync(path.join(os.tmpdir(), "golden-array-pg-"));
  if (process.getuid?.() === 0) {
    const { uid, gid } = idsOf("postgres");
    chownSync(dir, uid, gid);
  }
  const data = path.join(dir, "data");
  run("initdb", "-D", data, "-U", "golden", "-A", "trust", "--no-sync", "-E", "UTF8");
  // on a socket in this folder alone: no port, so no other test is in its way
  run(
    "pg_ctl",
    "-D",
    data,
    "-w",
    "-l",
    path.join(dir, "log"),
    "-o",
    `-c listen_addresses='' -k ${dir} -c fsync=off`,
    "start",
  );
  const pool = new Pool({ host: dir, user: "golden", database: "postgres", max: 4 });
  postgres = new Kysely<Tables>({ dialect: new PostgresDialect({ pool }) });
  const migrator = new Migrator({
    db: postgres,
    provider: { getMigrations: async () => ({ ...migrations }) },
    // each has a transaction of its own
    disableTransactions: true,
  });
  const { error } = await migrator.migrateToLatest();
  if (error !== undefined) throw error;
}, 60_000);
afterAll(async () => {
  await postgres.destroy();
  run("pg_ctl", "-D", path.join(dir, "data"), "-w", "-m", "immediate", "stop");
  rmSync(dir, { recursive: true, force: true });
});

function idsOf(name: string): { uid: number; gid: number } {
  const { stdout } = spawnSync("getent", ["passwd", name], { encoding: "utf8" });
  const [, , uid, gid] = stdout.split(":");
  return { uid: Number(uid), gid: Number(gid) };
}

/** A life of plans, readings, sheets, photos and weather: all that was answered on the way. */
async function lifeIn(db: Db): Promise<unknown[]> {
  const told: unknown[] = [];
  const [plan, other] = JSON.parse(JSON.stringify(demoPlans())) as Plan[];
  if (plan === undefined || other === undefined) throw new Error("the demo has plans");
  told.push(await createPlan(db, { id: "a", plan, now }));
  for (let revision = 1; revision < 60; revision++)
    told.push(await replacePlan(db, { id: "a", revision, plan: { ...plan, name: `Lantern ${revision}` }, now: later }));
  told.push(await replacePlan(db, { id: "a", revision: 3, plan, now }), await readPlanRecord(db, "a"));
  const readings = demoReadings(plan, plan.wirings[0]?.id ?? "").slice(0, 50);
  const photo = Uint8Array.of(0xff, 0xd8, 0xff, 1, 2, 3);
  told.push(
    await importPlan(db, {
      id: "b",
      plan: { ...other, name: "Ödland 50 % \\ _" },
      weather: "LOCATION",
      photos: [photo],
      readings,
      now,
    }),
  );
  await putReadings(db, "a", readings, now);
  await putReadings(db, "a", readings.slice(0, 3), later);
  await deleteReading(db, "a", readings[4]?.id ?? "");
  told.push(await keptReadings(db, "a"), await keptReadings(db, "b"));
  await archivePlan(db, "a", true, now);
  const page = { find: "", withArchived: true, from: 0, most: 10 };
  for (const search of [
    page,
    { ...page, withArchived: false },
    { ...page, find: "ödland" },
    { ...page, find: "50 % \\ _" },
    { ...page, find: "%" },
    { ...page, from: 1 },
  ])
    told.push(await findPlans(db, search));
  const sheets = Object.values(demoPanels).map((sheet, k) => ({ id: `p${k}`, sheet }));
  await panelShelf.add(db, sheets, now);
  await inputShelf.add(db, [{ id: "i0", sheet: demoInputs.twoPortStation }], now);
  const held = { ...other, panels: other.panels.map((panel) => ({ ...panel, libraryId: "p0" })) };
  told.push(await createPlan(db, { id: "c", plan: held, now }));
  told.push(
    await panelShelf.replace(db, { id: "p1", revision: 1, sheet: demoPanels.rigid120, now }),
    await panelShelf.replace(db, { id: "p1", revision: 1, sheet: demoPanels.rigid120, now }),
    await panelShelf.retire(db, { sheets: [{ id: "p2", revision: 1 }], retired: true, now }),
    await panelShelf.retire(db, { sheets: [{ id: "p2", revision: 1 }], retired: true, now }),
    await panelShelf.remove(db, "p3", 1),
    (await panelShelf.list(db)).records.sort((one, another) => (one.id < another.id ? -1 : 1)),
    await inputShelf.list(db),
    await panelShelf.isEmpty(db),
  );
  const photoId = await addPhoto(db, { bytes: photo, now });
  const weatherId = await addWeather(db, { name: "Firth", text: "LOCATION", now: later });
  told.push(photoId, Buffer.from(await readPhoto(db, photoId)).toString("hex"), await readWeather(db, weatherId));
  // what a disk changed is told here and there
  await db
    .updateTable("plan_change")
    .set({ patch: "[]" })
    .where("plan_id", "=", "a")
    .where("revision", "=", 55)
    .execute();
  told.push(await readPlanRecord(db, "a").catch((error: unknown) => String(error)));
  await rescuePlan(db, "a", { id: "d", now });
  told.push((await readPlanRecord(db, "d")).plan.name, await deletePlan(db, "c", 1), await findPlans(db, page));
  return told;
}

test("every repository says the same on a server for many as in the file", async () => {
  const file = await openDatabase(mkdtempSync(path.join(os.tmpdir(), "golden-array-test-")));
  try {
    const there = await lifeIn(postgres);
    expect(there).toEqual(await lifeIn(file));
    expect(there.length).toBeGreaterThan(80);
  } finally {
    await file.destroy();
  }
}, 60_000);

test("two that save a plan from the same revision at once: one lands, the other is told", async () => {
  const [plan] = demoPlans();
  if (plan === undefined) throw new Error("the demo has plans");
  await createPlan(postgres, { id: "race", plan, now });
  const results = await Promise.all(
    ["One", "Another"].map((name) =>
      replacePlan(postgres, { id: "race", revision: 1, plan: { ...plan, name }, now }).then(
        ({ type }) => type,
        () => "refused",
      ),
    ),
  );
  expect(results.filter((type) => type === "saved")).toHaveLength(1);
  expect((await readPlanRecord(postgres, "race")).revision).toBe(2);
});
