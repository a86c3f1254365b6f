import { existsSync, readdirSync, readFileSync, rmSync } from "node:fs";
import path from "node:path";
import { build, buildSync } from "esbuild";
import { root } from "../root.mjs";

/** What a test's global things are looked up through, a call into the runner each time; named once, they are as quick as elsewhere. */
const globals = ["Math", "Number", "Array", "Object", "Map", "Set", "WeakMap", "Float64Array", "Int32Array", "JSON"];
const named = `const { ${globals.join(", ")} } = globalThis; const Infinity = 1 / 0, NaN = 0 / 0, undefined = void 0;`;

/** @type {import("esbuild").BuildOptions} */
const options = {
  bundle: true,
  packages: "external",
  platform: "node",
  format: "cjs",
  target: "node20",
  jsx: "automatic",
  // the runner has no other doors than require
  supported: { "dynamic-import": false },
  loader: { ".css": "empty", ".module.css": "empty" },
  banner: { js: named },
  sourcemap: "inline",
  sourcesContent: false,
  logLevel: "error",
};

const bundles = path.join(root, "node_modules", ".cache", "golden-array-tests");
const bundleOf = (/** @type {string} */ file) =>
  path.join(bundles, path.relative(root, file).replace(/\.tsx?$/, ".js"));

/**
 * Bundles all tests of a folder at once, which reads each of our files once instead of once a test. Called before a run of all of
 * them; a run of some makes each when it comes to it.
 */
export async function bundleAll(
  /** @type {string} */ folder,
  /** @type {(file: string) => boolean} */ isTest,
  /** @type {boolean} */ isWhole,
) {
  rmSync(path.join(bundles, folder), { recursive: true, force: true });
  if (!isWhole) return;
  const entryPoints = readdirSync(path.join(root, folder), { recursive: true })
    .map((file) => path.join(folder, String(file)))
    .filter(isTest);
  await build({ ...options, entryPoints, absWorkingDir: root, outbase: root, outdir: bundles });
}

/**
 * How a test is made ready to run: with all of ours that it imports in one piece, as the engine is wherever people meet it. File by
 * file, what computes took two to three times as long.
 */
const transformer = {
  process(/** @type {string} */ _, /** @type {string} */ file) {
    const made = bundleOf(file);
    if (existsSync(made)) return { code: readFileSync(made, "utf8") };
    const { outputFiles } = buildSync({ ...options, entryPoints: [file], write: false });
    return { code: outputFiles?.[0]?.text ?? "" };
  },
  /** Never the same: what is bundled depends on more than the file. */
  getCacheKey: () => `${process.pid} ${process.hrtime.bigint()}`,
};

export default transformer;
