import { readFileSync } from "node:fs";
import next from "eslint-config-next";
import * as regexp from "eslint-plugin-regexp";
import tseslint from "typescript-eslint";

const onlyInTests = {
  selector: "ImportDeclaration[source.value='@/testing']",
  message: "what tests share is no part of the product",
};

const impureGlobals = [
  { name: "window", message: "core runs without a browser" },
  { name: "document", message: "core runs without a browser" },
  { name: "process", message: "core runs without Node" },
  { name: "performance", message: "time comes in as an argument" },
  { name: "crypto", message: "ids and randomness come in as arguments" },
  { name: "fetch", message: "core does no I/O" },
  { name: "localStorage", message: "core does no I/O" },
];

/** As the list has them that is written from the methods' files. */
const methodNames = readFileSync("src/core/plan/schemas/mounting-methods.ts", "utf8").match(/(?<=")\w+(?=")/g) ?? [];
const kindNames = ["marine", "strict", "rigid", "flexible", "thinFilm", "folding", "blanket"];

/** Methods, standards and kinds are objects with all their facts: what parts them is a fact there, not their name elsewhere. */
/** Every text a person reads stands in src/messages, one object a view, so that it can be read, checked and translated as a whole. */
const shown = "/^(label|title|aria-label|ariaLabel|helperText|placeholder|help|heading|alt|caption)$/";
const textsInMessages = [
  "JSXText[value=/[A-Za-z]{2}/]",
  `JSXAttribute[name.name=${shown}] > Literal[value=/[A-Za-z]{2}/]`,
  `JSXAttribute[name.name=${shown}] > JSXExpressionContainer > TemplateLiteral > TemplateElement[value.raw=/[A-Za-z]{2}/]`,
  "JSXElement > JSXExpressionContainer > Literal[value=/[A-Za-z]{2}/]",
  "JSXElement > JSXExpressionContainer > TemplateLiteral > TemplateElement[value.raw=/[A-Za-z]{2}/]",
  "JSXElement > JSXExpressionContainer > ConditionalExpression > Literal[value=/[A-Za-z]{2}/]",
  "JSXElement > JSXExpressionContainer > ConditionalExpression > TemplateLiteral > TemplateElement[value.raw=/[A-Za-z]{2}/]",
].map((selector) => ({ selector, message: "texts stand in src/messages/en" }));

const factsNotNames = ["BinaryExpression[operator=/^[!=]==$/]", "SwitchCase"].map((where) => ({
  selector: `${where} > Literal[value=/^(${[...methodNames, ...kindNames].join("|")})$/]`,
  message: "ask for a fact of the method, standard or kind",
}));

const config = [
  { ignores: [".next/**", "node_modules/**", "next-env.d.ts", "coverage/**", ".golden-array/**"] },
  ...next,
  ...tseslint.configs.strict.map((entry) => ({ ...entry, files: ["**/*.ts", "**/*.tsx"] })),
  {
    plugins: { regexp },
    rules: {
      eqeqeq: "error",
      "no-console": "error",
    },
  },
  {
    // an expression over what someone typed or sent must end in a time that grows with its length only
    files: ["src/**/*.ts", "src/**/*.tsx"],
    ignores: ["**/*.test.ts", "**/*.test.tsx"],
    rules: {
      "no-restricted-syntax": ["error", onlyInTests, ...factsNotNames],
      "regexp/no-super-linear-backtracking": ["error", { report: "potential" }],
      "regexp/no-super-linear-move": ["error", { report: "potential" }],
    },
  },
  {
    // its sums are worked out another way than the product's: from the names alone
    files: ["src/testing/**/*.ts"],
    rules: { "no-restricted-syntax": "off" },
  },
  {
    // a phone's connection is not encrypted, and browsers leave this out there
    files: ["src/features/**/*.ts", "src/features/**/*.tsx", "src/ui/**/*.ts", "src/ui/**/*.tsx"],
    rules: {
      "no-restricted-properties": ["error", { object: "crypto", property: "randomUUID", message: "newId() of @/ui" }],
    },
  },
  {
    files: ["src/features/**/*.tsx", "src/ui/**/*.tsx", "src/app/**/*.tsx"],
    rules: { "no-restricted-syntax": ["error", onlyInTests, ...factsNotNames, ...textsInMessages] },
  },
  {
    files: ["**/*.ts", "**/*.tsx"],
    rules: { "@typescript-eslint/consistent-type-imports": ["error", { fixStyle: "inline-type-imports" }] },
  },
  {
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-globals": ["error", ...impureGlobals],
      "no-restricted-properties": [
        "error",
        { object: "Math", property: "random" },
        { object: "Date", property: "now" },
      ],
      "no-restricted-syntax": [
        "error",
        onlyInTests,
        ...factsNotNames,
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: "time comes in as an argument" },
      ],
      "no-restricted-imports": [
        "error",
        {
          patterns: [
            {
              group: ["node:*", "fs", "path", "react", "react-dom", "next", "next/*", "@mui/*", "server-only"],
              message: "core is plain computation",
            },
          ],
        },
      ],
    },
  },
  // they are programs run by hand or by npm, and print for a living
  { files: ["scripts/**", "bench/**", "e2e/**"], rules: { "no-console": "off" } },
];

export default config;
