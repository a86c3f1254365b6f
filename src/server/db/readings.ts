import "server-only";
import { maxReadings, type MeasuredRecord, recordSchema } from "@/core/measurements";
import { digestOfReading, sealed } from "./digest";
import { type Db } from "./open";
import { NotFound } from "./problem";

/** A plan has as many readings as it may have. */
export class TooManyReadings extends Error {
  constructor(readonly most: number) {
    super(`This plan has ${most} readings, the highest number allowed. Export the plan, then delete old readings.`);
    this.name = "TooManyReadings";
  }
}

/** All readings of a plan, oldest first. One that no longer reads is left out of the answer and stays where it is. */
export async function listReadings(db: Db, planId: string): Promise<MeasuredRecord[]> {
  return (await keptReadings(db, planId)).records.flatMap((each) => recordSchema.safeParse(each).data ?? []);
}

/** Readings as they were kept, oldest first, and how many are spoiled on the disk, which are not among them. */
export type KeptReadings = { readonly records: readonly unknown[]; readonly spoiled: number };

/** The same as they were kept, for whoever reads them by the schema anyway: ten thousand take a tenth of a second to check. */
export async function keptReadings(db: Db, planId: string): Promise<KeptReadings> {
  await planThere(db, planId);
  const rows = await db
    .selectFrom("reading")
    .selectAll()
    .where("plan_id", "=", planId)
    .orderBy("at_utc")
    .orderBy("id")
    .execute();
  const whole = rows.filter((row) => row.digest === digestOfReading(row));
  return { records: whole.map(({ body }) => parsedOf(body)), spoiled: rows.length - whole.length };
}

/** Keeps a reading. The same one again, as a device sends that heard no answer, is kept once. */
export async function putReading(db: Db, planId: string, reading: MeasuredRecord, now: string): Promise<void> {
  await putReadings(db, planId, [reading], now);
}

/** Many at once, all or none, as they come with a bundle. */
export async function putReadings(
  db: Db,
  planId: string,
  readings: readonly MeasuredRecord[],
  now: string,
): Promise<void> {
  await db.transaction().execute((trx) => putReadingsIn(trx, planId, readings, now));
}

/** The same as a part of something larger that is written wholly or not at all. */
export async function putReadingsIn(
  trx: Db,
  planId: string,
  readings: readonly MeasuredRecord[],
  now: string,
): Promise<void> {
  await planThere(trx, planId);
  for (const { id, kind, atUtc, ...rest } of readings) {
    const body = JSON.stringify({ id, kind, atUtc, ...rest });
    const row = sealed({ plan_id: planId, id, kind, at_utc: atUtc, body, added_at: now }, digestOfReading);
    await trx
      .insertInto("reading")
      .values(row)
      .onConflict((conflict) => conflict.columns(["plan_id", "id"]).doUpdateSet(row))
      .execute();
  }
  const { count } = await trx
    .selectFrom("reading")
    .select((of) => of.fn.countAll<number>().as("count"))
    .where("plan_id", "=", planId)
    .executeTakeFirstOrThrow();
  if (Number(count) > maxReadings) throw new TooManyReadings(maxReadings);
}

/** Takes a reading out; one that is not there is out already. */
export async function deleteReading(db: Db, planId: string, id: string): Promise<void> {
  await planThere(db, planId);
  await db.deleteFrom("reading").where("plan_id", "=", planId).where("id", "=", id).execute();
}

async function planThere(db: Db, planId: string): Promise<void> {
  const row = await db.selectFrom("plan").select("id").where("id", "=", planId).executeTakeFirst();
  if (row === undefined) throw new NotFound("plan", planId);
}

function parsedOf(body: string): unknown {
  try {
    return JSON.parse(body);
  } catch {
    return null;
  }
}
