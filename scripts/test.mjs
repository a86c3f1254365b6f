import { spawnSync } from "node:child_process";
import { existsSync, mkdtempSync, readFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { ensureBuilt, ensureInstalled, root } from "./setup.mjs";

/** Types, lint, unit tests, and the real interface in a real browser; everything is set up on the way. */
const reports = mkdtempSync(path.join(os.tmpdir(), "golden-array-reports-"));
let passed = 0;
let failed = 0;

ensureInstalled();
ensureDebian("/usr/bin/ngspice", "ngspice", "the circuit simulator our netlists are checked in");
tool("types", "typescript/bin/tsc", ["--noEmit"]);
tool("lint", "eslint/bin/eslint.js", [".", "--max-warnings", "0"]);
jest("unit", []);
ensureDebian(process.env["CHROMIUM"] ?? "/usr/bin/chromium", "chromium", "the browser the interface is tested in");
ensureBuilt();
// forced to exit: a browser or server left by a failed test must not hold up the result
jest("interface", ["--config", "e2e/jest.config.mjs", "--runInBand", "--forceExit"]);

console.log(`\n${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

function tool(/** @type {string} */ name, /** @type {string} */ bin, /** @type {string[]} */ args) {
  console.log(`\n== ${name}`);
  if (execute(bin, args) === 0) passed += 1;
  else failed += 1;
}

function jest(/** @type {string} */ name, /** @type {string[]} */ args) {
  console.log(`\n== ${name}`);
  const report = path.join(reports, `${name}.json`);
  const status = execute("jest/bin/jest.js", [...args, "--json", "--outputFile", report], "ignore");
  if (!existsSync(report)) {
    failed += 1;
    return;
  }
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = JSON.parse(readFileSync(report, "utf8"));
  passed += numPassedTests;
  failed += numFailedTests + numRuntimeErrorTestSuites;
  // a runner that fails without a failed test (or with no test at all) has failed all the same
  if ((status !== 0 && numFailedTests + numRuntimeErrorTestSuites === 0) || numPassedTests === 0) failed += 1;
}

function execute(
  /** @type {string} */ bin,
  /** @type {string[]} */ args,
  /** @type {"inherit" | "ignore"} */ stdout = "inherit",
) {
  const { status } = spawnSync(process.execPath, [path.join(root, "node_modules", bin), ...args], {
    cwd: root,
    stdio: ["ignore", stdout, "inherit"],
    env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1" },
  });
  return status;
}

/** Installs a Debian package when its program is missing. */
function ensureDebian(/** @type {string} */ program, /** @type {string} */ name, /** @type {string} */ purpose) {
  if (existsSync(program)) return;
  console.log(`Installing ${name} from Debian: ${purpose}…`);
  const apt = (/** @type {string[]} */ args) =>
    spawnSync("apt-get", args, {
      stdio: ["ignore", "ignore", "inherit"],
      env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" },
    }).status;
  apt(["update"]);
  if (apt(["install", "-y", "--no-install-recommends", name]) !== 0) console.error(`${name} could not be installed.`);
}
