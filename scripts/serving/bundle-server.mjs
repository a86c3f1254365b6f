import path from "node:path";
import { build } from "esbuild";
import { root } from "../root.mjs";

/**
 * Parts of the server that run outside the framework, bundled beside its build: the door, what prepares a data folder, the
 * threads that read files.
 */
export const kitDir = path.join(root, ".next", "golden-array");
export const guardsFile = path.join(kitDir, "guards.mjs");
export const checkFile = path.join(kitDir, "check.mjs");
export const limitsFile = path.join(kitDir, "limits.mjs");
export const prepareFile = path.join(kitDir, "prepare.mjs");
export const phonesFile = path.join(kitDir, "phones.mjs");
export const readerFile = path.join(kitDir, "reader.mjs");
export const stickersFile = path.join(kitDir, "stickers.mjs");

/** The script of the sheet that is taken along: one file, for browsers. */
export const phoneSheetFile = path.join(kitDir, "phone-sheet.js");

/** Bundles a TypeScript module of this project into one file for Node. */
export function bundle(/** @type {string} */ entry, /** @type {string} */ outfile) {
  return build({
    entryPoints: [path.join(root, entry)],
    outfile,
    bundle: true,
    platform: "node",
    format: "esm",
    target: "node20",
    // the marker package that keeps server code out of browsers is empty under this condition
    conditions: ["react-server"],
    // they find their own parts beside themselves
    external: ["better-sqlite3", "sharp", "tesseract.js"],
    logLevel: "error",
  });
}

export function buildStickers() {
  return bundle("src/server/stickers/sticker.worker.ts", stickersFile);
}

export async function buildKit() {
  await bundle("scripts/serving/prepare.ts", prepareFile);
  await bundle("scripts/serving/check.ts", checkFile);
  await bundle("src/server/guards/index.ts", guardsFile);
  await bundle("src/core/bundle/limits.ts", limitsFile);
  await bundle("src/server/phones/index.ts", phonesFile);
  await bundle("src/server/reader/reader.worker.ts", readerFile);
  await buildStickers();
  await build({
    entryPoints: [path.join(root, "src/phone-sheet/main.ts")],
    outfile: phoneSheetFile,
    bundle: true,
    minify: true,
    platform: "browser",
    format: "iife",
    target: "es2020",
    tsconfig: path.join(root, "tsconfig.json"),
    logLevel: "error",
  });
}
