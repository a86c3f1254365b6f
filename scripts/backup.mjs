import { existsSync } from "node:fs";
import path from "node:path";
import { readOptions, stop } from "./options.mjs";
import { ensureInstalled } from "./setup.mjs";

/**
 * Writes a whole copy of the database into one file, consistent even while the server is running and saving:
 * `npm run backup -- FILE`, with the options of the server to say whose.
 */
const { dataDir, rest } = readOptions(process.argv.slice(2), { withFile: true });
const [target = `golden-array-${new Date().toISOString().slice(0, 10)}.db`] = rest;
const source = path.join(dataDir, "golden-array.db");
if (!existsSync(source)) stop(`There is no database at ${source}. Say where it is with --data DIR, or --demo.`);
if (existsSync(target)) stop(`${target} is there already. Nothing was written over it: name another file.`);
await ensureInstalled();
const { default: Database } = await import("better-sqlite3");
const db = new Database(source, { readonly: true });
try {
  await db.backup(target);
} catch (error) {
  stop(`The copy could not be written to ${target}: ${error instanceof Error ? error.message : error}`);
}
db.close();
console.log(`${path.resolve(target)} holds all plans and the library as of now.`);
console.log(
  "To use it, stop the server and put it in the data folder as golden-array.db, with no other golden-array.db… beside it.",
);
