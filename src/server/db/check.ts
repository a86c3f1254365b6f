import "server-only";
import { sql } from "kysely";
import { keptReadings } from "./readings";
import { type Db } from "./open";
import { inputShelf, panelShelf } from "./library";
import { readPhoto } from "./photos";
import { listPlans, readPlanRecord } from "./plans";
import { readWeather } from "./weather";

/** What a folder holds, and each thing in it that is not as it was written. */
export type FolderCheck = {
  readonly plans: number;
  readonly readings: number;
  readonly sheets: number;
  readonly photos: number;
  readonly weather: number;
  readonly problems: readonly string[];
};

/** Reads all there is in a database, holds every row against its digest, and the file against its own rules. */
export async function checkAll(db: Db): Promise<FolderCheck> {
  const problems: string[] = [];
  const tell = async (name: string, work: () => Promise<unknown>) => {
    try {
      await work();
    } catch (error) {
      problems.push(`${name}: ${error instanceof Error ? error.message : String(error)}`);
    }
  };
  const { rows } = await sql<{ integrity_check: string }>`pragma integrity_check(20)`.execute(db);
  for (const { integrity_check: found } of rows) if (found !== "ok") problems.push(`database file: ${found}`);
  const plans = await listPlans(db);
  let readings = 0;
  for (const { id, name } of plans) {
    await tell(`plan “${name}”`, () => readPlanRecord(db, id));
    await tell(`readings of “${name}”`, async () => {
      const { records, spoiled } = await keptReadings(db, id);
      readings += records.length;
      if (spoiled > 0) throw new Error(`${spoiled} are spoiled on the disk`);
    });
  }
  const shelves = [await panelShelf.list(db), await inputShelf.list(db)];
  for (const { unreadable } of shelves)
    for (const { name, problem } of unreadable) problems.push(`library sheet “${name}”: ${problem}`);
  const photos = await db.selectFrom("photo").select("id").execute();
  for (const { id } of photos) await tell(`photo ${id.slice(0, 12)}`, () => readPhoto(db, id));
  const weather = await db.selectFrom("weather").select(["id", "name"]).execute();
  for (const { id, name } of weather) await tell(`weather file “${name}”`, () => readWeather(db, id));
  return {
    plans: plans.length,
    readings,
    sheets: shelves.reduce((sum, { records, unreadable }) => sum + records.length + unreadable.length, 0),
    photos: photos.length,
    weather: weather.length,
    problems,
  };
}
