/** The checkout: tests are run from there. */
export const root = process.cwd();
