import nextJest from "next/jest.js";

const createConfig = nextJest({ dir: "./" });

/** The real interface in a real browser, on a production build; two browsers and a server, a plan and pages of its own for each test. */
const configured = createConfig({
  rootDir: "..",
  testEnvironment: "node",
  globalSetup: "<rootDir>/e2e/harness/set-up.ts",
  globalTeardown: "<rootDir>/e2e/harness/tear-down.ts",
  testMatch: ["<rootDir>/e2e/**/*.e2e.ts"],
  testTimeout: 120_000,
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
  transformIgnorePatterns: ["/node_modules/(?!puppeteer-core)"],
});

const config = async () => {
  const { transform, ...others } = await configured();
  return { ...others, transform: { "\\.e2e\\.ts$": "<rootDir>/scripts/testing/bundle.mjs", ...transform } };
};

export default config;
