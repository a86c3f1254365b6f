import { bundleAll } from "./bundle.mjs";

/** Before all unit tests. What is the server's own is not bundled: it asks where its files lie. */
export default function setUp(
  /** @type {{ testPathPatterns: { patterns: readonly string[] } }} */ { testPathPatterns },
) {
  const isTest = (/** @type {string} */ file) => /\.test\.tsx?$/.test(file) && !/^src[\\/]server[\\/]/.test(file);
  return bundleAll("src", isTest, testPathPatterns.patterns.length === 0);
}
