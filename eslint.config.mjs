import { readdirSync } from "node:fs";
import next from "eslint-config-next";
import importX from "eslint-plugin-import-x";
import * as regexp from "eslint-plugin-regexp";
import tseslint from "typescript-eslint";

/** Who may import whom, by folder; each line says what a folder must not reach. docs/ARCHITECTURE.md says why. */
const house = [
  {
    // the sheet's script goes out alone, into one file
    target: ["./src/core", "./src/roofsheet"],
    from: [
      "./src/app",
      "./src/features",
      "./src/ui",
      "./src/words",
      "./src/workers",
      "./src/server",
      "./src/api",
      "./src/standins",
    ],
  },
  {
    target: "./src/api",
    from: ["./src/app", "./src/features", "./src/ui", "./src/workers", "./src/server", "./src/standins"],
  },
  {
    target: "./src/words",
    from: ["./src/app", "./src/features", "./src/ui", "./src/workers", "./src/server", "./src/api", "./src/standins"],
  },
  {
    target: "./src/ui",
    from: ["./src/app", "./src/features", "./src/workers", "./src/server", "./src/api", "./src/standins"],
  },
  {
    target: "./src/cases",
    from: ["./src/app", "./src/features", "./src/ui", "./src/workers", "./src/server", "./src/api", "./src/standins"],
  },
  {
    target: ["./src/standins", "./src/practice"],
    from: ["./src/app", "./src/features", "./src/ui", "./src/words", "./src/workers", "./src/server", "./src/api"],
  },
  { target: "./src/workers", from: ["./src/app", "./src/features", "./src/ui", "./src/server", "./src/api"] },
  { target: "./src/server", from: ["./src/app", "./src/features", "./src/ui", "./src/workers"] },
  { target: "./src/features", from: ["./src/app", "./src/server"] },
];

/** Features that several stops use, and what each of them may use; they know no stop. */
/** @type {Record<string, string[]>} */
const shared = {
  asking: [],
  keep: [],
  desk: ["asking", "keep"],
  walk: [],
  standin: ["walk"],
  meter: [],
  board: ["desk", "window-chart"],
  papers: [],
  "roof-sheet": ["desk", "papers", "walk"],
  ledger: ["asking", "desk"],
  "window-chart": [],
  notebook: ["desk"],
  "part-price": ["desk"],
  year: ["asking", "desk"],
  finder: ["asking", "desk", "year"],
  reading: [],
};
/** Everything else, stops and pages beside the plan, uses the shared ones and no other, but for these. */
/** @type {Record<string, string[]>} */
const borrows = { library: ["panels", "input"] }; // its forms are theirs, so that a sheet is typed in one way only

const features = readdirSync(new URL("./src/features", import.meta.url));
const amongFeatures = features.map((name) => {
  const uses = [name, ...(shared[name] ?? [...Object.keys(shared), ...(borrows[name] ?? [])])];
  return {
    target: `./src/features/${name}`,
    from: features.filter((other) => !uses.includes(other)).map((other) => `./src/features/${other}`),
  };
});

/** A folder is entered by its index.ts only: the parts behind the door may move. */
const doors = {
  group: [
    "@/core/*/*",
    // what is read of a photo: most of the reading of texts needs none of it
    "!@/core/reading/photo",
    "@/features/*/*",
    "@/ui/*",
    "@/server/*/*",
    "@/api/*",
    "@/workers/*/*",
    "@/words/*",
    "../*/*",
    "!../../*",
    "../../*/*",
    "!../../../*",
    "../../../*/*",
  ],
  message: "import from the folder's index.ts",
};

const onlyInTests = {
  selector: "ImportDeclaration[source.value='@/testing']",
  message: "what tests share is no part of the product",
};

const clocksAndDice = [
  { name: "window", message: "core runs without a browser" },
  { name: "document", message: "core runs without a browser" },
  { name: "process", message: "core runs without Node" },
  { name: "performance", message: "time comes in as an argument" },
  { name: "crypto", message: "ids and randomness come in as arguments" },
  { name: "fetch", message: "core does no I/O" },
  { name: "localStorage", message: "core does no I/O" },
];

const config = [
  { ignores: [".next/**", "node_modules/**", "next-env.d.ts", "coverage/**", ".golden-array/**"] },
  ...next,
  ...tseslint.configs.strict.map((entry) => ({ ...entry, files: ["**/*.ts", "**/*.tsx"] })),
  {
    plugins: { "import-x": importX, regexp },
    settings: { "import-x/resolver": { typescript: { project: "./tsconfig.json" } } },
    rules: {
      "import-x/no-restricted-paths": ["error", { zones: [...house, ...amongFeatures] }],
      "import-x/no-cycle": ["error", { maxDepth: 6 }],
      "no-restricted-imports": ["error", { patterns: [doors] }],
      eqeqeq: "error",
      "no-console": "error",
    },
  },
  {
    // an expression over what someone typed or sent must end in a time that grows with its length only
    files: ["src/**/*.ts", "src/**/*.tsx"],
    ignores: ["**/*.test.ts", "**/*.test.tsx"],
    rules: {
      "no-restricted-syntax": ["error", onlyInTests],
      "regexp/no-super-linear-backtracking": ["error", { report: "potential" }],
      "regexp/no-super-linear-move": ["error", { report: "potential" }],
    },
  },
  {
    // a phone's connection is not encrypted, and browsers leave this out there
    files: ["src/features/**/*.ts", "src/features/**/*.tsx", "src/ui/**/*.ts", "src/ui/**/*.tsx"],
    rules: {
      "no-restricted-properties": ["error", { object: "crypto", property: "randomUUID", message: "newId() of @/ui" }],
    },
  },
  {
    files: ["**/*.ts", "**/*.tsx"],
    rules: { "@typescript-eslint/consistent-type-imports": ["error", { fixStyle: "inline-type-imports" }] },
  },
  {
    files: ["src/core/**/*.ts"],
    ignores: ["**/*.test.ts"],
    rules: {
      "no-restricted-globals": ["error", ...clocksAndDice],
      "no-restricted-properties": [
        "error",
        { object: "Math", property: "random" },
        { object: "Date", property: "now" },
      ],
      "no-restricted-syntax": [
        "error",
        onlyInTests,
        { selector: "NewExpression[callee.name='Date'][arguments.length=0]", message: "time comes in as an argument" },
      ],
      "no-restricted-imports": [
        "error",
        {
          patterns: [
            doors,
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
  { files: ["scripts/**", "bench/**", "e2e/**"], rules: { "no-console": "off", "no-restricted-imports": "off" } },
];

export default config;
