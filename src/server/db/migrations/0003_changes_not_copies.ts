import { type Kysely, sql } from "kysely";

/**
 * Frozen: never edited once released. A plan is kept as a snapshot and the changes made since, not as a full copy for each
 * revision; which library sheets it holds stands beside it, so that nobody has to look into documents for that.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  await db.transaction().execute(async (trx) => {
    await trx.schema
      .createTable("plan_snapshot")
      .addColumn("plan_id", "text", (column) => column.primaryKey().references("plan.id").onDelete("cascade"))
      .addColumn("revision", "integer", (column) => column.notNull())
      .addColumn("document", "text", (column) => column.notNull())
      .execute();
    await sql`insert into plan_snapshot (plan_id, revision, document) select id, revision, document from plan`.execute(
      trx,
    );
    await trx.schema
      .createTable("plan_change")
      .addColumn("plan_id", "text", (column) => column.notNull().references("plan.id").onDelete("cascade"))
      .addColumn("revision", "integer", (column) => column.notNull())
      .addColumn("patch", "text", (column) => column.notNull())
      .addColumn("saved_at", "text", (column) => column.notNull())
      .addPrimaryKeyConstraint("plan_change_key", ["plan_id", "revision"])
      .execute();
    await trx.schema
      .alterTable("plan")
      .addColumn("holds", "text", (column) => column.notNull().defaultTo('{"panels":[],"inputs":[]}'))
      .execute();
    const held = (list: "panels" | "inputs") => sql`(
      select json_group_array(distinct json_extract(held.value, '$.libraryId'))
      from json_each(plan.document, ${`$.${list}`}) as held
      where json_extract(held.value, '$.libraryId') is not null)`;
    // a document that is no JSON stays as it is: it is told when somebody opens it
    await sql`update plan set holds = json_object('panels', ${held("panels")}, 'inputs', ${held("inputs")})
      where json_valid(document)`.execute(trx);
    await trx.schema.dropTable("plan_revision").execute();
    await trx.schema.alterTable("plan").dropColumn("document").execute();
  });
}
