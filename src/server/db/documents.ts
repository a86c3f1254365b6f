import "server-only";
import { isDeepStrictEqual } from "node:util";
import { applyPatch, createPatch, type Operation, type Pointer } from "rfc6902";
import { digestOfChange, digestOfSnapshot, sealed, spoiledWords } from "./digest";
import { type Db } from "./open";
import { type PlanChangeTable, type PlanSnapshotTable } from "./tables";

/**
 * A plan's document on disk: a snapshot, and the changes since as JSON Patches. An edit writes its change only; once the
 * changes have become as much to read as the document, a new snapshot is written and old changes go. Each has its digest.
 */

/** Changes read for a document before it is written out anew. */
const maxSinceSnapshot = 40;
/** Revisions whose changes are kept, so that a stale writer can be told what changed under it. */
const keptRevisions = 200;

/** A stored document that cannot be put together again. */
export class BrokenDocument extends Error {
  constructor(readonly detail: string) {
    super(detail);
    this.name = "BrokenDocument";
  }
}

/** How far a plan's document is whole: its last revision that can be put together, and why not the next. */
export type Whole = { readonly whole: number | null; readonly document: unknown; readonly detail: string | null };

/**
 * Puts a plan's document together as far as it is whole: from its last snapshot, or where that is spoiled from the one before it,
 * and the changes since. Nothing spoiled takes part: every row is held against its digest.
 */
export async function wholeRevision(db: Db, planId: string): Promise<Whole> {
  const snapshots = await db
    .selectFrom("plan_snapshot")
    .selectAll()
    .where("plan_id", "=", planId)
    .orderBy("revision", "desc")
    .execute();
  let best: Whole = { whole: null, document: null, detail: "its document is missing" };
  for (const snapshot of snapshots) {
    const found = onFrom(snapshot, await changesAfter(db, planId, snapshot.revision));
    if (found.detail === null) return found;
    if ((found.whole ?? 0) > (best.whole ?? 0)) best = found;
    else if (best.whole === null) best = { ...best, detail: found.detail };
  }
  return best;
}

/** A snapshot and the changes after it, one after another, up to the first that is missing, spoiled or does not fit. */
function onFrom(snapshot: PlanSnapshotTable, changes: readonly PlanChangeTable[]): Whole {
  if (snapshot.digest !== digestOfSnapshot(snapshot))
    return { whole: null, document: null, detail: `its snapshot of revision ${snapshot.revision}: ${spoiledWords}` };
  let whole: number | null = null;
  try {
    const document = parse(snapshot.document);
    whole = snapshot.revision;
    for (const change of changes) {
      applyTo(document, whole, change);
      whole = change.revision;
    }
    return { whole, document, detail: null };
  } catch (error) {
    if (!(error instanceof BrokenDocument)) throw error;
    const { detail } = error;
    if (whole === null) return { whole, document: null, detail };
    // what does not fit may have been put in by half: made again without it
    const upTo = whole;
    return {
      ...onFrom(
        snapshot,
        changes.filter(({ revision }) => revision <= upTo),
      ),
      detail,
    };
  }
}

/** Makes a document that of the next revision, where it is, or says why not. */
function applyTo(document: unknown, whole: number, change: PlanChangeTable): void {
  if (change.revision !== whole + 1) throw new BrokenDocument(`the change to revision ${whole + 1} is missing`);
  const name = `the change to revision ${change.revision}`;
  if (change.digest !== digestOfChange(change)) throw new BrokenDocument(`${name}: ${spoiledWords}`);
  if (applyPatch(document, parse(change.patch) as Operation[]).some((failure) => failure !== null))
    throw new BrokenDocument(`${name} does not fit`);
}

/** Writes a plan's first document. */
export async function writeFirst(trx: Db, planId: string, document: unknown): Promise<void> {
  await writeSnapshot(trx, planId, 1, document);
}

