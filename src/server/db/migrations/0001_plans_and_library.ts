import { type Kysely, sql } from "kysely";

/** Frozen: never edited once released. The transaction is its own, as the migrator gives SQLite none. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.transaction().execute(async (trx) => {
    await trx.schema
      .createTable("plan")
      .addColumn("id", "text", (column) => column.primaryKey())
      .addColumn("name", "text", (column) => column.notNull())
      .addColumn("revision", "integer", (column) => column.notNull().check(sql`revision >= 1`))
      .addColumn("document", "text", (column) => column.notNull())
      .addColumn("created_at", "text", (column) => column.notNull())
      .addColumn("updated_at", "text", (column) => column.notNull())
      .execute();
    await trx.schema
      .createTable("plan_revision")
      .addColumn("plan_id", "text", (column) => column.notNull().references("plan.id").onDelete("cascade"))
      .addColumn("revision", "integer", (column) => column.notNull())
      .addColumn("document", "text", (column) => column.notNull())
      .addColumn("saved_at", "text", (column) => column.notNull())
      .addPrimaryKeyConstraint("plan_revision_key", ["plan_id", "revision"])
      .execute();
    for (const table of ["panel", "input"]) {
      await trx.schema
        .createTable(table)
        .addColumn("id", "text", (column) => column.primaryKey())
        .addColumn("name", "text", (column) => column.notNull())
        .addColumn("revision", "integer", (column) => column.notNull().check(sql`revision >= 1`))
        .addColumn("sheet", "text", (column) => column.notNull())
        .addColumn("created_at", "text", (column) => column.notNull())
        .addColumn("updated_at", "text", (column) => column.notNull())
        .execute();
    }
  });
}
