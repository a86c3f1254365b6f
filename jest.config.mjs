import nextJest from "next/jest.js";

const createConfig = nextJest({ dir: "./" });

/** Unit and repository tests. The browser tests have a configuration of their own in e2e/. */
const configured = createConfig({
  testEnvironment: "node",
  globalSetup: "<rootDir>/scripts/testing/unit-set-up.mjs",
  setupFiles: ["<rootDir>/scripts/testing/properties.mjs"],
  // a test that hangs ends, and one on a busy machine does not fail for its clock
  testTimeout: 120_000,
  testMatch: ["<rootDir>/src/**/*.test.ts", "<rootDir>/src/**/*.test.tsx"],
  moduleNameMapper: {
    "^@/(.*)$": "<rootDir>/src/$1",
    // outside Next this marker package refuses to load; here there is no client to keep it from
    "^server-only$": "<rootDir>/scripts/testing/empty.mjs",
  },
});

const config = async () => {
  const { transform, ...others } = await configured();
  return {
    ...others,
    // what is the server's own is not bundled: it asks where its files lie
    transform: { "/src/(?!server/).*\\.test\\.tsx?$": "<rootDir>/scripts/testing/bundle.mjs", ...transform },
    // the scale packages ship as modules only, which the framework's preset would leave untransformed
    transformIgnorePatterns: ["/node_modules/(?!(d3-[a-z-]+|internmap)/)"],
  };
};

export default config;
