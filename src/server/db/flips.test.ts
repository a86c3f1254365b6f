import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { demoPanels, demoPlans, demoReadings } from "@/demo";
import { type Plan } from "@/core/plan";
import { createRandom, runs } from "@/testing";
import {
  addPhoto,
  addWeather,
  archivePlan,
  createPlan,
  databaseFileName,
  type Db,
  keptReadings,
  listPlans,
  openDatabase,
  panelShelf,
  putReadings,
  readPhoto,
  readPlanRecord,
  readWeather,
  replacePlan,
  rescuePlan,
} from ".";
import { digestOfChange } from "./digest";

const now = "2026-05-01T10:00:00.000Z";
const dirs: string[] = [];
function newDir(): string {
  const dir = mkdtempSync(path.join(os.tmpdir(), "golden-array-flips-"));
  dirs.push(dir);
  return dir;
}
afterAll(() => dirs.forEach((dir) => rmSync(dir, { recursive: true, force: true })));

const photo = Uint8Array.of(0xff, 0xd8, 0xff, ...Array.from({ length: 9000 }, (_, k) => (k * 37) % 251));
const epw = "LOCATION,Nörth Firth\r\n".repeat(200);

/** A folder that has something of everything, saved and closed; and the names of what is in it. */
async function filled(dir: string): Promise<{ photoId: string; weatherId: string }> {
  const db = await openDatabase(dir);
  // as they come over the wire
  const [plan, other] = JSON.parse(JSON.stringify(demoPlans())) as Plan[];
  if (plan === undefined || other === undefined) throw new Error("the demo has plans");
  await createPlan(db, { id: "a", plan, now });
  for (let revision = 1; revision < 60; revision++) {
    const changed = {
      ...plan,
      site: { ...plan.site, recordLowC: -revision / 2 },
      notes: { ...plan.notes, need: "n".repeat(revision) },
    };
    await replacePlan(db, { id: "a", revision, plan: changed, now });
  }
  await createPlan(db, { id: "b", plan: other, now });
  await archivePlan(db, "b", true, now);
  await putReadings(db, "a", demoReadings(plan, plan.wirings[0]?.id ?? "").slice(0, 40), now);
  await panelShelf.add(
    db,
    Object.values(demoPanels).map((sheet, k) => ({ id: `p${k}`, sheet })),
    now,
  );
  const photoId = await addPhoto(db, { bytes: photo, now });
  const weatherId = await addWeather(db, { name: "Firth", text: epw, now });
  await db.destroy();
  return { photoId, weatherId };
}

/** All that can be read, as text, or what is told instead. */
async function everything(db: Db, { photoId, weatherId }: { photoId: string; weatherId: string }): Promise<string> {
  const { records, unreadable } = await panelShelf.list(db);
  const readings = await keptReadings(db, "a");
  if (unreadable.length > 0 || readings.spoiled > 0) throw new Error("told");
  const plans = await listPlans(db);
  if (plans.some(({ name }) => name.includes("spoiled on the disk"))) throw new Error("told");
  return JSON.stringify([
    plans,
    await readPlanRecord(db, "a"),
    await readPlanRecord(db, "b"),
    records.map(({ id, revision, sheet, retired }) => ({ id, revision, sheet, retired })),
    readings,
    Buffer.from(await readPhoto(db, photoId)).toString("base64"),
    await readWeather(db, weatherId),
  ]);
}

