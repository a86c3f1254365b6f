import "server-only";
import { createHash } from "node:crypto";
import { type Db } from "./open";
import { NotFound, Spoiled } from "./problem";

/** Keeps a photo and returns its id, the digest of its bytes: the same photo again is the same record. */
export async function addPhoto(db: Db, made: { bytes: Uint8Array; now: string }): Promise<string> {
  const id = createHash("sha256").update(made.bytes).digest("hex");
  await db
    .insertInto("photo")
    .values({ id, bytes: Buffer.from(made.bytes), added_at: made.now })
    .onConflict((conflict) => conflict.column("id").doNothing())
    .execute();
  return id;
}

export async function readPhoto(db: Db, id: string): Promise<Uint8Array<ArrayBuffer>> {
  const row = await db.selectFrom("photo").select("bytes").where("id", "=", id).executeTakeFirst();
  if (row === undefined) throw new NotFound("photo", id);
  if (createHash("sha256").update(row.bytes).digest("hex") !== id) throw new Spoiled("The photo");
  return new Uint8Array(row.bytes);
}
