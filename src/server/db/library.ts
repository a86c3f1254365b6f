import "server-only";
import { sql } from "kysely";
import { type z } from "zod";
import { deviceFromAnyVersion, deviceSchema, labelFromVersion2, labelSchema } from "@/core/plan";
import { type Db } from "./open";
import { NotFound } from "./problem";

export type PlanUse = { readonly id: string; readonly name: string };

export type LibraryRecord<Sheet> = {
  readonly id: string;
  readonly revision: number;
  readonly updatedAt: string;
  /** No longer offered to plans; kept, as plans made from it name it. */
  readonly retired: boolean;
  /** Plans that hold a copy of it. */
  readonly usedBy: PlanUse[];
  readonly sheet: Sheet;
};

type Row = { id: string; revision: number; updated_at: string; retired_at: string | null; sheet: string };

/** Rows written by one statement: each takes seven of the 32 766 values a statement may have. */
const rowsAtOnce = 500;

const columns = ["id", "revision", "updated_at", "retired_at", "sheet"] as const;

/** A shelf of the library: panels and inputs are kept alike, each sheet validated on the way out as on the way in.
 *  `upgrade` brings sheets kept by an older version to today's shape; `inPlans` is the list of a plan that holds copies. */
function shelf<Sheet extends { name: string }>(
  table: "panel" | "input",
  inPlans: "panels" | "inputs",
  schema: z.ZodType<Sheet>,
  upgrade: (older: unknown) => unknown,
) {
  const toRecord = (row: Row, uses: ReadonlyMap<string, PlanUse[]>): LibraryRecord<Sheet> => ({
    id: row.id,
    revision: row.revision,
    updatedAt: row.updated_at,
    retired: row.retired_at !== null,
    usedBy: uses.get(row.id) ?? [],
    sheet: schema.parse(upgrade(JSON.parse(row.sheet))),
  });

  async function uses(db: Db): Promise<ReadonlyMap<string, PlanUse[]>> {
    const path = `$.${inPlans}`;
    const { rows } = await sql<{ id: string; name: string; sheet_id: string }>`
      select distinct plan.id, plan.name, json_extract(held.value, '$.libraryId') as sheet_id
      from plan, json_each(plan.document, ${path}) as held
      where sheet_id is not null order by plan.name`.execute(db);
    return grouped(rows);
  }

  async function read(db: Db, id: string): Promise<LibraryRecord<Sheet>> {
    const row = await db.selectFrom(table).select(columns).where("id", "=", id).executeTakeFirst();
    if (row === undefined) throw new NotFound(table, id);
    return toRecord(row, await uses(db));
  }

  /** Changes a row if it is still at the revision given; null when it is not. */
  async function write(
    db: Db,
    id: string,
    revision: number,
    values: { name?: string; sheet?: string; retired_at?: string | null; updated_at: string },
  ): Promise<LibraryRecord<Sheet> | null> {
    const updated = await db
      .updateTable(table)
      .set({ ...values, revision: revision + 1 })
      .where("id", "=", id)
      .where("revision", "=", revision)
      .executeTakeFirst();
    const record = await read(db, id);
    return updated.numUpdatedRows > 0n ? record : null;
  }

  return {
    schema,
    read,
    async list(db: Db): Promise<LibraryRecord<Sheet>[]> {
      const rows = await db.selectFrom(table).select(columns).orderBy("name").orderBy("id").execute();
      const used = await uses(db);
      return rows.map((row) => toRecord(row, used));
    },
    /** Puts sheets on the shelf, all of them or none. */
    async add(db: Db, made: readonly { id: string; sheet: Sheet }[], now: string): Promise<void> {
      await db.transaction().execute(async (trx) => {
        for (let from = 0; from < made.length; from += rowsAtOnce) {
          const rows = made.slice(from, from + rowsAtOnce).map(({ id, sheet }) => ({
            id,
            name: sheet.name,
            revision: 1,
            sheet: JSON.stringify(sheet),
            created_at: now,
            updated_at: now,
            retired_at: null,
          }));
          await trx.insertInto(table).values(rows).execute();
        }
      });
    },
    replace: (db: Db, { id, revision, sheet, now }: { id: string; revision: number; sheet: Sheet; now: string }) =>
      write(db, id, revision, { name: sheet.name, sheet: JSON.stringify(sheet), updated_at: now }),
    retire: (db: Db, { id, revision, retired, now }: { id: string; revision: number; retired: boolean; now: string }) =>
      write(db, id, revision, { retired_at: retired ? now : null, updated_at: now }),
    /** Removes a sheet if it is still at the revision given. Plans keep their own copies. */
    async remove(db: Db, id: string, revision: number): Promise<boolean> {
      const deleted = await db
        .deleteFrom(table)
        .where("id", "=", id)
        .where("revision", "=", revision)
        .executeTakeFirst();
      if (deleted.numDeletedRows > 0n) return true;
      await read(db, id);
      return false;
    },
  };
}

function grouped(rows: readonly { id: string; name: string; sheet_id: string }[]): ReadonlyMap<string, PlanUse[]> {
  const found = new Map<string, PlanUse[]>();
  for (const { id, name, sheet_id } of rows) found.set(sheet_id, [...(found.get(sheet_id) ?? []), { id, name }]);
  return found;
}

export const panelShelf = shelf("panel", "panels", labelSchema, labelFromVersion2);
export const inputShelf = shelf("input", "inputs", deviceSchema, deviceFromAnyVersion);