test("a bit that flips anywhere in a database is told, or changes nothing", async () => {
  const dir = newDir();
  const names = await filled(dir);
  const bytes = readFileSync(path.join(dir, databaseFileName));
  const whole = await openDatabase(dir);
  const right = await everything(whole, names);
  await whole.destroy();
  const draw = createRandom(61);
  const wrong: string[] = [];
  let told = 0;
  for (let k = 0; k < runs(60); k++) {
    const at = draw.whole(0, bytes.length - 1);
    const bit = draw.whole(0, 7);
    const spoiled = newDir();
    writeFileSync(path.join(spoiled, databaseFileName), bytes.with(at, (bytes[at] ?? 0) ^ (1 << bit)));
    let db: Db | null = null;
    try {
      db = await openDatabase(spoiled);
      if ((await everything(db, names)) !== right) wrong.push(`byte ${at}, bit ${bit}`);
    } catch {
      told += 1;
    } finally {
      await db?.destroy();
      rmSync(spoiled, { recursive: true, force: true });
    }
  }
  expect(wrong).toEqual([]);
  // most of the file is in use: a test that told of nothing would prove nothing
  expect(told).toBeGreaterThan(runs(60) / 6);
});

describe("a plan that is spoiled on the disk", () => {
  let db: Db;
  beforeEach(async () => {
    const dir = newDir();
    await filled(dir);
    db = await openDatabase(dir);
  });
  afterEach(() => db.destroy());
  const spoil = (table: "plan_change" | "plan_snapshot", column: "patch" | "document", revision: number) =>
    db
      .updateTable(table)
      .set({ [column]: "[]" })
      .where("plan_id", "=", "a")
      .where("revision", "=", revision)
      .execute();
  const rescued = async () => {
    await rescuePlan(db, "a", { id: "saved", now });
    const { plan } = await readPlanRecord(db, "saved");
    return [plan.name.replace(/.*, /, ""), plan.notes.need.length];
  };

  test("in its last snapshot is made again of the one before it and the changes since", async () => {
    const whole = await readPlanRecord(db, "a");
    const snapshots = await db
      .selectFrom("plan_snapshot")
      .select("revision")
      .where("plan_id", "=", "a")
      .orderBy("revision")
      .execute();
    expect(snapshots.length).toBe(2);
    await spoil("plan_snapshot", "document", snapshots.at(-1)?.revision ?? 0);
    expect(await readPlanRecord(db, "a")).toEqual(whole);
  });

  test("in a change is told with the last whole revision, which can be made a plan of its own", async () => {
    await spoil("plan_change", "patch", 58);
    await expect(readPlanRecord(db, "a")).rejects.toMatchObject({
      whole: 57,
      fault: { detail: expect.stringContaining("revision 58") as string },
    });
    const plan = demoPlans()[0];
    if (plan === undefined) throw new Error("the demo has plans");
    await expect(replacePlan(db, { id: "a", revision: 60, plan, now })).rejects.toMatchObject({ whole: 57 });
    expect(await rescued()).toEqual(["revision 57", 56]);
  });

  test("by a change that fits only by half leaves nothing of that half in the last whole revision", async () => {
    const row = await db
      .selectFrom("plan_change")
      .selectAll()
      .where("plan_id", "=", "a")
      .where("revision", "=", 58)
      .executeTakeFirstOrThrow();
    const patch = JSON.stringify([
      { op: "replace", path: "/notes/need", value: "half" },
      { op: "remove", path: "/nowhere/at/all" },
    ]);
    const digest = digestOfChange({ ...row, patch });
    await db
      .updateTable("plan_change")
      .set({ patch, digest })
      .where("plan_id", "=", "a")
      .where("revision", "=", 58)
      .execute();
    await expect(readPlanRecord(db, "a")).rejects.toMatchObject({
      whole: 57,
      fault: { detail: "the change to revision 58 does not fit" },
    });
    expect(await rescued()).toEqual(["revision 57", 56]);
  });

  test("in its entry is told, and all of it can be had", async () => {
    await db.updateTable("plan").set({ name: "Another" }).where("id", "=", "a").execute();
    expect((await listPlans(db)).map(({ name }) => name)).toContain("Another (spoiled on the disk)");
    await expect(archivePlan(db, "a", true, now)).rejects.toMatchObject({ whole: 60 });
    expect(await rescued()).toEqual(["revision 60", 59]);
  });
});
