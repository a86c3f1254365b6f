import { spawn } from "node:child_process";
import { once } from "node:events";
import { createHash } from "node:crypto";
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from "node:fs";
import path from "node:path";
import { root } from "./root.mjs";

export { root };

/** Runs a command with its output shown; ends this process with its code when it fails. */
export async function run(
  /** @type {string} */ command,
  /** @type {string[]} */ args,
  /** @type {Record<string, string>} */ env = {},
) {
  const child = spawn(command, args, { cwd: root, stdio: "inherit", env: { ...process.env, ...env } });
  const [status] = await once(child, "exit");
  if (status !== 0) process.exit(status ?? 1);
}

/** Installs the packages of package-lock.json, unless exactly those are there already. */
export async function ensureInstalled() {
  await (
    await fetchPackages()
  ).compiled;
}

/**
 * Fetches the packages, unless exactly those are there already. One of them, the database, is compiled after that: it takes
 * one core two minutes, and all that only reads the source can go on beside it.
 */
export async function fetchPackages() {
  const stamp = path.join(root, "node_modules", ".golden-array-installed");
  const wanted = `${process.version} ${hashOf(["package-lock.json"])}`;
  if (read(stamp) === wanted) return { compiled: Promise.resolve() };
  console.log("Installing packages (a few minutes the first time; one of them is compiled)…");
  // not "npm ci": it refuses a lock file made where the registry lacks another system's optional binaries
  await run("npm", ["install", "--ignore-scripts", "--no-save", "--no-fund", "--no-audit", "--loglevel=error"], {
    NODE_ENV: "development",
  });
  // from source, so that nothing is fetched from outside the registry
  const compiled = run("npm", ["rebuild", "--loglevel=error"], {
    npm_config_build_from_source: "better-sqlite3",
    NODE_ENV: "development",
  }).then(() => writeFileSync(stamp, wanted));
  return { compiled };
}

/** Builds the application, unless this very source is built already. */
export async function ensureBuilt() {
  const stamp = path.join(root, ".next", "golden-array-built");
  const wanted = hashOf(["src", "scripts/serving", "package-lock.json", "next.config.ts", "tsconfig.json"]);
  if (read(stamp) === wanted) return;
  console.log("Building (about a minute the first time)…");
  await run(process.execPath, [path.join(root, "node_modules", "next", "dist", "bin", "next"), "build"], {
    NODE_ENV: "production",
    NEXT_TELEMETRY_DISABLED: "1",
  });
  // imported here: its bundler is there only once packages are installed
  const { buildKit } = await import("./serving/bundle-server.mjs");
  await buildKit();
  mkdirSync(path.dirname(stamp), { recursive: true });
  writeFileSync(stamp, wanted);
}

function hashOf(/** @type {string[]} */ names) {
  const hash = createHash("sha256");
  const add = (/** @type {string} */ name) => {
    const full = path.join(root, name);
    if (statSync(full).isDirectory()) for (const entry of readdirSync(full).sort()) add(path.join(name, entry));
    else if (!/\.test\.tsx?$/.test(name)) hash.update(name).update("\0").update(readFileSync(full)).update("\0");
  };
  for (const name of names) add(name);
  return hash.digest("hex");
}

function read(/** @type {string} */ file) {
  return existsSync(file) ? readFileSync(file, "utf8") : null;
}
