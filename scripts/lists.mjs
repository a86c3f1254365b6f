import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { root } from "./root.mjs";

/**
 * Writes the lists that follow from what lies in a folder, so that nobody has to keep them: `npm run lists`. With `--check` it
 * only looks whether they are as they should be; `npm test` does that.
 */
const rules = "src/messages/en/rules";
const methods = "src/core/mounting/methods";
const methodNames = namesIn(methods, ["all.ts", "index.ts", "method.ts"]);

const lists = new Map([
  [
    `${rules}/all.ts`,
    namesIn(rules, ["all.ts", "index.ts", "rule-words.ts"]).map((name) => `export * from "./${name}";`),
  ],
  [`${methods}/all.ts`, methodNames.map((name) => `export { ${camelCase(name)} } from "./${name}";`)],
  // plans name a method, and the document knows none of the rooms
  [
    "src/core/plan/schemas/mounting-methods.ts",
    ["export const mountingMethodIds = [", ...methodNames.map((name) => `  "${camelCase(name)}",`), "] as const;"],
  ],
]);

for (const [file, lines] of lists) {
  const text = ["// Written by `npm run lists` from the files in a folder: not edited by hand.", ...lines, ""].join(
    "\n",
  );
  if (!process.argv.includes("--check")) writeFileSync(path.join(root, file), text);
  else if (readFileSync(path.join(root, file), "utf8") !== text) {
    console.error(`${file} does not list what lies in its folder: run \`npm run lists\`.`);
    process.exitCode = 1;
  }
}

/** @param {string} folder @param {readonly string[]} others */
function namesIn(folder, others) {
  return readdirSync(path.join(root, folder))
    .filter((name) => name.endsWith(".ts") && !name.endsWith(".test.ts") && !others.includes(name))
    .map((name) => name.slice(0, -3))
    .sort();
}

/** @param {string} name */
function camelCase(name) {
  return name.replace(/-([a-z])/g, (_, /** @type {string} */ letter) => letter.toUpperCase());
}
