import "server-only";
import { createHash } from "node:crypto";
import { gunzipSync, gzipSync } from "node:zlib";
import { type Db } from "./open";
import { NotFound } from "./problem";

export type WeatherRecord = { readonly id: string; readonly name: string; readonly text: string };

/** Keeps a weather file and returns its id, the digest of its text: the same file again is the same record. */
export async function addWeather(db: Db, made: { name: string; text: string; now: string }): Promise<string> {
  const id = createHash("sha256").update(made.text).digest("hex");
  const row = { id, name: made.name, packed: gzipSync(made.text), added_at: made.now };
  await db
    .insertInto("weather")
    .values(row)
    .onConflict((conflict) => conflict.column("id").doNothing())
    .execute();
  return id;
}

export async function readWeather(db: Db, id: string): Promise<WeatherRecord> {
  const row = await db.selectFrom("weather").select(["id", "name", "packed"]).where("id", "=", id).executeTakeFirst();
  if (row === undefined) throw new NotFound("weather file", id);
  return { id: row.id, name: row.name, text: gunzipSync(row.packed).toString("utf8") };
}
