import { readdirSync, readFileSync, writeFileSync } from "node:fs";
import path from "node:path";
import { root } from "./root.mjs";

/**
 * Writes the lists that follow from what lies in a folder, so that nobody has to keep them: `npm run lists`. With `--check` it
 * only looks whether they are as they should be; `npm test` does that.
 */
const folder = path.join(root, "src/messages/en/rules");
const list = path.join(folder, "all.ts");
/** What is no rule's words. */
const others = ["all.ts", "index.ts", "rule-words.ts"];
const names = readdirSync(folder)
  .filter((name) => name.endsWith(".ts") && !name.endsWith(".test.ts") && !others.includes(name))
  .map((name) => name.slice(0, -3))
  .sort();
const text = [
  "// Written by `npm run lists` from the files beside it: not edited by hand.",
  ...names.map((name) => `export * from "./${name}";`),
  "",
].join("\n");

if (!process.argv.includes("--check")) writeFileSync(list, text);
else if (readFileSync(list, "utf8") !== text) {
  console.error("src/messages/en/rules/all.ts does not list what lies beside it: run `npm run lists`.");
  process.exitCode = 1;
}
