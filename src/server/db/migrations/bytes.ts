import { type Kysely, PostgresAdapter } from "kysely";

/** What a database calls a column of bytes: the one word of a migration that is not the same for all. */
export function bytesType(db: Kysely<unknown>): "blob" | "bytea" {
  return db.getExecutor().adapter instanceof PostgresAdapter ? "bytea" : "blob";
}
