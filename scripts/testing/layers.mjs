import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import ts from "typescript";
import { root } from "../root.mjs";
import { coreOrder, features, floors, viewTexts } from "./house.mjs";

/**
 * Checks who imports whom, as house.mjs says it: a floor reaches the floors named for it, a folder of core those before it, a feature those
 * that are shared; a folder with an entry (`index.ts`) is entered by it alone, and exports there only what somebody imports; no files
 * import one another in a circle, by type neither.
 */

/** @typedef {{ readonly target: string, readonly names: readonly string[] | null }} Import names that are imported, * for all; null: at run time */

const sources = filesIn("src").filter((file) => /\.tsx?$/.test(file));
const others = ["e2e", "bench", "scripts"].flatMap(filesIn).filter((file) => /\.(ts|tsx|mjs)$/.test(file));
const known = new Set([...sources, ...others]);
const isTest = (/** @type {string} */ file) => /\.test\.tsx?$/.test(file);
const folderOf = path.posix.dirname;
/** @type {Map<string, Import[]>} */
const imports = new Map([...sources, ...others].map((file) => [file, importsOf(file)]));

const problems = [
  ...sources.filter((file) => !isTest(file)).flatMap(unplaced),
  ...sources
    .filter((file) => !isTest(file))
    .flatMap((file) => importsIn(file).flatMap(({ target }) => misplaced(file, target))),
  ...sources.flatMap((file) => importsIn(file).flatMap(({ target }) => besideEntry(file, target))),
  ...circles(),
  ...unusedExports(),
];
for (const problem of problems) console.error(problem);
console.log(`${sources.length} files, ${problems.length} problems`);
process.exitCode = problems.length > 0 ? 1 : 0;

