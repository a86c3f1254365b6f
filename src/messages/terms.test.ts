import { readdirSync, readFileSync } from "node:fs";
import path from "node:path";
import ts from "typescript";
import { bannedTerms, maxWords } from "./terms";

type Text = { readonly where: string; readonly text: string };

/** Every text of the catalogues: a sentence with numbers in it is told with "…" in their place. */
function messages(): readonly Text[] {
  const folder = path.join(process.cwd(), "src", "messages", "en");
  return readdirSync(folder, { recursive: true, encoding: "utf8" })
    .filter((name) => name.endsWith(".ts") && !name.endsWith(".test.ts"))
    .flatMap((name) => {
      const source = ts.createSourceFile(
        name,
        readFileSync(path.join(folder, name), "utf8"),
        ts.ScriptTarget.Latest,
        true,
      );
      const found: Text[] = [];
      const look = (node: ts.Node): void => {
        if (ts.isImportDeclaration(node) || ts.isExportDeclaration(node) || ts.isTypeNode(node)) return;
        const text = textOf(node);
        const { line } = source.getLineAndCharacterOfPosition(node.getStart());
        if (text !== null) found.push({ where: `${name}:${line + 1}`, text });
        ts.forEachChild(node, look);
      };
      look(source);
      return found;
    });
}

function textOf(node: ts.Node): string | null {
  if (ts.isStringLiteral(node) || ts.isNoSubstitutionTemplateLiteral(node)) return node.text;
  if (!ts.isTemplateExpression(node)) return null;
  return node.head.text + node.templateSpans.map(({ literal }) => `…${literal.text}`).join("");
}

/** What a person reads of the documentation: no code, no names of files. */
function documentation(): readonly Text[] {
  const pages = [
    "README.md",
    ...readdirSync("docs")
      .filter((name) => name.endsWith(".md"))
      .map((name) => `docs/${name}`),
  ];
  return pages.flatMap((page) => {
    const prose = readFileSync(page, "utf8").replace(/```[^]*?```/g, (code) => code.replace(/[^\n]/g, ""));
    return prose.split("\n").map((line, k) => ({
      where: `${page}:${k + 1}`,
      text: line.replace(/`[^`]*`|\]\([^)]*\)/g, ""),
    }));
  });
}

const all = messages();

test("the catalogues are found", () => {
  expect(all.length).toBeGreaterThan(2000);
});

test("no message uses a word that can be read two ways", () => {
  expect(wrongWords(all)).toEqual([]);
});

test("nor does the documentation", () => {
  expect(wrongWords(documentation())).toEqual([]);
});

function wrongWords(texts: readonly Text[]): readonly string[] {
  // a word by itself without a capital is a name in the code, not a text
  const read = texts.filter(({ text }) => /^[A-Z]|[\s ]/.test(text));
  return read.flatMap(({ where, text }) =>
    bannedTerms.flatMap(({ pattern, say }) => {
      const found = pattern.exec(text)?.[0];
      return found === undefined ? [] : [`${where}: “${found}”, say ${say}`];
    }),
  );
}

test(`no sentence has more than ${maxWords} words`, () => {
  const long = all.flatMap(({ where, text }) =>
    text
      .split(/[.?!:;](?:\s|$)/)
      .filter((sentence) => sentence.trim().split(/\s+/).length > maxWords)
      .map((sentence) => `${where}: ${sentence.trim()}`),
  );
  expect(long).toEqual([]);
});

/** There is a sentence of its own for one, or there are always two at least. */
const alwaysSeveral = /^(practice|best-wirings\/sentences|plans|string-board)\b/;

test("no number stands before a noun in the plural without a way to say one", () => {
  const fixed = all.flatMap(({ where, text }) => {
    const found = alwaysSeveral.test(where)
      ? null
      : /^… (panels|strings|inputs|entries|readings|rows|files|plans|days|weeks|months|cables|adapters|fuses)\b/.exec(
          text,
        );
    return found === null ? [] : [`${where}: ${text}`];
  });
  expect(fixed).toEqual([]);
});
