import { type Kysely } from "kysely";
import { bytesType } from "./bytes";

/** Frozen: never edited once released. Photos laid under drawings, each kept once under the digest of its bytes. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.transaction().execute(async (trx) => {
    await trx.schema
      .createTable("photo")
      .addColumn("id", "text", (column) => column.primaryKey())
      .addColumn("bytes", bytesType(db), (column) => column.notNull())
      .addColumn("added_at", "text", (column) => column.notNull())
      .execute();
  });
}
