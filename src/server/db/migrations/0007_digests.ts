import { createHash } from "node:crypto";
import { type Kysely } from "kysely";

/**
 * Frozen: never edited once released. Every row has a digest beside it; plans are found by any part of their name; a plan keeps the snapshot before its last one, so that one
 * that is spoiled can be made again out of changes; which library sheets a plan holds are rows.
 */
export async function up(db: Kysely<unknown>): Promise<void> {
  await (db as Kysely<Older>).transaction().execute(async (trx) => {
    for (const table of ["plan", "plan_change", "panel", "input", "reading", "weather"])
      await trx.schema
        .alterTable(table)
        .addColumn("digest", "text", (column) => column.notNull().defaultTo(""))
        .execute();
    await trx.schema
      .alterTable("plan")
      .addColumn("name_key", "text", (column) => column.notNull().defaultTo(""))
      .execute();
    await trx.schema.createIndex("plan_by_time").on("plan").columns(["updated_at", "id"]).execute();
    await trx.schema
      .createTable("plan_copy")
      .addColumn("plan_id", "text", (column) => column.notNull().references("plan.id").onDelete("cascade"))
      .addColumn("revision", "integer", (column) => column.notNull())
      .addColumn("document", "text", (column) => column.notNull())
      .addColumn("digest", "text", (column) => column.notNull())
      .addPrimaryKeyConstraint("plan_copy_key", ["plan_id", "revision"])
      .execute();
    await trx.schema
      .createTable("plan_sheet")
      .addColumn("plan_id", "text", (column) => column.notNull().references("plan.id").onDelete("cascade"))
      .addColumn("shelf", "text", (column) => column.notNull())
      .addColumn("sheet_id", "text", (column) => column.notNull())
      .addPrimaryKeyConstraint("plan_sheet_key", ["shelf", "sheet_id", "plan_id"])
      .execute();
    await trx.schema.createIndex("plan_sheet_by_plan").on("plan_sheet").column("plan_id").execute();
    for (const { id } of await trx.selectFrom("plan").select("id").execute()) {
      const row = await trx.selectFrom("plan").selectAll().where("id", "=", id).executeTakeFirstOrThrow();
      const name_key = row.name.toLowerCase();
      const digest = digestOf(
        row.id,
        row.name,
        name_key,
        row.revision,
        row.created_at,
        row.updated_at,
        row.archived_at,
      );
      await trx.updateTable("plan").set({ name_key, digest }).where("id", "=", id).execute();
      const held = sheetsIn(row.holds).map(([shelf, sheet_id]) => ({ plan_id: id, shelf, sheet_id }));
      for (const each of held) await trx.insertInto("plan_sheet").values(each).execute();
      const snapshots = await trx.selectFrom("plan_snapshot").selectAll().where("plan_id", "=", id).execute();
      for (const { plan_id, revision, document } of snapshots)
        await trx
          .insertInto("plan_copy")
          .values({ plan_id, revision, document, digest: digestOf(plan_id, revision, document) })
          .execute();
      for (const { revision, patch, saved_at } of await trx
        .selectFrom("plan_change")
        .selectAll()
        .where("plan_id", "=", id)
        .execute())
        await trx
          .updateTable("plan_change")
          .set({ digest: digestOf(id, revision, patch, saved_at) })
          .where("plan_id", "=", id)
          .where("revision", "=", revision)
          .execute();
      const readings = await trx.selectFrom("reading").selectAll().where("plan_id", "=", id).execute();
      for (const each of readings)
        await trx
          .updateTable("reading")
          .set({ digest: digestOf(id, each.id, each.kind, each.at_utc, each.body, each.added_at) })
          .where("plan_id", "=", id)
          .where("id", "=", each.id)
          .execute();
    }
    for (const table of ["panel", "input"] as const)
      for (const row of await trx.selectFrom(table).selectAll().execute()) {
        const { id, name, revision, sheet, created_at, updated_at, retired_at } = row;
        const digest = digestOf(id, name, revision, sheet, created_at, updated_at, retired_at);
        await trx.updateTable(table).set({ digest }).where("id", "=", id).execute();
      }
    for (const { id, name, added_at } of await trx.selectFrom("weather").select(["id", "name", "added_at"]).execute())
      await trx
        .updateTable("weather")
        .set({ digest: digestOf(id, name, added_at) })
        .where("id", "=", id)
        .execute();
    await trx.schema.dropTable("plan_snapshot").execute();
    await trx.schema.alterTable("plan_copy").renameTo("plan_snapshot").execute();
    await trx.schema.alterTable("plan").dropColumn("holds").execute();
  });
}

function digestOf(...fields: readonly (string | number | null)[]): string {
  return createHash("sha256").update(JSON.stringify(fields)).digest("hex").slice(0, 32);
}

/** What a list of held sheets says; one that is spoiled says nothing, and is made anew when the plan is next saved. */
function sheetsIn(holds: string): [shelf: string, sheetId: string][] {
  let lists: unknown;
  try {
    lists = JSON.parse(holds);
  } catch {
    return [];
  }
  return ["panels", "inputs"].flatMap((shelf) => {
    const ids: unknown = (lists as Record<string, unknown> | null)?.[shelf];
    return Array.isArray(ids) ? [...new Set(ids.map(String))].map((id): [string, string] => [shelf, id]) : [];
  });
}

type Kept = { id: string; name: string; revision: number; created_at: string; updated_at: string; digest: string };
type Older = {
  plan: Kept & { holds: string; name_key: string; archived_at: string | null };
  plan_snapshot: { plan_id: string; revision: number; document: string };
  plan_copy: { plan_id: string; revision: number; document: string; digest: string };
  plan_change: { plan_id: string; revision: number; patch: string; saved_at: string; digest: string };
  plan_sheet: { plan_id: string; shelf: string; sheet_id: string };
  panel: Kept & { sheet: string; retired_at: string | null };
  input: Kept & { sheet: string; retired_at: string | null };
  reading: {
    plan_id: string;
    id: string;
    kind: string;
    at_utc: string;
    body: string;
    added_at: string;
    digest: string;
  };
  weather: { id: string; name: string; packed: Buffer; added_at: string; digest: string };
};
