import { spawnSync } from "node:child_process";
import { readOptions } from "./options.mjs";
import { ensureBuilt, ensureInstalled, root } from "./setup.mjs";

/** Reads a whole data folder and says what in it is not as it was written: `npm run check`, with the options of the server to say whose. */
const { dataDir } = readOptions(process.argv.slice(2));
await ensureInstalled();
await ensureBuilt();
const { checkFile } = await import("./serving/bundle-server.mjs");
const { status } = spawnSync(process.execPath, [checkFile, dataDir], { cwd: root, stdio: "inherit" });
process.exit(status ?? 1);
