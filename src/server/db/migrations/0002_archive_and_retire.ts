import { type Kysely } from "kysely";

/** Frozen: never edited once released. Plans can be put away, library sheets retired; null means neither. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.transaction().execute(async (trx) => {
    await trx.schema.alterTable("plan").addColumn("archived_at", "text").execute();
    for (const table of ["panel", "input"])
      await trx.schema.alterTable(table).addColumn("retired_at", "text").execute();
  });
}
