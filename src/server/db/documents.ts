import "server-only";
import { isDeepStrictEqual } from "node:util";
import { applyPatch, createPatch, type Operation, type Pointer } from "rfc6902";
import { type Db } from "./open";

/**
 * A plan's document on disk: a snapshot, and the changes since as JSON Patches. An edit writes its change only; once the
 * changes have become as much to read as the document, a new snapshot is written and old changes go.
 */

/** Changes read for a document before it is written out anew. */
const mostSinceSnapshot = 40;
/** Revisions whose changes are kept, so that a stale writer can be told what changed under it. */
const keptRevisions = 200;

/** A stored document that cannot be put together again. */
export class BrokenDocument extends Error {
  constructor(readonly detail: string) {
    super(detail);
    this.name = "BrokenDocument";
  }
}

/** A plan's document as JSON, of whatever version it was written by. Throws BrokenDocument. */
export async function readDocument(db: Db, planId: string): Promise<unknown> {
  const snapshot = await db
    .selectFrom("plan_snapshot")
    .select(["revision", "document"])
    .where("plan_id", "=", planId)
    .executeTakeFirst();
  if (snapshot === undefined) throw new BrokenDocument("its document is missing");
  const changes = await changesAfter(db, planId, snapshot.revision);
  const document = parse(snapshot.document);
  for (const { revision, patch } of changes) {
    const failures = applyPatch(document, parse(patch) as Operation[]).filter((failure) => failure !== null);
    if (failures.length > 0) throw new BrokenDocument(`the change to revision ${revision} does not fit`);
  }
  return document;
}

/** Writes a plan's first document. */
export async function writeFirst(trx: Db, planId: string, document: unknown): Promise<void> {
  await trx
    .insertInto("plan_snapshot")
    .values({ plan_id: planId, revision: 1, document: JSON.stringify(document) })
    .execute();
}

/** Writes what changes a plan's document into another, as a revision. */
export async function writeChange(
  trx: Db,
  { planId, revision, from, to, now }: { planId: string; revision: number; from: unknown; to: unknown; now: string },
): Promise<void> {
  const patch = createPatch(from, to, wholeLists);
  const text = JSON.stringify(patch);
  await trx.insertInto("plan_change").values({ plan_id: planId, revision, patch: text, saved_at: now }).execute();
  const snapshot = await trx
    .selectFrom("plan_snapshot")
    .select(["revision", (of) => of.fn<number>("length", ["document"]).as("size")])
    .where("plan_id", "=", planId)
    .executeTakeFirstOrThrow();
  const since = await trx
    .selectFrom("plan_change")
    .select((of) => [
      of.fn.countAll<number>().as("count"),
      of.fn<number>("sum", [of.fn("length", ["patch"])]).as("size"),
    ])
    .where("plan_id", "=", planId)
    .where("revision", ">", snapshot.revision)
    .executeTakeFirstOrThrow();
  const again = structuredClone(from);
  // a change that does not lead there when read again is never relied upon
  const fits =
    applyPatch(again, parse(text) as Operation[]).every((failure) => failure === null) && isDeepStrictEqual(again, to);
  if (fits && since.count <= mostSinceSnapshot && since.size <= snapshot.size) return;
  await trx
    .updateTable("plan_snapshot")
    .set({ revision, document: JSON.stringify(to) })
    .where("plan_id", "=", planId)
    .execute();
  await trx
    .deleteFrom("plan_change")
    .where("plan_id", "=", planId)
    .where("revision", "<=", revision - keptRevisions)
    .execute();
}

/** Where a plan's document changed after a revision, as paths such as "wirings.0.note"; null when that is no longer kept. */
export async function changedSince(db: Db, planId: string, revision: number, now: number): Promise<string[] | null> {
  const changes = await changesAfter(db, planId, revision);
  if (changes.length !== now - revision) return null;
  const paths = changes.flatMap(({ patch }) => (parse(patch) as Operation[]).map(({ path }) => dotted(path)));
  return [...new Set(paths)];
}

/** Longest stretch of two lists that is compared item by item: what that takes grows with its square. */
const mostCompared = 24;

/** Lists that differ over a long stretch are written out whole; everything else is left to the package. */
const wholeLists: NonNullable<Parameters<typeof createPatch>[2]> = (from: unknown, to: unknown, pointer: Pointer) => {
  if (!Array.isArray(from) || !Array.isArray(to)) return undefined;
  const [shorter, longer] = [Math.min(from.length, to.length), Math.max(from.length, to.length)];
  let head = 0;
  while (head < shorter && isDeepStrictEqual(from[head], to[head])) head += 1;
  let tail = 0;
  while (tail < shorter - head && isDeepStrictEqual(from.at(-1 - tail), to.at(-1 - tail))) tail += 1;
  return longer - head - tail <= mostCompared
    ? undefined
    : [{ op: "replace" as const, path: pointer.toString(), value: to as unknown[] }];
};

function changesAfter(db: Db, planId: string, revision: number) {
  return db
    .selectFrom("plan_change")
    .select(["revision", "patch"])
    .where("plan_id", "=", planId)
    .where("revision", ">", revision)
    .orderBy("revision")
    .execute();
}

function dotted(pointer: string): string {
  return pointer
    .slice(1)
    .split("/")
    .map((part) => part.replaceAll("~1", "/").replaceAll("~0", "~"))
    .join(".");
}

function parse(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch (error) {
    throw new BrokenDocument(error instanceof Error ? error.message : "it is no JSON");
  }
}
