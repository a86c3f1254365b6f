import path from "node:path";
import { build } from "esbuild";

/**
 * Runs a TypeScript program of this project that needs nothing but the core: bundled in memory, then run.
 * Loaded file by file its calls from module to module would go through accessors, which makes the engine half as fast.
 */
const [entry, ...args] = process.argv.slice(2);
if (entry === undefined) throw new Error("usage: node scripts/bundled.mjs FILE [argument…]");
const { outputFiles } = await build({
  entryPoints: [entry],
  bundle: true,
  write: false,
  platform: "node",
  format: "esm",
  target: "node20",
  logLevel: "error",
});
process.argv = [process.execPath, path.resolve(entry), ...args];
await import(`data:text/javascript;base64,${Buffer.from(outputFiles[0]?.contents ?? "").toString("base64")}`);
