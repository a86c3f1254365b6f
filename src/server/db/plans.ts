import "server-only";
import { type Plan, type PlanFault, readPlan } from "@/core/plan";
import { BrokenDocument, changedSince, readDocument, writeChange, writeFirst } from "./documents";
import { type Db } from "./open";
import { NotFound } from "./problem";
import { type PlanTable } from "./tables";

/** That a plan is on disk, at which revision. */
export type PlanReceipt = {
  readonly id: string;
  readonly revision: number;
  readonly createdAt: string;
  readonly updatedAt: string;
};
export type PlanRecord = PlanReceipt & { readonly plan: Plan };
export type PlanHeader = PlanReceipt & { readonly name: string; readonly archived: boolean };

/** A write either lands as the next revision or meets one it did not know of. */
export type WriteResult =
  | { readonly type: "saved"; readonly receipt: PlanReceipt }
  | {
      readonly type: "stale";
      readonly current: PlanRecord;
      /** null when what changed since the revision written from is no longer kept */ readonly changed:
        readonly string[] | null;
    };

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
  return toRecord(db, await planRow(db, id));
}

export async function createPlan(db: Db, made: { id: string; plan: Plan; now: string }): Promise<PlanReceipt> {
  return db.transaction().execute((trx) => createPlanIn(trx, made));
}

/** The same as a part of something larger that is written wholly or not at all. */
export async function createPlanIn(trx: Db, made: { id: string; plan: Plan; now: string }): Promise<PlanReceipt> {
  const { id, plan, now } = made;
  await trx
    .insertInto("plan")
    .values({
      id,
      name: plan.name,
      revision: 1,
      holds: holdsOf(plan),
      created_at: now,
      updated_at: now,
      archived_at: null,
    })
    .execute();
  await writeFirst(trx, id, plan);
  return { id, revision: 1, createdAt: now, updatedAt: now };
}

/** Replaces a plan if it is still at the revision the writer started from. What is written is what changes. */
export async function replacePlan(
  db: Db,
  write: { id: string; revision: number; plan: Plan; now: string },
): Promise<WriteResult> {
  const { id, revision, plan, now } = write;
  return db.transaction().execute(async (trx) => {
    const row = await planRow(trx, id);
    if (row.revision !== revision) return staleAgainst(trx, row, revision);
    const next = revision + 1;
    await trx
      .updateTable("plan")
      .set({ name: plan.name, revision: next, holds: holdsOf(plan), updated_at: now })
      .where("id", "=", id)
      .execute();
    await writeChange(trx, { planId: id, revision: next, from: await rawOf(trx, id), to: plan, now });
    return { type: "saved", receipt: { id, revision: next, createdAt: row.created_at, updatedAt: now } };
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
  return {
    type: "stale",
    current: await toRecord(db, row),
    changed: await changedSince(db, row.id, revision, row.revision),
  };
}

async function toRecord(db: Db, { id, revision, created_at, updated_at }: PlanTable): Promise<PlanRecord> {
  const reading = readPlan(await rawOf(db, id));
  if (reading.type === "fault") throw new UnreadablePlan(id, reading.fault);
  return { id, revision, createdAt: created_at, updatedAt: updated_at, plan: reading.plan };
}

/** A plan's document as it was written, by whatever version. */
async function rawOf(db: Db, id: string): Promise<unknown> {
  try {
    return await readDocument(db, id);
  } catch (error) {
    if (error instanceof BrokenDocument) throw new UnreadablePlan(id, { type: "notJson", detail: error.detail });
    throw error;
  }
}

/** The library sheets a plan holds copies of. */
function holdsOf({ panels, inputs }: Plan): string {
  const idsIn = (list: readonly { readonly libraryId: string | null }[]) => [
    ...new Set(list.flatMap(({ libraryId }) => libraryId ?? [])),
  ];
  return JSON.stringify({ panels: idsIn(panels), inputs: idsIn(inputs) });
}
