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
tool("types", "typescript/bin/tsc", ["--noEmit"]);
tool("lint", "eslint/bin/eslint.js", [".", "--max-warnings", "0"]);
jest("unit", []);
ensureChromium();
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

function execute(/** @type {string} */ bin, /** @type {string[]} */ args, /** @type {"inherit" | "ignore"} */ stdout = "inherit") {
  const { status } = spawnSync(process.execPath, [path.join(root, "node_modules", bin), ...args], { cwd: root, stdio: ["ignore", stdout, "inherit"], env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1" } });
  return status;
}

/** The browser the interface is tested in: Debian's own, installed if it is missing. */
function ensureChromium() {
  if (existsSync(process.env["CHROMIUM"] ?? "/usr/bin/chromium")) return;
  console.log("Installing Chromium from Debian…");
  const apt = (/** @type {string[]} */ args) => spawnSync("apt-get", args, { stdio: ["ignore", "ignore", "inherit"], env: { ...process.env, DEBIAN_FRONTEND: "noninteractive" } }).status;
  apt(["update"]);
  if (apt(["install", "-y", "--no-install-recommends", "chromium"]) !== 0) console.error("Chromium could not be installed; the interface tests need it at /usr/bin/chromium, or its path in CHROMIUM.");
}
