import { spawn } from "node:child_process";
import { once } from "node:events";
import { existsSync, mkdtempSync, readFileSync } from "node:fs";
import os from "node:os";
import path from "node:path";
import { root } from "../setup.mjs";

/** @typedef {{ passed: number, failed: number }} Tally */

const reports = mkdtempSync(path.join(os.tmpdir(), "golden-array-reports-"));

/**
 * Runs a tool that passes or fails as a whole. What it prints is shown when it ends, as others may run beside it.
 * @returns {Promise<Tally>}
 */
export async function tool(/** @type {string} */ name, /** @type {string} */ bin, /** @type {string[]} */ args) {
  const { status, output } = await run(bin, args, {}, "pipe");
  console.log(`\n== ${name}\n${output.trimEnd() || "nothing to say"}`);
  return status === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/**
 * Runs tests and counts them.
 * @returns {Promise<Tally>}
 */
export async function jest(
  /** @type {string} */ name,
  /** @type {string[]} */ args,
  /** @type {Record<string, string>} */ env = {},
) {
  console.log(`\n== ${name}`);
  const report = path.join(reports, `${name}.json`);
  const { status } = await run("jest/bin/jest.js", [...args, "--json", "--outputFile", report], env, "inherit");
  if (!existsSync(report)) return { passed: 0, failed: 1 };
  const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites, numTotalTestSuites } = JSON.parse(
    readFileSync(report, "utf8"),
  );
  const failed = numFailedTests + numRuntimeErrorTestSuites;
  if (numTotalTestSuites === 0 && args.includes("--passWithNoTests")) return { passed: 0, failed: 0 };
  // a runner that fails without a failed test (or with no test at all) has failed all the same
  return { passed: numPassedTests, failed: failed === 0 && (status !== 0 || numPassedTests === 0) ? 1 : failed };
}

/** Says how it went in one line, and ends this program. */
export function conclude(/** @type {Tally[]} */ tallies) {
  const sum = (/** @type {"passed" | "failed"} */ key) => tallies.reduce((total, tally) => total + tally[key], 0);
  console.log(`\n${sum("passed")} passed, ${sum("failed")} failed`);
  process.exit(sum("failed") === 0 && sum("passed") > 0 ? 0 : 1);
}

/** Programs of Debian that tests need, and what for. */
export const debian = {
  "poppler-utils": { program: "/usr/bin/pdftocairo", purpose: "what measures our printed sheets" },
  "librsvg2-bin": { program: "/usr/bin/rsvg-convert", purpose: "what reads our drawings" },
  postgresql: { program: "/usr/lib/postgresql", purpose: "the server for many our repositories are tried on" },
  ngspice: { program: "/usr/bin/ngspice", purpose: "the circuit simulator our netlists are checked in" },
  "chromium-headless-shell": {
    program: process.env["CHROMIUM"] ?? "/usr/bin/chromium-headless-shell",
    purpose: "the browser the interface is tested in",
  },
};

/** Installs what is missing of some Debian packages; waits for the network mostly, so that other work can go on beside it. */
export async function ensureDebian(/** @type {(keyof typeof debian)[]} */ ...names) {
  const missing = names.filter((name) => !existsSync(debian[name].program));
  if (missing.length === 0) return;
  for (const name of missing) console.log(`Installing ${name} from Debian: ${debian[name].purpose}…`);
  const env = { ...process.env, DEBIAN_FRONTEND: "noninteractive" };
  const apt = async (/** @type {string[]} */ args) => {
    const [status] = await once(spawn("apt-get", args, { stdio: ["ignore", "ignore", "inherit"], env }), "exit");
    return status;
  };
  await apt(["update"]);
  if ((await apt(["install", "-y", "--no-install-recommends", ...missing])) !== 0)
    console.error(`Not installed: ${missing.join(", ")}.`);
}

/** @returns {Promise<{ status: number | null, output: string }>} */
function run(
  /** @type {string} */ bin,
  /** @type {string[]} */ args,
  /** @type {Record<string, string>} */ env,
  /** @type {"pipe" | "inherit"} */ show,
) {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, [path.join(root, "node_modules", bin), ...args], {
      cwd: root,
      // a runner's report goes to a file and again to standard output, where nobody wants it
      stdio: ["ignore", show === "pipe" ? "pipe" : "ignore", show],
      env: { ...process.env, NEXT_TELEMETRY_DISABLED: "1", ...env },
    });
    let output = "";
    for (const stream of [child.stdout, child.stderr]) stream?.on("data", (chunk) => (output += String(chunk)));
    child.once("error", reject);
    child.once("exit", (status) => resolve({ status, output }));
  });
}
