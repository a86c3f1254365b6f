import { type Kysely, sql } from "kysely";

/**
 * Frozen: never edited once released. A plan is kept as a snapshot and the changes made since, not as a full copy for each
 * revision; which library sheets it holds stands beside it, so that nobody has to look into documents for that.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  await (db as Kysely<Older>).transaction().execute(async (trx) => {
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
    // a document that is no JSON stays as it is: it is told when somebody opens it
    for (const { id } of await trx.selectFrom("plan").select("id").execute()) {
      const { document } = await trx
        .selectFrom("plan")
        .select("document")
        .where("id", "=", id)
        .executeTakeFirstOrThrow();
      await trx
        .updateTable("plan")
        .set({ holds: heldBy(document) })
        .where("id", "=", id)
        .execute();
    }
    await trx.schema.dropTable("plan_revision").execute();
    await trx.schema.alterTable("plan").dropColumn("document").execute();
  });
}

type Older = { plan: { id: string; document: string; holds: string } };

function heldBy(document: string): string {
  let plan: unknown;
  try {
    plan = JSON.parse(document);
  } catch {
    return '{"panels":[],"inputs":[]}';
  }
  const idsIn = (list: "panels" | "inputs") => {
    const all: unknown = (plan as Record<string, unknown> | null)?.[list];
    const ids = (Array.isArray(all) ? all : []).flatMap(
      (each: { libraryId?: unknown } | null) => each?.libraryId ?? [],
    );
    return [...new Set(ids)];
  };
  return JSON.stringify({ panels: idsIn("panels"), inputs: idsIn("inputs") });
}
