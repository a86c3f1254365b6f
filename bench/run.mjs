import path from "node:path";
import { ensureBuilt, ensureInstalled, root, run } from "../scripts/setup.mjs";

/** Prints the figures of the engine and of the interface. It judges nothing. `npm run bench board` prints those of one of them alone. */
await ensureInstalled();
// imported here: it is there only once packages are installed
const { build } = await import("esbuild");
const wanted = process.argv.slice(2);
/** Those that look at the interface itself need it built. */
const ofInterface = ["interface", "board", "library", "log", "scale"];
for (const name of ["engine", "year", "roof", "find", "protect", "prove", "reading", "crowd", ...ofInterface]) {
  if (wanted.length > 0 && !wanted.includes(name)) continue;
  if (ofInterface.includes(name)) {
    await ensureBuilt();
    // the server's own modules refuse to be loaded for a browser
    const conditions = name === "scale" ? ["--conditions=react-server"] : [];
    await run(process.execPath, [...conditions, "--import", "tsx", path.join(root, "bench", `${name}.ts`)]);
    continue;
  }
  // bundled, as the engine is wherever people meet it: calls between loose files are half as fast
  const outfile = path.join(root, "node_modules", ".cache", "golden-array", `${name}.mjs`);
  await build({
    entryPoints: [path.join(root, "bench", `${name}.ts`)],
    outfile,
    bundle: true,
    packages: "external",
    platform: "node",
    format: "esm",
    target: "node20",
    logLevel: "error",
  });
  await run(process.execPath, [outfile]);
}