async function writeSnapshot(trx: Db, planId: string, revision: number, document: unknown): Promise<void> {
  const row = { plan_id: planId, revision, document: JSON.stringify(document) };
  await trx.insertInto("plan_snapshot").values(sealed(row, digestOfSnapshot)).execute();
}

/** Writes what changes a plan's document into another, as a revision. */
export async function writeChange(
  trx: Db,
  { planId, revision, from, to, now }: { planId: string; revision: number; from: unknown; to: unknown; now: string },
): Promise<void> {
  const patch = createPatch(from, to, wholeLists);
  const text = JSON.stringify(patch);
  const change = { plan_id: planId, revision, patch: text, saved_at: now };
  await trx.insertInto("plan_change").values(sealed(change, digestOfChange)).execute();
  const [snapshot, before] = await trx
    .selectFrom("plan_snapshot")
    .select(["revision", (of) => of.fn<number>("length", ["document"]).as("size")])
    .where("plan_id", "=", planId)
    .orderBy("revision", "desc")
    .execute();
  if (snapshot === undefined) throw new BrokenDocument("its document is missing");
  const since = await trx
    .selectFrom("plan_change")
    .select((of) => [
      of.fn.countAll<number>().as("count"),
      of.fn<number>("sum", [of.fn("length", ["patch"])]).as("size"),
    ])
    .where("plan_id", "=", planId)
    .where("revision", ">", snapshot.revision)
    .executeTakeFirstOrThrow();
  const again = parse(JSON.stringify(from));
  // a change that does not lead there when read again is never relied upon
  const fits =
    applyPatch(again, parse(text) as Operation[]).every((failure) => failure === null) && isDeepStrictEqual(again, to);
  // other databases give sums and counts as text
  if (fits && Number(since.count) <= maxSinceSnapshot && Number(since.size) <= snapshot.size) return;
  await writeSnapshot(trx, planId, revision, to);
  // two are kept: one that is spoiled is made again from the one before it
  if (before !== undefined)
    await trx
      .deleteFrom("plan_snapshot")
      .where("plan_id", "=", planId)
      .where("revision", "<=", before.revision)
      .execute();
  await trx
    .deleteFrom("plan_change")
    .where("plan_id", "=", planId)
    .where("revision", "<=", Math.min(revision - keptRevisions, snapshot.revision))
    .execute();
}

/** Where a plan's document changed after a revision, as paths such as "wirings.0.note"; null when that is no longer kept, or spoiled. */
export async function changedSince(db: Db, planId: string, revision: number, now: number): Promise<string[] | null> {
  const changes = await changesAfter(db, planId, revision);
  if (changes.length !== now - revision || changes.some((each) => each.digest !== digestOfChange(each))) return null;
  const paths = changes.flatMap(({ patch }) => (parse(patch) as Operation[]).map(({ path }) => dotted(path)));
  return [...new Set(paths)];
}

/** Longest stretch of two lists that is compared item by item: what that takes grows with its square. */
const maxCompared = 24;

/** Lists that differ over a long stretch are written out whole; everything else is left to the package. */
const wholeLists: NonNullable<Parameters<typeof createPatch>[2]> = (from: unknown, to: unknown, pointer: Pointer) => {
  if (!Array.isArray(from) || !Array.isArray(to)) return undefined;
  const [shorter, longer] = [Math.min(from.length, to.length), Math.max(from.length, to.length)];
  let head = 0;
  while (head < shorter && isDeepStrictEqual(from[head], to[head])) head += 1;
  let tail = 0;
  while (tail < shorter - head && isDeepStrictEqual(from.at(-1 - tail), to.at(-1 - tail))) tail += 1;
  return longer - head - tail <= maxCompared
    ? undefined
    : [{ op: "replace" as const, path: pointer.toString(), value: to as unknown[] }];
};

function changesAfter(db: Db, planId: string, revision: number) {
  return db
    .selectFrom("plan_change")
    .selectAll()
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
