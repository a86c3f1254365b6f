import "server-only";
import { type Plan, type PlanFault, differences, readPlanText } from "@/core/plan";
import { type Db } from "./open";
import { NotFound } from "./problem";
import { type PlanTable } from "./tables";

export type PlanRecord = {
  readonly id: string;
  readonly revision: number;
  readonly createdAt: string;
  readonly updatedAt: string;
  readonly plan: Plan;
};
export type PlanHeader = Omit<PlanRecord, "plan"> & { readonly name: string; readonly archived: boolean };

/** A write either lands as the next revision or meets one it did not know of. */
export type WriteResult =
  | { readonly type: "saved"; readonly record: PlanRecord }
  | {
      readonly type: "stale";
      readonly current: PlanRecord;
      /** null when the revision written from is no longer kept */ readonly changed: readonly string[] | null;
    };

/** Revisions kept for each plan, so that a stale tab can be told what changed under it. */
const keptRevisions = 200;

/** A stored document that no longer reads: never shown half, never overwritten. */
export class UnreadablePlan extends Error {
  constructor(
    readonly id: string,
    readonly fault: PlanFault,
  ) {
    super(`The stored plan "${id}" cannot be read.`);
    this.name = "UnreadablePlan";
  }
}

export async function listPlans(db: Db): Promise<PlanHeader[]> {
  const rows = await db
    .selectFrom("plan")
    .select(["id", "name", "revision", "created_at", "updated_at", "archived_at"])
    .orderBy("updated_at", "desc")
    .orderBy("id")
    .execute();
  return rows.map((row) => ({
    id: row.id,
    name: row.name,
    revision: row.revision,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    archived: row.archived_at !== null,
  }));
}

export async function readPlanRecord(db: Db, id: string): Promise<PlanRecord> {
  return toRecord(await planRow(db, id));
}

export async function createPlan(db: Db, made: { id: string; plan: Plan; now: string }): Promise<PlanRecord> {
  const { id, plan, now } = made;
  const document = JSON.stringify(plan);
  await db.transaction().execute(async (trx) => {
    await trx
      .insertInto("plan")
      .values({ id, name: plan.name, revision: 1, document, created_at: now, updated_at: now, archived_at: null })
      .execute();
    await trx.insertInto("plan_revision").values({ plan_id: id, revision: 1, document, saved_at: now }).execute();
  });
  return { id, revision: 1, createdAt: now, updatedAt: now, plan };
}

/** Replaces a plan if it is still at the revision the writer started from. */
export async function replacePlan(
  db: Db,
  write: { id: string; revision: number; plan: Plan; now: string },
): Promise<WriteResult> {
  const { id, revision, plan, now } = write;
  return db.transaction().execute(async (trx) => {
    const row = await planRow(trx, id);
    if (row.revision !== revision) return staleAgainst(trx, row, revision);
    const next = revision + 1;
    const document = JSON.stringify(plan);
    await trx
      .updateTable("plan")
      .set({ name: plan.name, revision: next, document, updated_at: now })
      .where("id", "=", id)
      .execute();
    await trx.insertInto("plan_revision").values({ plan_id: id, revision: next, document, saved_at: now }).execute();
    await trx
      .deleteFrom("plan_revision")
      .where("plan_id", "=", id)
      .where("revision", "<=", next - keptRevisions)
      .execute();
    return { type: "saved", record: { id, revision: next, createdAt: row.created_at, updatedAt: now, plan } };
  });
}

/** Puts a plan away, or brings it back; the plan itself and its revision stay as they are. */
export async function archivePlan(db: Db, id: string, archived: boolean, now: string): Promise<void> {
  const done = await db
    .updateTable("plan")
    .set({ archived_at: archived ? now : null })
    .where("id", "=", id)
    .executeTakeFirst();
  if (done.numUpdatedRows === 0n) throw new NotFound("plan", id);
}

/** Deletes a plan if it is still at the revision the person saw. */
export async function deletePlan(
  db: Db,
  id: string,
  revision: number,
): Promise<{ readonly type: "deleted" } | Extract<WriteResult, { type: "stale" }>> {
  return db.transaction().execute(async (trx) => {
    const row = await planRow(trx, id);
    if (row.revision !== revision) return staleAgainst(trx, row, revision);
    await trx.deleteFrom("plan").where("id", "=", id).execute();
    return { type: "deleted" };
  });
}

async function planRow(db: Db, id: string): Promise<PlanTable> {
  const row = await db.selectFrom("plan").selectAll().where("id", "=", id).executeTakeFirst();
  if (row === undefined) throw new NotFound("plan", id);
  return row;
}

async function staleAgainst(
  db: Db,
  row: PlanTable,
  revision: number,
): Promise<Extract<WriteResult, { type: "stale" }>> {
  const base = await db
    .selectFrom("plan_revision")
    .select("document")
    .where("plan_id", "=", row.id)
    .where("revision", "=", revision)
    .executeTakeFirst();
  const current = toRecord(row);
  // a base kept by an older version is compared as it would read today
  const from = base === undefined ? null : readPlanText(base.document);
  const changed = from?.type === "plan" ? differences(from.plan, current.plan) : null;
  return { type: "stale", current, changed };
}

function toRecord(row: PlanTable): PlanRecord {
  const reading = readPlanText(row.document);
  if (reading.type === "fault") throw new UnreadablePlan(row.id, reading.fault);
  return {
    id: row.id,
    revision: row.revision,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    plan: reading.plan,
  };
}
