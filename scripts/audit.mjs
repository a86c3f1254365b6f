import { spawnSync } from "node:child_process";
import { readFileSync } from "node:fs";
import path from "node:path";
import { root } from "./root.mjs";

/**
 * Whether what the lock file names is what the registry serves: every package from the registry and nowhere else, under a
 * hash; with `npm run audit` also that the registry serves this very hash, whether it calls the version outdated, and what
 * it knows of weaknesses, where it tells.
 */
const registry = "https://registry.npmjs.org/";
const offline = process.argv.includes("--offline");
const atOnce = 12;

/** @typedef {{ name: string, version: string, resolved?: string, integrity?: string, link?: boolean }} Locked */

/** @type {{ packages: Record<string, Locked & { name?: string }> }} */
const lock = JSON.parse(readFileSync(path.join(root, "package-lock.json"), "utf8"));
const locked = Object.entries(lock.packages)
  .filter(([place]) => place !== "")
  .map(([place, entry]) => ({ ...entry, name: entry.name ?? place.slice(place.lastIndexOf("node_modules/") + 13) }));

/** @type {string[]} */
const problems = [];
for (const { name, version, resolved, integrity } of locked) {
  // without an address it is the registry's
  if (resolved !== undefined && !resolved.startsWith(registry)) problems.push(`${name} ${version} is from ${resolved}`);
  if (!integrity?.startsWith("sha512-")) problems.push(`${name} ${version} has no hash`);
}
/** @type {string[]} */
const notes = [];
if (!offline) {
  const queue = [...new Map(locked.map((each) => [`${each.name}@${each.version}`, each])).values()];
  await Promise.all(Array.from({ length: atOnce }, () => askFor(queue)));
  notes.push(weaknesses());
}
for (const each of [...notes, ...problems]) console.log(each);
console.log(`${locked.length} packages looked at, ${problems.length} problems`);
process.exit(problems.length === 0 ? 0 : 1);

/** Asks the registry for one package after another. */
async function askFor(/** @type {Locked[]} */ queue) {
  for (let next = queue.pop(); next !== undefined; next = queue.pop()) {
    const { name, version, integrity } = next;
    const response = await fetch(`${registry}${name.replace("/", "%2f")}/${version}`).catch(() => null);
    const served = response?.ok === true ? await response.json() : null;
    if (served === null) notes.push(`${name} ${version}: the registry does not serve it now`);
    else if (served.dist?.integrity !== integrity)
      problems.push(`${name} ${version}: the registry serves another hash`);
    if (served?.deprecated) notes.push(`${name} ${version}: ${served.deprecated}`);
  }
}

/** What the registry knows of weaknesses in these versions. */
function weaknesses() {
  const { stdout } = spawnSync("npm", ["audit", "--json"], { cwd: root, encoding: "utf8" });
  try {
    const { metadata, error } = JSON.parse(stdout);
    if (metadata === undefined)
      return `weaknesses: skipped, the registry does not tell (${error?.summary ?? "no answer"})`;
    const { vulnerabilities } = metadata;
    if (vulnerabilities.high + vulnerabilities.critical > 0)
      problems.push("weaknesses of high or critical weight: see npm audit");
    return `weaknesses: ${JSON.stringify(vulnerabilities)}`;
  } catch {
    return "weaknesses: skipped, the registry does not tell";
  }
}
