import "server-only";
import { chmodSync, closeSync, existsSync, mkdirSync, openSync, readdirSync, readSync, statSync } from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { Kysely, Migrator } from "kysely";
import { ForgivingSqliteDialect } from "./dialect";
import { migrations } from "./migrations";
import { DatabaseProblem } from "./problem";
import { damaged, toDatabaseProblem } from "./disk-errors";
import { type Tables } from "./tables";

export type Db = Kysely<Tables>;

export const databaseFileName = "golden-array.db";
/** Longest this process waits for another program's lock, ms; and one that only reads. */
const busyMs = 100;
const readerMs = 5000;
/** Largest file that is checked wholly at each start; a larger one by `npm run check`. */
const maxCheckedBytes = 100_000_000;
const sqliteMagic = "SQLite format 3\0";

/**
 * Opens the database in a data folder, making it if there is none, and brings it up to date.
 * A file that is not ours, is damaged, or comes from a newer version is reported and left untouched.
 */
export async function openDatabase(dataDir: string, known: typeof migrations = migrations): Promise<Db> {
  const file = path.join(dataDir, databaseFileName);
  try {
    mkdirSync(dataDir, { recursive: true, mode: 0o700 });
  } catch (error) {
    throw new DatabaseProblem(
      "unwritable",
      `The data folder ${dataDir} cannot be made (${reasonOf(error)}). Choose another with --data DIR.`,
    );
  }
  refuseForeignFile(file);
  const sqlite = openSqlite(file);
  keepPrivate(dataDir, file);
  try {
    refuseDamage(sqlite, file);
    const db: Db = new Kysely<Tables>({ dialect: new ForgivingSqliteDialect({ database: sqlite }) });
    await migrate(db, sqlite, file, known);
    return db;
  } catch (error) {
    sqlite.close();
    throw toDatabaseProblem(error, file) ?? error;
  }
}

/** Opens a database only to read it, also while a server saves to it: nothing is made, moved or brought up to date. */
export function openToRead(dataDir: string): Db {
  const file = path.join(dataDir, databaseFileName);
  if (!existsSync(file)) throw new DatabaseProblem("unreachable", `There is no database at ${file}.`);
  refuseForeignFile(file);
  try {
    const sqlite = new Database(file, { readonly: true, timeout: readerMs });
    const done = executedMigrations(sqlite);
    if (done.length !== Object.keys(migrations).length) {
      sqlite.close();
      throw new DatabaseProblem(
        "unmigrated",
        `The database ${file} was written by another version. Start Golden Array once with it, then check again.`,
      );
    }
    return new Kysely<Tables>({ dialect: new ForgivingSqliteDialect({ database: sqlite }) });
  } catch (error) {
    throw toDatabaseProblem(error, file) ?? error;
  }
}

/** What was made before it was so: the files, and a folder that holds nothing else, are for their owner alone. */
function keepPrivate(dataDir: string, file: string): void {
  const name = path.basename(file, ".db");
  try {
    const names = readdirSync(dataDir);
    const ours = names.filter((each) => each.startsWith(name) || each.startsWith("phones.json"));
    for (const each of ours) chmodSync(path.join(dataDir, each), 0o600);
    if (ours.length === names.length) chmodSync(dataDir, 0o700);
  } catch {
    // a disk that knows no permissions, or a folder of another's: it is used as it is
  }
}

function refuseForeignFile(file: string): void {
  if (!existsSync(file) || statSync(file).size === 0) return;
  const head = Buffer.alloc(sqliteMagic.length);
  const handle = openSync(file, "r");
  readSync(handle, head, 0, head.length, 0);
  closeSync(handle);
  if (head.toString("latin1") !== sqliteMagic) throw damaged(file, "it does not start like a database");
}

function openSqlite(file: string): Database.Database {
  try {
    const sqlite = new Database(file, { timeout: busyMs });
    // FULL with WAL: a write is on the disk before it is acknowledged, and readers never wait
    sqlite.pragma("journal_mode = WAL");
    sqlite.pragma("synchronous = FULL");
    sqlite.pragma("foreign_keys = ON");
    // short, as all requests wait meanwhile; whoever asks tries again
    sqlite.pragma(`busy_timeout = ${busyMs}`);
    return sqlite;
  } catch (error) {
    throw (
      toDatabaseProblem(error, file) ??
      new DatabaseProblem(
        "unwritable",
        `The database ${file} cannot be opened (${reasonOf(error)}). Check the folder's permissions or choose another with --data DIR.`,
      )
    );
  }
}

function refuseDamage(sqlite: Database.Database, file: string): void {
  let verdict: unknown;
  try {
    // the whole check holds indexes against their tables as well; of a very large file it would take minutes at each start
    const isSmall = statSync(file).size <= maxCheckedBytes;
    verdict = sqlite.pragma(isSmall ? "integrity_check(1)" : "quick_check(1)", { simple: true });
  } catch (error) {
    throw toDatabaseProblem(error, file) ?? error;
  }
  if (verdict !== "ok") throw damaged(file, String(verdict));
}

async function migrate(db: Db, sqlite: Database.Database, file: string, known: typeof migrations): Promise<void> {
  const migrator = new Migrator({ db, provider: { getMigrations: async () => ({ ...known }) } });
  const done = executedMigrations(sqlite);
  const strange = done.find((name) => !(name in known));
  if (strange !== undefined) {
    throw new DatabaseProblem(
      "newer",
      `The database ${file} was made by a newer version of Golden Array (it has "${strange}", which this version does not know). Nothing was changed: update Golden Array, or choose another folder with --data DIR.`,
    );
  }
  const pending = Object.keys(known).filter((name) => !done.includes(name));
  if (pending.length === 0) return;
  if (done.length > 0) await sqlite.backup(`${file}.before-${pending[0]}`);
  const { error } = await migrator.migrateToLatest();
  if (error !== undefined) {
    const trouble = toDatabaseProblem(error, file);
    if (trouble !== null) throw trouble;
    throw new DatabaseProblem(
      "unmigrated",
      `The database ${file} could not be upgraded (${reasonOf(error)}). It is unchanged; a copy from before the upgrade is next to it.`,
    );
  }
}

function executedMigrations(sqlite: Database.Database): string[] {
  const table = sqlite.prepare("select 1 from sqlite_master where type = 'table' and name = 'kysely_migration'").get();
  if (table === undefined) return [];
  return sqlite.prepare("select name from kysely_migration order by name").pluck().all().map(String);
}

function reasonOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