/** @returns {string[]} */
function filesIn(/** @type {string} */ folder) {
  return readdirSync(path.join(root, folder), { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => path.relative(root, path.join(entry.parentPath, entry.name)).split(path.sep).join("/"));
}

function importsIn(/** @type {string} */ file) {
  return imports.get(file) ?? [];
}

/** @returns {Import[]} */
function importsOf(/** @type {string} */ file) {
  const text = readFileSync(path.join(root, file), "utf8");
  const source = ts.createSourceFile(file, text, ts.ScriptTarget.Latest, false);
  /** @type {Map<string, readonly string[] | null>} */
  const named = new Map();
  for (const statement of source.statements) {
    const from = /** @type {ts.ImportDeclaration | ts.ExportDeclaration} */ (statement).moduleSpecifier;
    if (from === undefined || !ts.isStringLiteral(from)) continue;
    const clause = ts.isImportDeclaration(statement)
      ? statement.importClause?.namedBindings
      : /** @type {ts.ExportDeclaration} */ (statement).exportClause;
    const elements = clause !== undefined && "elements" in clause ? clause.elements : null;
    const isWhole = clause !== undefined && ts.isNamespaceImport(clause);
    const names = isWhole ? ["*"] : (elements?.map(({ name, propertyName }) => (propertyName ?? name).text) ?? null);
    const before = named.get(from.text);
    named.set(
      from.text,
      before === undefined ? names : before === null || names === null ? null : [...before, ...names],
    );
  }
  // what is loaded at run time is not among the statements, nor are types named in comments
  const late = [...text.matchAll(/import\("([^"]+)"\)/g)].map(([, name = ""]) => ({ name, names: null }));
  return [...[...named].map(([name, names]) => ({ name, names })), ...late].flatMap(({ name, names }) => {
    const target = resolved(file, name);
    return target === null ? [] : [{ target, names }];
  });
}

function resolved(/** @type {string} */ from, /** @type {string} */ name) {
  const base = name.startsWith("@/")
    ? `src/${name.slice(2)}`
    : name.startsWith(".")
      ? path.posix.join(folderOf(from), name).replace(/\/$/, "")
      : null;
  if (base === null) return null;
  return (
    ["", ".ts", ".tsx", "/index.ts", "/index.tsx"].map((end) => base + end).find((file) => known.has(file)) ?? null
  );
}

/** A file on a floor, or in a folder of core, that house.mjs does not name would be held to nothing. @returns {string[]} */
function unplaced(/** @type {string} */ file) {
  const [, floor = ""] = file.split("/");
  const isPlaced = floor === "core" ? !Number.isNaN(placeInCore(file)) : floor in floors;
  return isPlaced ? [] : [`${file} lies where house.mjs names no folder`];
}

/** @returns {string[]} */
function misplaced(/** @type {string} */ file, /** @type {string} */ target) {
  const [, from = "", room = ""] = file.split("/");
  const [, to = "", otherRoom = ""] = target.split("/");
  if (from !== to) {
    const may = floors[from] ?? [];
    return may.includes(to)
      ? []
      : [`${file} reaches ${target}: src/${from} may import ${may.join(", ") || "nothing else"}`];
  }
  if (from === "core") {
    const [own, other] = [placeInCore(file), placeInCore(target)];
    return other <= own ? [] : [`${file} reaches ${target}: ${coreOrder[other]} comes after ${coreOrder[own]}`];
  }
  if (from === "features" && room !== otherRoom) {
    const may = features.shared[room] ?? [...Object.keys(features.shared), ...(features.borrowed[room] ?? [])];
    return may.includes(otherRoom)
      ? []
      : [`${file} reaches ${target}: ${room} may import ${may.join(", ") || "no other feature"}`];
  }
  return [];
}

/** The place of a file's folder in the order of core. What lies in none of them is placed nowhere, and so told (`unplaced`). */
function placeInCore(/** @type {string} */ file) {
  const [at] = coreOrder
    .map((folder, place) => ({ folder, place }))
    .filter(({ folder }) => file.startsWith(`src/core/${folder}/`))
    .sort((a, b) => b.folder.length - a.folder.length);
  return at?.place ?? Number.NaN;
}

/** What lies in a folder with an entry is reached by that, but from the folder around it, or by a test. @returns {string[]} */
function besideEntry(/** @type {string} */ file, /** @type {string} */ target) {
  // an entry holds what others use, and a test of the whole way may look into several rooms
  if (isTest(file)) return [];
  const [folder, around] = entered(target);
  if (folder === undefined || target === `${folder}/index.ts` || viewTexts.test(target)) return [];
  const isInside = file.startsWith(`${folder}/`) || (around !== undefined && file.startsWith(`${around}/`));
  return isInside ? [] : [`${file} reaches ${target} beside ${folder}/index.ts`];
}

/** The folders with an entry that a file lies in, the innermost first. */
function entered(/** @type {string} */ file) {
  const folders = file.split("/").map((_, k, parts) => parts.slice(0, k).join("/"));
  return folders.filter((folder) => known.has(`${folder}/index.ts`)).reverse();
}

/** Files that import one another in a circle, by Tarjan's algorithm. */
function circles() {
  /** @type {Map<string, number>} */
  const index = new Map();
  /** @type {Map<string, number>} */
  const low = new Map();
  /** @type {string[]} */
  const stack = [];
  /** @type {string[]} */
  const found = [];
  const visit = (/** @type {string} */ file) => {
    index.set(file, index.size);
    low.set(file, index.size - 1);
    stack.push(file);
    for (const { target } of importsIn(file)) {
      if (!index.has(target)) visit(target);
      if (stack.includes(target)) low.set(file, Math.min(low.get(file) ?? 0, low.get(target) ?? 0));
    }
    if (low.get(file) !== index.get(file)) return;
    const circle = stack.splice(stack.indexOf(file));
    if (circle.length > 1) found.push(`a circle of ${circle.length}: ${circle.sort().join(" ")}`);
  };
  for (const file of sources) if (!index.has(file)) visit(file);
  return found;
}

/** Names of entries that nobody outside of their folder imports. */
function unusedExports() {
  /** @type {Map<string, Set<string>>} */
  const used = new Map();
  for (const [file, all] of imports)
    for (const { target, names } of all) {
      if (!target.endsWith("/index.ts") || file.startsWith(`${folderOf(target)}/`)) continue;
      used.set(target, new Set([...(used.get(target) ?? []), ...(names ?? words(file))]));
    }
  return sources
    .filter((file) => file.endsWith("/index.ts") && !file.startsWith("src/testing/"))
    .flatMap((file) => {
      const names = exportsOf(file).filter(
        (name) => used.get(file)?.has(name) !== true && used.get(file)?.has("*") !== true,
      );
      return names.length === 0 ? [] : [`${file} exports what nobody imports: ${names.join(", ")}`];
    });
}

function words(/** @type {string} */ file) {
  return readFileSync(path.join(root, file), "utf8").match(/[\p{L}_$][\p{L}\p{N}_$]*/gu) ?? [];
}

/** @returns {string[]} */
function exportsOf(/** @type {string} */ file) {
  const source = ts.createSourceFile(file, readFileSync(path.join(root, file), "utf8"), ts.ScriptTarget.Latest, false);
  return source.statements.flatMap((statement) =>
    ts.isExportDeclaration(statement) &&
    statement.exportClause !== undefined &&
    ts.isNamedExports(statement.exportClause)
      ? statement.exportClause.elements.map(({ name }) => name.text)
      : [],
  );
}
