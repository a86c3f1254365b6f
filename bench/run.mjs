import path from "node:path";
import { ensureBuilt, ensureInstalled, root, run } from "../scripts/setup.mjs";

/** Prints the figures of the engine and of the interface. It judges nothing. */
ensureInstalled();
ensureBuilt();
for (const file of ["engine.ts", "interface.ts"]) run(process.execPath, ["--import", "tsx", path.join(root, "bench", file)]);
