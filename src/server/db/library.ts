import "server-only";
import { type z } from "zod";
import { deviceFromVersion1, deviceSchema, labelSchema } from "@/core/plan";
import { type Db } from "./open";
import { NotFound } from "./problem";

export type LibraryRecord<Sheet> = { readonly id: string; readonly revision: number; readonly updatedAt: string; readonly sheet: Sheet };

/** A shelf of the library: panels and inputs are kept alike, each sheet validated on the way out as on the way in.
 *  `upgrade` brings sheets kept by an older version to today's shape. */
function shelf<Sheet extends { name: string }>(table: "panel" | "input", schema: z.ZodType<Sheet>, upgrade: (older: unknown) => unknown) {
  const toRecord = (row: { id: string; revision: number; updated_at: string; sheet: string }): LibraryRecord<Sheet> => ({
    id: row.id,
    revision: row.revision,
    updatedAt: row.updated_at,
    sheet: schema.parse(upgrade(JSON.parse(row.sheet))),
  });
  const columns = ["id", "revision", "updated_at", "sheet"] as const;

  async function read(db: Db, id: string): Promise<LibraryRecord<Sheet>> {
    const row = await db.selectFrom(table).select(columns).where("id", "=", id).executeTakeFirst();
    if (row === undefined) throw new NotFound(table, id);
    return toRecord(row);
  }

  return {
    schema,
    read,
    async list(db: Db): Promise<LibraryRecord<Sheet>[]> {
      const rows = await db.selectFrom(table).select(columns).orderBy("name").orderBy("id").execute();
      return rows.map(toRecord);
    },
    async create(db: Db, made: { id: string; sheet: Sheet; now: string }): Promise<LibraryRecord<Sheet>> {
      const { id, sheet, now } = made;
      await db.insertInto(table).values({ id, name: sheet.name, revision: 1, sheet: JSON.stringify(sheet), created_at: now, updated_at: now }).execute();
      return { id, revision: 1, updatedAt: now, sheet };
    },
    /** Replaces a sheet if it is still at the revision given; null when it is not. */
    async replace(db: Db, write: { id: string; revision: number; sheet: Sheet; now: string }): Promise<LibraryRecord<Sheet> | null> {
      const { id, revision, sheet, now } = write;
      const updated = await db
        .updateTable(table)
        .set({ name: sheet.name, revision: revision + 1, sheet: JSON.stringify(sheet), updated_at: now })
        .where("id", "=", id)
        .where("revision", "=", revision)
        .executeTakeFirst();
      if (updated.numUpdatedRows > 0n) return { id, revision: revision + 1, updatedAt: now, sheet };
      await read(db, id);
      return null;
    },
    /** Removes a sheet if it is still at the revision given. Plans keep their own copies. */
    async remove(db: Db, id: string, revision: number): Promise<boolean> {
      const deleted = await db.deleteFrom(table).where("id", "=", id).where("revision", "=", revision).executeTakeFirst();
      if (deleted.numDeletedRows > 0n) return true;
      await read(db, id);
      return false;
    },
  };
}

export const panelShelf = shelf("panel", labelSchema, (sheet) => sheet);
export const inputShelf = shelf("input", deviceSchema, deviceFromVersion1);
