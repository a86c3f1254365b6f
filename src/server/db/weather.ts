import "server-only";
import { createHash } from "node:crypto";
import { gunzipSync, gzipSync } from "node:zlib";
import { type Db } from "./open";
import { digestOfWeather } from "./digest";
import { NotFound, Spoiled } from "./problem";

export type WeatherRecord = { readonly id: string; readonly name: string; readonly text: string };

/** Keeps a weather file and returns its id, the digest of its text: the same file again is the same record. */
export async function addWeather(db: Db, made: { name: string; text: string; now: string }): Promise<string> {
  const id = createHash("sha256").update(made.text).digest("hex");
  const named = { id, name: made.name, added_at: made.now };
  const row = { ...named, packed: gzipSync(made.text), digest: digestOfWeather(named) };
  await db
    .insertInto("weather")
    .values(row)
    .onConflict((conflict) => conflict.column("id").doNothing())
    .execute();
  return id;
}

export async function readWeather(db: Db, id: string): Promise<WeatherRecord> {
  const row = await db.selectFrom("weather").selectAll().where("id", "=", id).executeTakeFirst();
  if (row === undefined) throw new NotFound("weather file", id);
  const text = textOf(row.packed);
  if (text === null || createHash("sha256").update(text).digest("hex") !== id || digestOfWeather(row) !== row.digest)
    throw new Spoiled(`The weather file “${row.name}”`);
  return { id: row.id, name: row.name, text };
}

function textOf(packed: Buffer): string | null {
  try {
    return gunzipSync(packed).toString("utf8");
  } catch {
    return null;
  }
}
