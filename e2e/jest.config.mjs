import nextJest from "next/jest.js";

const createConfig = nextJest({ dir: "./" });

/** The real interface in a real browser, on a production build. */
export default createConfig({
  rootDir: "..",
  testEnvironment: "node",
  testMatch: ["<rootDir>/e2e/**/*.e2e.ts"],
  testTimeout: 120_000,
  moduleNameMapper: { "^@/(.*)$": "<rootDir>/src/$1" },
  transformIgnorePatterns: ["/node_modules/(?!puppeteer-core)"],
});
