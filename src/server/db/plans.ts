import "server-only";
import { sql } from "kysely";
import { type PlanSearch } from "@/api";
import { type Plan, type PlanFault, readPlan } from "@/core/plan";
import { digestOfPlan, sealed, spoiledWords } from "./digest";
import { changedSince, wholeRevision, writeChange, writeFirst } from "./documents";
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

/** Why a stored document does not read: as a file would not, or as the disk did not keep it. */
export type StoredFault = PlanFault | { readonly type: "spoiled"; readonly detail: string };

/** A stored document that no longer reads: never shown half, never overwritten. `whole`: the last revision that does; null: none. */
export class UnreadablePlan extends Error {
  constructor(
    readonly id: string,
    readonly fault: StoredFault,
    readonly whole: number | null = null,
  ) {
    super(`The stored plan "${id}" cannot be read.`);
    this.name = "UnreadablePlan";
  }
}

/** Some plans; how many have the words in their name, and how many of those are put away. */
type PlanWindow = { readonly plans: PlanHeader[]; readonly found: number; readonly archived: number };
export const allPlans: PlanSearch = { find: "", withArchived: true, from: 0, most: 1_000_000 };

/** Plans with some words in their name, whether put away or not. */
function havingName(db: Db, find: string) {
  const words = find.trim().toLowerCase();
  const pattern = `%${words.replace(/[\\%_]/g, "\\$&")}%`;
  return db
    .selectFrom("plan")
    .$if(words !== "", (all) => all.where(sql<boolean>`name_key like ${pattern} escape '\\'`));
}

/** The plans of a search, the last saved first. */
export async function listPlans(
  db: Db,
  { find, withArchived, from, most }: PlanSearch = allPlans,
): Promise<PlanHeader[]> {
  const rows = await havingName(db, find)
    .$if(!withArchived, (some) => some.where("archived_at", "is", null))
    .selectAll()
    .orderBy("updated_at", "desc")
    // the same way as the time, so that one index has both
    .orderBy("id", "desc")
    .limit(most)
    .offset(from)
    .execute();
  return rows.map((row) => ({
    id: row.id,
    name: isWhole(row) ? row.name : `${row.name} (spoiled on the disk)`,
    revision: row.revision,
    createdAt: row.created_at,
    updatedAt: row.updated_at,
    archived: row.archived_at !== null,
  }));
}

/** The same, and of how many they are. */
export async function findPlans(db: Db, search: PlanSearch): Promise<PlanWindow> {
  const { all, archived } = await havingName(db, search.find)
    .select((of) => [of.fn.countAll<number>().as("all"), of.fn.count<number>("archived_at").as("archived")])
    .executeTakeFirstOrThrow();
  const plans = await listPlans(db, search);
  return { plans, found: Number(search.withArchived ? all : all - archived), archived: Number(archived) };
}

/** Whether there is such a plan, readable or not. */
export async function isPlan(db: Db, id: string): Promise<boolean> {
  return (await db.selectFrom("plan").select("id").where("id", "=", id).executeTakeFirst()) !== undefined;
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
  const row = { id, ...named(plan), revision: 1, created_at: now, updated_at: now, archived_at: null };
  await trx.insertInto("plan").values(sealed(row, digestOfPlan)).execute();
  await writeHeld(trx, id, plan);
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
    const from = await rawOf(trx, row);
    await writeRow(trx, { ...row, ...named(plan), revision: next, updated_at: now });
    await writeHeld(trx, id, plan);
    await writeChange(trx, { planId: id, revision: next, from, to: plan, now });
    return { type: "saved", receipt: { id, revision: next, createdAt: row.created_at, updatedAt: now } };
  });
}

/** Puts a plan away, or brings it back; the plan itself and its revision stay as they are. */
export async function archivePlan(db: Db, id: string, archived: boolean, now: string): Promise<void> {
  await db.transaction().execute(async (trx) => {
    const row = await planRow(trx, id);
    // to write over what is spoiled would make it look whole
    if (!isWhole(row)) await rawOf(trx, row);
    await writeRow(trx, { ...row, archived_at: archived ? now : null });
  });
}

const named = ({ name }: Pick<Plan, "name">) => ({ name, name_key: name.toLowerCase() });

/** Writes a plan's entry in the list. */
async function writeRow(trx: Db, { id, ...row }: PlanTable): Promise<void> {
  await trx
    .updateTable("plan")
    .set(sealed({ id, ...row }, digestOfPlan))
    .where("id", "=", id)
    .execute();
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

async function toRecord(db: Db, row: PlanTable): Promise<PlanRecord> {
  const { id, revision, created_at, updated_at } = row;
  const reading = readPlan(await rawOf(db, row));
  if (reading.type === "fault") throw new UnreadablePlan(id, reading.fault);
  return { id, revision, createdAt: created_at, updatedAt: updated_at, plan: reading.plan };
}

function isWhole(row: PlanTable): boolean {
  return row.digest === digestOfPlan(row);
}

/** A plan's document as it was written, by whatever version. Throws UnreadablePlan. */
async function rawOf(db: Db, row: PlanTable): Promise<unknown> {
  const { whole, document, detail } = await wholeRevision(db, row.id);
  const why = isWhole(row)
    ? whole === row.revision
      ? null
      : (detail ?? "its last change is missing")
    : `its entry in the list: ${spoiledWords}`;
  if (why !== null) throw new UnreadablePlan(row.id, { type: "spoiled", detail: why }, whole);
  return document;
}

/** Makes a new plan of the last whole revision of one that is spoiled; the spoiled one stays as it is. */
export async function rescuePlan(db: Db, id: string, made: { id: string; now: string }): Promise<PlanReceipt> {
  const { whole, document } = await wholeRevision(db, id);
  const reading = readPlan(document);
  if (whole === null || reading.type === "fault") throw new NotFound("whole revision of the plan", id);
  const plan = { ...reading.plan, name: `${reading.plan.name.slice(0, 55)}, revision ${whole}` };
  return createPlan(db, { ...made, plan });
}

/** Writes which library sheets a plan holds copies of. */
async function writeHeld(trx: Db, planId: string, { panels, inputs }: Plan): Promise<void> {
  await trx.deleteFrom("plan_sheet").where("plan_id", "=", planId).execute();
  const idsIn = (list: readonly { readonly libraryId: string | null }[]) => [
    ...new Set(list.flatMap(({ libraryId }) => libraryId ?? [])),
  ];
  const rows = [
    ...idsIn(panels).map((sheet_id) => ({ plan_id: planId, shelf: "panels" as const, sheet_id })),
    ...idsIn(inputs).map((sheet_id) => ({ plan_id: planId, shelf: "inputs" as const, sheet_id })),
  ];
  if (rows.length > 0) await trx.insertInto("plan_sheet").values(rows).execute();
}
