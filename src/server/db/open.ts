import "server-only";
import { existsSync, mkdirSync, openSync, readSync, closeSync, statSync } from "node:fs";
import path from "node:path";
import Database from "better-sqlite3";
import { Kysely, Migrator, SqliteDialect } from "kysely";
import { migrations } from "./migrations";
import { DatabaseProblem } from "./problem";
import { type Tables } from "./tables";

export type Db = Kysely<Tables>;

export const databaseFileName = "golden-array.db";
const sqliteMagic = "SQLite format 3\0";

/**
 * Opens the database in a data folder, making it if there is none, and brings it up to date.
 * A file that is not ours, is damaged, or comes from a newer version is reported and left untouched.
 */
export async function openDatabase(dataDir: string, known: typeof migrations = migrations): Promise<Db> {
  const file = path.join(dataDir, databaseFileName);
  try {
    mkdirSync(dataDir, { recursive: true });
  } catch (error) {
    throw new DatabaseProblem(
      "unwritable",
      `The data folder ${dataDir} cannot be made (${reasonOf(error)}). Choose another with --data DIR.`,
    );
  }
  refuseForeignFile(file);
  const sqlite = openSqlite(file);
  try {
    refuseDamage(sqlite, file);
    const db: Db = new Kysely<Tables>({ dialect: new SqliteDialect({ database: sqlite }) });
    await migrate(db, sqlite, file, known);
    return db;
  } catch (error) {
    sqlite.close();
    throw error;
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
    const sqlite = new Database(file);
    // FULL with WAL: a write is on the disk before it is acknowledged, and readers never wait
    sqlite.pragma("journal_mode = WAL");
    sqlite.pragma("synchronous = FULL");
    sqlite.pragma("foreign_keys = ON");
    sqlite.pragma("busy_timeout = 5000");
    return sqlite;
  } catch (error) {
    if (isCorruption(error)) throw damaged(file, reasonOf(error));
    throw new DatabaseProblem(
      "unwritable",
      `The database ${file} cannot be opened (${reasonOf(error)}). Check the folder's permissions or choose another with --data DIR.`,
    );
  }
}

function refuseDamage(sqlite: Database.Database, file: string): void {
  let verdict: unknown;
  try {
    verdict = sqlite.pragma("quick_check(1)", { simple: true });
  } catch (error) {
    throw damaged(file, reasonOf(error));
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
    throw new DatabaseProblem(
      "unmigrated",
      `The database ${file} could not be brought up to date (${reasonOf(error)}). It is as it was; a copy from before lies beside it.`,
    );
  }
}

function executedMigrations(sqlite: Database.Database): string[] {
  const table = sqlite.prepare("select 1 from sqlite_master where type = 'table' and name = 'kysely_migration'").get();
  if (table === undefined) return [];
  return sqlite.prepare("select name from kysely_migration order by name").pluck().all().map(String);
}

function damaged(file: string, detail: string): DatabaseProblem {
  return new DatabaseProblem(
    "corrupt",
    `The database ${file} is damaged (${detail}). It was left untouched: keep it, put back a copy of yours or a file named ${databaseFileName}.before-… from the same folder, or start afresh with --data DIR.`,
  );
}

function isCorruption(error: unknown): boolean {
  return (
    error instanceof Database.SqliteError && (error.code.startsWith("SQLITE_CORRUPT") || error.code === "SQLITE_NOTADB")
  );
}

function reasonOf(error: unknown): string {
  return error instanceof Error ? error.message : String(error);
}
