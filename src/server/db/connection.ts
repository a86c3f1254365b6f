import "server-only";
import path from "node:path";
import { databaseFileName, type Db, openDatabase } from "./open";
import { identityOf, toDatabaseProblem, vanished } from "./disk-errors";

type Opened = { readonly db: Db; readonly identity: string | null; readonly destroy: () => Promise<void> };

/**
 * The one connection of this process. It hangs on globalThis because the framework loads this module
 * once for each bundle of routes, and two connections in one process would defeat the write order.
 */
type Holder = { goldenArrayDatabase?: Promise<Opened> | null };

/** Tries of a write while another program holds the database, and the pause between them, ms: others are served meanwhile. */
const tries = 8;
const pauseMs = 150;

/**
 * Does something with the database. What goes wrong with the disk, the folder or the file is named; nothing is taken for done
 * that is not in the file that lies in the data folder. A database put back from a copy is opened afresh.
 */
export async function withDatabase<T>(work: (db: Db) => Promise<T>): Promise<T> {
  const file = path.join(/*turbopackIgnore: true*/ dataDir(), databaseFileName);
  for (let attempt = 1; ; attempt++) {
    try {
      const { db } = await opened(file);
      const result = await work(db);
      // deleted or exchanged in between: what was written went with it
      await opened(file);
      return result;
    } catch (error) {
      const trouble = toDatabaseProblem(error, file);
      if (trouble === null) throw error;
      if (trouble.kind !== "locked" || attempt === tries) throw trouble;
      await new Promise((resolve) => setTimeout(resolve, pauseMs));
    }
  }
}

/** The connection to the file as it lies there now. */
async function opened(file: string): Promise<Opened> {
  const holder = globalThis as Holder;
  const known = await (holder.goldenArrayDatabase ??= open(file, holder));
  const identity = identityOf(file);
  if (identity === known.identity) return known;
  if (identity === null) throw vanished(file);
  // another file lies there: what this process had open is no longer anybody's data
  holder.goldenArrayDatabase = null;
  await known.destroy().catch(() => undefined);
  throw vanished(file);
}

function open(file: string, holder: Holder): Promise<Opened> {
  const opening = openDatabase(path.dirname(file)).then((db) => ({
    db,
    identity: identityOf(file),
    destroy: () => db.destroy(),
  }));
  // a failed opening is not kept: once the person has fixed the file, the next request tries again
  opening.catch(() => {
    if (holder.goldenArrayDatabase === opening) holder.goldenArrayDatabase = null;
  });
  return opening;
}

function dataDir(): string {
  return process.env["GOLDEN_ARRAY_DATA"] ?? path.join(process.cwd(), ".golden-array", "development");
}
