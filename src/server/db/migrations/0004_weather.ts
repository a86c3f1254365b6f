import { type Kysely } from "kysely";
import { bytesType } from "./bytes";

/** Frozen: never edited once released. Weather files that plans go by, each kept once under the digest of its text. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.transaction().execute(async (trx) => {
    await trx.schema
      .createTable("weather")
      .addColumn("id", "text", (column) => column.primaryKey())
      .addColumn("name", "text", (column) => column.notNull())
      .addColumn("packed", bytesType(db), (column) => column.notNull())
      .addColumn("added_at", "text", (column) => column.notNull())
      .execute();
  });
}
