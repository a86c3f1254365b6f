import { type Kysely } from "kysely";

/** Frozen: never edited once released. What meters showed, of whatever kind: each belongs to a plan and goes with it. */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.transaction().execute(async (trx) => {
    await trx.schema
      .createTable("reading")
      .addColumn("plan_id", "text", (column) => column.notNull().references("plan.id").onDelete("cascade"))
      .addColumn("id", "text", (column) => column.notNull())
      .addColumn("kind", "text", (column) => column.notNull())
      .addColumn("at_utc", "text", (column) => column.notNull())
      .addColumn("body", "text", (column) => column.notNull())
      .addColumn("added_at", "text", (column) => column.notNull())
      .addPrimaryKeyConstraint("reading_key", ["plan_id", "id"])
      .execute();
    await trx.schema.createIndex("reading_by_time").on("reading").columns(["plan_id", "kind", "at_utc"]).execute();
  });
}
