import { mkdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";

/**
 * One server to a data folder. The lock is one of the operating system's on a small file, held through a database
 * connection of its own: it goes with the process that holds it, however that ends.
 * @param {string} dataDir
 * @param {string} url where this server will answer
 * @returns {Promise<string | null>} why the folder cannot be had, or null
 */
export async function lockDataFolder(dataDir, url) {
  const { default: Database } = await import("better-sqlite3");
  const noteFile = path.join(dataDir, "golden-array.lock.txt");
  try {
    mkdirSync(dataDir, { recursive: true });
    const lock = new Database(path.join(dataDir, "golden-array.lock"), { timeout: 200 });
    lock.exec("begin exclusive");
    // kept from the collector: the lock is held as long as the connection is
    Object.assign(globalThis, { goldenArrayFolderLock: lock });
    writeFileSync(noteFile, `Held by process ${process.pid}, which serves ${url}\n`);
    return null;
  } catch (error) {
    const code = error instanceof Error && "code" in error ? String(error.code) : "";
    if (!code.startsWith("SQLITE_BUSY"))
      return `The data folder ${dataDir} cannot be used (${error instanceof Error ? error.message : error}). Check its permissions and the disk, or choose another with --data DIR.`;
    return `Another Golden Array uses the data folder ${dataDir} already (${noteIn(noteFile)}). Stop that one, open its address, or choose another folder with --data DIR.`;
  }
}

function noteIn(/** @type {string} */ file) {
  try {
    return readFileSync(file, "utf8").trim().toLowerCase();
  } catch {
    return "its address is not known";
  }
}
