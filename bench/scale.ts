import { mkdtempSync, rmSync, statSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { sql } from "kysely";
import { demoPlans, demoReadings } from "../src/demo";
import {
  allPlans,
  createPlan,
  databaseFileName,
  findPlans,
  openDatabase,
  putReadings,
  replacePlan,
} from "../src/server/db";
import { startServer } from "../e2e/harness/server";
import { print, summary } from "./figures";

/**
 * How far one server goes: what a plan, its edits and a year of readings weigh on the disk, what the list takes with many plans, and
 * how long a page takes for one person and for fifty. GOLDEN_ARRAY_PLANS: how many plans.
 */
const plans = Number(process.env["GOLDEN_ARRAY_PLANS"] ?? 2000);
const people = Number(process.env["GOLDEN_ARRAY_PEOPLE"] ?? 50);
const now = "2026-05-01T10:00:00.000Z";
const dir = mkdtempSync(path.join(os.tmpdir(), "golden-array-scale-"));
const say = (text: string) => process.stdout.write(`${text}\n`);
/** As the ids that the server makes. */
const idOf = (k: number) => `00000000-0000-4000-8000-${String(k).padStart(12, "0")}`;
const sizeMb = () => statSync(path.join(dir, databaseFileName)).size / 1e6;

void (async () => {
  const [plan] = JSON.parse(JSON.stringify(demoPlans())) as ReturnType<typeof demoPlans>;
  if (plan === undefined) throw new Error("the demo has plans");
  let db = await openDatabase(dir);
  const weigh = async (what: string, count: number, work: () => Promise<void>) => {
    // what earlier work left free would be filled first
    await sql`vacuum`.execute(db);
    await db.destroy();
    db = await openDatabase(dir);
    const before = sizeMb();
    const began = performance.now();
    await work();
    const ms = performance.now() - began;
    await db.destroy();
    db = await openDatabase(dir);
    say(`${what}: ${((1000 * (sizeMb() - before)) / count).toFixed(2)} kB and ${(ms / count).toFixed(2)} ms each`);
  };
  await createPlan(db, { id: "first", plan, now });
  const year = demoReadings(plan, plan.wirings[0]?.id ?? "");
  await weigh("a reading kept", year.length, () => putReadings(db, "first", year, now));
  await weigh("an edit saved", 400, async () => {
    for (let revision = 1; revision <= 400; revision++)
      await replacePlan(db, { id: "first", revision, plan: { ...plan, name: `Edit ${revision}` }, now });
  });
  await weigh("a plan made", plans, async () => {
    for (let k = 0; k < plans; k++)
      await createPlan(db, { id: idOf(k), plan: { ...plan, name: `Plan ${k} of ${k % 7}` }, now });
  });
  const times = (work: () => Promise<unknown>) =>
    Array.from({ length: 20 }).reduce<Promise<number[]>>(async (before) => {
      const all = await before;
      const began = performance.now();
      await work();
      return [...all, performance.now() - began];
    }, Promise.resolve([]));
  const page = { ...allPlans, most: 50, withArchived: false };
  print(`the first page of ${plans} plans`, await times(() => findPlans(db, page)));
  print("the last", await times(() => findPlans(db, { ...page, from: plans - 50 })));
  print("those with a word in their name", await times(() => findPlans(db, { ...page, find: "of 3" })));
  await db.destroy();
  const opening = performance.now();
  db = await openDatabase(dir);
  say(`opened and checked, ${sizeMb().toFixed(0)} MB: ${(performance.now() - opening).toFixed(0)} ms`);
  await db.destroy();

  const starting = performance.now();
  const server = await startServer(dir);
  say(`started: ${(performance.now() - starting).toFixed(0)} ms`);
  const get = async (address: string) => {
    const began = performance.now();
    const body = await (await fetch(`${server.url}${address}`)).arrayBuffer();
    return { ms: performance.now() - began, bytes: body.byteLength };
  };
  await get("/");
  const list = await get("/");
  say(`the list as a page: ${(list.bytes / 1000).toFixed(0)} kB, ${list.ms.toFixed(0)} ms`);
  const address = `/plan/${idOf(1)}/wiring`;
  await get(address);
  const one: number[] = [];
  for (let k = 0; k < 100; k++) one.push((await get(address)).ms);
  print("a plan's page for one person", one);
  const asked: number[] = [];
  for (let k = 0; k < 100; k++) asked.push((await get(`/api/plans/${idOf(1)}`)).ms);
  print("the plan, which the page asks for", asked);
  // each opens a page, saves its own plan, and thinks as long as the autosave rests
  const saves: number[] = [];
  const many: number[] = [];
  const manyAsked: number[] = [];
  const until = Date.now() + 20_000;
  await Promise.all(
    Array.from({ length: people }, async (_, k) => {
      // nobody comes in the same millisecond as all others
      await new Promise((resolve) => setTimeout(resolve, (2000 * k) / people));
      for (let revision = 1; Date.now() < until; revision++) {
        many.push((await get(`/plan/${idOf(k + 1)}/wiring`)).ms);
        manyAsked.push((await get(`/api/plans/${idOf(k + 1)}`)).ms);
        const began = performance.now();
        const saved = await fetch(`${server.url}/api/plans/${idOf(k + 1)}`, {
          method: "PUT",
          headers: { "content-type": "application/json", "if-match": `"${revision}"` },
          body: JSON.stringify({ ...plan, name: `By ${k}, ${revision}` }),
        });
        if (!saved.ok) throw new Error(await saved.text());
        saves.push(performance.now() - began);
        await new Promise((resolve) => setTimeout(resolve, 2000));
      }
    }),
  );
  print(`a plan's page for ${people} people who save every two seconds`, many);
  print("their plans", manyAsked);
  print("their saves", saves);
  const again: number[] = [];
  await Promise.all(
    Array.from({ length: people }, async () => {
      for (let k = 0; k < 10; k++) {
        again.push((await get(address)).ms);
        await new Promise((resolve) => setTimeout(resolve, 350));
      }
    }),
  );
  print(`one plan's page opened by ${people} people`, again);
  const times95 = (of: number[]) => (summary(of).p95 / summary(one).p95).toFixed(1);
  say(
    `saves a second: ${(saves.length / 20).toFixed(0)}; page of ${people} over that of one, p95: ${times95(again)}, and ${times95(many)} while they save`,
  );
  await server.end("SIGTERM");
  rmSync(dir, { recursive: true, force: true });
})();
