import "server-only";
import { type Driver, SqliteDialect } from "kysely";

/**
 * SQLite takes back a transaction by itself when the disk is full or fails. To take it back once more is an error of its own,
 * which would hide what really happened.
 */
export class ForgivingSqliteDialect extends SqliteDialect {
  override createDriver(): Driver {
    const driver = super.createDriver();
    const rollback = driver.rollbackTransaction.bind(driver);
    driver.rollbackTransaction = async (connection) => {
      try {
        await rollback(connection);
      } catch (error) {
        if (!String((error as { message?: unknown }).message).includes("no transaction is active")) throw error;
      }
    };
    return driver;
  }
}
