import { parseArgs } from "node:util";
import { ensureBuilt, fetchPackages } from "./setup.mjs";
import { conclude, ensureDebian, jest, tool } from "./testing/parts.mjs";

/**
 * Types, lint, unit tests, and the real interface in a real browser; everything is set up on the way. `--only NAME` runs
 * one of these parts, or else the tests whose file has NAME in its path.
 */
const { only } = parseArgs({ options: { only: { type: "string" } } }).values;
const parts = ["types", "lint", "unit", "interface"];
const files = only === undefined || parts.includes(only) ? [] : [only, "--passWithNoTests"];
const wanted = (/** @type {string} */ part) =>
  only === undefined || only === part || (files.length > 0 && part !== "types" && part !== "lint");

/** @type {("postgresql" | "ngspice" | "poppler-utils" | "librsvg2-bin" | "chromium-headless-shell")[]} */
const programs = [];
if (wanted("unit")) programs.push("postgresql", "ngspice", "poppler-utils", "librsvg2-bin");
if (wanted("interface")) programs.push("chromium-headless-shell", "poppler-utils");
const [{ compiled }] = await Promise.all([fetchPackages(), ensureDebian(...programs)]);
/** @type {import("./testing/parts.mjs").Tally[]} */
const tallies = [];
// one core each: what one tool takes, the others take together
tallies.push(...(await Promise.all([checks(), ...(wanted("lint") ? [lint()] : [])])).flat());
if (wanted("interface")) await ensureBuilt();
await compiled;
if (wanted("unit")) tallies.push(await jest("unit", ["--maxWorkers=2", ...files]));
if (wanted("interface")) {
  // forced to exit: a browser or server left by a failed test must not hold up the result
  tallies.push(await jest("interface", ["--config", "e2e/jest.config.mjs", "--maxWorkers=2", "--forceExit", ...files]));
}
conclude(tallies);

function lint() {
  return tool("lint", "eslint/bin/eslint.js", [".", "--max-warnings", "0"]);
}

async function checks() {
  /** @type {import("./testing/parts.mjs").Tally[]} */
  const done = [];
  if (wanted("types")) done.push(await tool("types", "typescript/bin/tsc", ["--noEmit"]));
  if (wanted("lint")) {
    done.push(await tool("format", "prettier/bin/prettier.cjs", ["--check", "--log-level", "warn", "."]));
    done.push(await tool("lock file", "../scripts/audit.mjs", ["--offline"]));
    done.push(await tool("layers", "../scripts/testing/layers.mjs", []));
    done.push(await tool("lists", "../scripts/lists.mjs", ["--check"]));
  }
  return done;
}
