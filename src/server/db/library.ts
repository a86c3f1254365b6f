import "server-only";
import { type z, ZodError } from "zod";
import { type UnreadableSheet } from "@/api";
import { deviceFromAnyVersion, deviceSchema, faultOf, labelFromAnyVersion, labelSchema } from "@/core/plan";
import { digestOfSheet, sealed } from "./digest";
import { type Db } from "./open";
import { NotFound, Spoiled } from "./problem";
import { type LibraryTable } from "./tables";

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

/** What lies on a shelf. */
export type ShelfList<Sheet> = {
  readonly records: LibraryRecord<Sheet>[];
  /** Stored sheets that no longer read: told with the rest, never hiding it, and left untouched. */
  readonly unreadable: UnreadableSheet[];
};

/** Rows written by one statement: each takes eight of the 32 766 values a statement may have. */
const rowsAtOnce = 500;

/** A shelf of the library: panels and inputs are kept alike, each sheet validated on the way out as on the way in.
 *  `upgrade` brings sheets kept by an older version to today's shape; `inPlans` is the list of a plan that holds copies. */
function shelf<Sheet extends { name: string }>(
  table: "panel" | "input",
  inPlans: "panels" | "inputs",
  schema: z.ZodType<Sheet>,
  upgrade: (older: unknown) => unknown,
) {
  const toRecord = (row: LibraryTable, uses: ReadonlyMap<string, PlanUse[]>): LibraryRecord<Sheet> => ({
    id: row.id,
    revision: row.revision,
    updatedAt: row.updated_at,
    retired: row.retired_at !== null,
    usedBy: uses.get(row.id) ?? [],
    sheet: schema.parse(upgrade(JSON.parse(wholeRow(row).sheet))),
  });

  async function uses(db: Db): Promise<ReadonlyMap<string, PlanUse[]>> {
    const rows = await db
      .selectFrom("plan_sheet")
      .innerJoin("plan", "plan.id", "plan_sheet.plan_id")
      .select(["plan.id", "plan.name", "plan_sheet.sheet_id"])
      .where("plan_sheet.shelf", "=", inPlans)
      .orderBy("plan.name")
      .execute();
    return grouped(rows);
  }

  async function read(db: Db, id: string): Promise<LibraryRecord<Sheet>> {
    return toRecord(await rowOf(db, id), await uses(db));
  }

  async function rowOf(db: Db, id: string): Promise<LibraryTable> {
    const row = await db.selectFrom(table).selectAll().where("id", "=", id).executeTakeFirst();
    if (row === undefined) throw new NotFound(table, id);
    return row;
  }

  /** Changes a row if it is still at the revision given; null when it is not. */
  async function write(
    db: Db,
    id: string,
    revision: number,
    values: Partial<LibraryTable>,
  ): Promise<LibraryRecord<Sheet> | null> {
    return db.transaction().execute(async (trx) => {
      if (!(await writeIn(trx, id, revision, values))) return null;
      return read(trx, id);
    });
  }

  async function writeIn(trx: Db, id: string, revision: number, values: Partial<LibraryTable>): Promise<boolean> {
    const row = await rowOf(trx, id);
    if (row.revision !== revision) return false;
    // what is spoiled is written over wholly or not at all
    if (values.sheet === undefined) wholeRow(row);
    await trx
      .updateTable(table)
      .set(sealed({ ...row, ...values, revision: revision + 1 }, digestOfSheet))
      .where("id", "=", id)
      .execute();
    return true;
  }

  return {
    schema,
    read,
    async list(db: Db): Promise<ShelfList<Sheet>> {
      const rows = await db.selectFrom(table).selectAll().orderBy("name").orderBy("id").execute();
      const used = await uses(db);
      const records: LibraryRecord<Sheet>[] = [];
      const unreadable: UnreadableSheet[] = [];
      for (const row of rows) {
        try {
          records.push(toRecord(row, used));
        } catch (error) {
          const { id, name, revision } = row;
          unreadable.push({ id, name, revision, problem: problemOf(error) });
        }
      }
      return { records, unreadable };
    },
    async isEmpty(db: Db): Promise<boolean> {
      return (await db.selectFrom(table).select("id").limit(1).execute()).length === 0;
    },
    /** Puts sheets on the shelf, all of them or none. */
    async add(db: Db, made: readonly { id: string; sheet: Sheet }[], now: string): Promise<void> {
      await db.transaction().execute(async (trx) => {
        for (let from = 0; from < made.length; from += rowsAtOnce) {
          const rows = made
            .slice(from, from + rowsAtOnce)
            .map(({ id, sheet }) => ({
              id,
              name: sheet.name,
              revision: 1,
              sheet: JSON.stringify(sheet),
              created_at: now,
              updated_at: now,
              retired_at: null,
            }))
            .map((row) => sealed(row, digestOfSheet));
          await trx.insertInto(table).values(rows).execute();
        }
      });
    },
    replace: (db: Db, { id, revision, sheet, now }: { id: string; revision: number; sheet: Sheet; now: string }) =>
      write(db, id, revision, { name: sheet.name, sheet: JSON.stringify(sheet), updated_at: now }),
    /** Retires sheets or brings them back, all of them or none; false: one is at another revision. */
    retire: (
      db: Db,
      { sheets, retired, now }: { sheets: readonly { id: string; revision: number }[]; retired: boolean; now: string },
    ): Promise<boolean> =>
      db.transaction().execute(async (trx) => {
        for (const { id, revision } of sheets) if ((await rowOf(trx, id)).revision !== revision) return false;
        for (const { id, revision } of sheets)
          await writeIn(trx, id, revision, { retired_at: retired ? now : null, updated_at: now });
        return true;
      }),
    /** Removes a sheet if it is still at the revision given. Plans keep their own copies. */
    async remove(db: Db, id: string, revision: number): Promise<boolean> {
      const deleted = await db
        .deleteFrom(table)
        .where("id", "=", id)
        .where("revision", "=", revision)
        .executeTakeFirst();
      if (deleted.numDeletedRows > 0n) return true;
      await rowOf(db, id);
      return false;
    },
  };
}

/** A row as it was written. Throws Spoiled. */
function wholeRow(row: LibraryTable): LibraryTable {
  if (row.digest !== digestOfSheet(row)) throw new Spoiled(`“${row.name}”`);
  return row;
}

function problemOf(error: unknown): string {
  if (error instanceof ZodError) {
    const { path, problem } = faultOf(error, null);
    return `${path}: ${problem}`;
  }
  return error instanceof Error ? error.message : String(error);
}

function grouped(rows: readonly { id: string; name: string; sheet_id: string }[]): ReadonlyMap<string, PlanUse[]> {
  const found = new Map<string, PlanUse[]>();
  for (const { id, name, sheet_id } of rows) found.set(sheet_id, [...(found.get(sheet_id) ?? []), { id, name }]);
  return found;
}

export const panelShelf = shelf("panel", "panels", labelSchema, labelFromAnyVersion);
export const inputShelf = shelf("input", "inputs", deviceSchema, deviceFromAnyVersion);
